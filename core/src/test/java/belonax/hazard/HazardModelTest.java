package belonax.hazard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.NeedleNote;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class HazardModelTest {
    private static final HazardModel MODEL = HazardModel.standard();
    private static final Needle UNIVERSAL_80 =
            Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);

    @Test
    void every_factor_fires_somewhere_and_every_reason_reads_as_a_sentence() throws IOException {
        List<Factor> silent = new ArrayList<>(MODEL.factors());
        Set<String> reasons = new LinkedHashSet<>();
        List<NeedleInUse> needles = sampleNeedles();

        for (Job job : sampleJobs()) {
            for (Factor factor : MODEL.factors()) {
                factor.on(job)
                        .ifPresent(firing -> needles.stream()
                                .filter(needle -> factor.speaksOfKindOf(needle.needle()) && firing.weight(needle) != 0)
                                .forEach(needle -> {
                                    silent.remove(factor);
                                    reasons.add(firing.reason(needle));
                                }));
            }
        }

        assertThat(silent.stream().map(otherFactor -> otherFactor.hazard() + " of " + otherFactor.part()))
                .isEmpty();
        assertThat(reasons)
                .allMatch(text -> text.matches("[A-Z0-9].*\\."), "starts with a capital and ends with a stop");
        assertThat(reasons).noneMatch(text -> text.contains("null") || text.contains("NaN") || text.contains("  "));
        Files.createDirectories(Path.of("target"));
        Files.write(Path.of("target/reasons.txt"), reasons.stream().sorted().toList());
    }

    @Test
    void the_order_of_the_factors_does_not_change_the_harm() {
        List<Factor> shuffled = new ArrayList<>(MODEL.factors());
        Collections.shuffle(shuffled, new Random(7));
        HazardModel other = new HazardModel(shuffled);

        for (Job job : sampleJobs()) {
            NeedleInUse needle = NeedleInUse.fresh(UNIVERSAL_80);
            assertThat(other.predict(job, needle).expectedHarm())
                    .isCloseTo(MODEL.predict(job, needle).expectedHarm(), within(1e-9));
        }
    }

    @Test
    void reasons_and_chances_come_from_the_same_factors() {
        Job job = job("swim-knit", SewingThread.spunPolyester(25)).build();

        Prediction prediction = MODEL.predict(job, NeedleInUse.fresh(UNIVERSAL_80));

        double skipLogOdds = Math.log(0.015 / 0.985)
                + prediction.reasons().stream()
                        .filter(reason -> reason.hazard() == Hazard.SKIP)
                        .mapToDouble(Reason::weight)
                        .sum();
        assertThat(prediction.hazards().skip()).isCloseTo(Hazards.chance(skipLogOdds), within(0.02));
    }

    private static List<NeedleInUse> sampleNeedles() {
        List<NeedleInUse> needles = new ArrayList<>();
        for (NeedleSystem system : NeedleSystem.values()) {
            NeedleRange.standard().of(system).forEach(needle -> needles.add(NeedleInUse.fresh(needle)));
        }
        needles.add(new NeedleInUse(UNIVERSAL_80, 9, false));
        needles.add(new NeedleInUse(UNIVERSAL_80, 20, true));
        return needles;
    }

    private static List<Job> sampleJobs() {
        SewingThread usual = SewingThread.spunPolyester(25);
        List<Job> jobs = new ArrayList<>();
        for (Cloth cloth : ClothCatalogue.standard().all()) {
            jobs.add(Job.sewing(Stack.of(cloth, 2), usual).build());
        }
        for (Purpose purpose : Purpose.values()) {
            jobs.add(job("quilting-cotton", usual).purpose(purpose).build());
            jobs.add(job("single-jersey", usual).purpose(purpose).build());
            jobs.add(job("linen-loose", usual).purpose(purpose).build());
            jobs.add(job("canvas", usual).purpose(purpose).build());
        }
        threads().forEach(thread -> jobs.add(job("quilting-cotton", thread).build()));
        threads().forEach(thread -> jobs.add(job("rib", thread).build()));
        threads().forEach(thread -> jobs.add(job("stretch-poplin", thread).build()));
        jobs.add(job("canvas", usual).power(MotorPower.LIGHT).crossingLayers(8).build());
        jobs.add(job("canvas", usual).power(MotorPower.STRONG).build());
        jobs.add(job("canvas", usual)
                .brokenBefore(List.of(new BrokenBefore(UNIVERSAL_80, 1)))
                .build());
        jobs.add(job("poplin", usual)
                .plate(Plate.STRAIGHT)
                .stitchWidthMm(3)
                .slotMm(1.6)
                .build());
        jobs.add(job("canvas", usual).plate(Plate.STRAIGHT).build());
        jobs.add(joined("single-jersey", "poplin"));
        jobs.add(joined("poplin", "elastic-woven"));
        jobs.add(joined("swim-knit", "elastic-knit"));
        jobs.add(joined("suede", "single-jersey"));
        jobs.add(joined("leather-bag", "single-jersey"));
        jobs.add(joined("leather-thin", "denim-light"));
        jobs.add(joined("poplin", "zip-tape"));
        jobs.add(joined("quilting-cotton", "paper"));
        jobs.add(job("canvas", usual).stitchingAlready(4).build());
        jobs.add(Job.sewing(Stack.of(ClothCatalogue.standard().get("elastic-knit"), 2), usual)
                .build());
        jobs.add(Job.sewing(Stack.of(ClothCatalogue.standard().get("canvas"), 8), usual)
                .build());
        jobs.add(Job.sewing(Stack.of(ClothCatalogue.standard().get("leather-thin"), 2), usual)
                .purpose(Purpose.BUTTONHOLE)
                .build());
        jobs.add(Job.sewing(
                        Stack.of(ClothCatalogue.standard().get("batiste"), 1), usual.of(Fibre.METALLIC, Build.METALLIC))
                .purpose(Purpose.EMBROIDERY)
                .build());
        jobs.add(job("poplin", usual)
                .spoolNote(new NeedleNote(Optional.empty(), Optional.of(NeedleSize.NM_80)))
                .build());
        jobs.add(job("poplin", usual)
                .slotMm(5)
                .stitchWidthMm(3)
                .twinsAllowed(false)
                .build());
        jobs.add(Job.sewing(Stack.of(ClothCatalogue.standard().get("awning-cloth"), 6), usual)
                .build());
        return jobs;
    }

    private static Job joined(String cloth, String other) {
        return Job.sewing(
                        Stack.of(List.of(
                                new Layers(ClothCatalogue.standard().get(cloth), 1),
                                new Layers(ClothCatalogue.standard().get(other), 1))),
                        SewingThread.spunPolyester(25))
                .build();
    }

    private static Stream<SewingThread> threads() {
        SewingThread usual = SewingThread.spunPolyester(25);
        return Stream.of(
                SewingThread.spunPolyester(100),
                SewingThread.spunPolyester(6),
                usual.of(Fibre.METALLIC, Build.METALLIC),
                usual.of(Fibre.NYLON, Build.MONOFILAMENT),
                usual.of(Fibre.RAYON, Build.FILAMENT),
                usual.of(Fibre.COTTON, Build.SPUN),
                usual.of(Fibre.POLYESTER, Build.TEXTURED),
                usual.of(Fibre.COTTON, Build.WAXED),
                aged(20, Quality.GOOD, true),
                aged(1, Quality.CHEAP, false),
                aged(1, Quality.UNKNOWN, false));
    }

    private static SewingThread aged(double years, Quality quality, boolean inSun) {
        return new SewingThread(new Tex(25), Fibre.POLYESTER, Build.SPUN, OptionalDouble.of(years), quality, inSun);
    }

    private static JobBuilder job(String cloth, SewingThread thread) {
        return Job.sewing(Stack.of(ClothCatalogue.standard().get(cloth), 2), thread);
    }

    @Test
    void a_needle_that_broke_here_raises_the_chance_for_its_like_and_for_thinner_ones_alone() {
        Needle jeans90 = jeans(NeedleSize.NM_90);
        JobBuilder canvas =
                Job.sewing(Stack.of(ClothCatalogue.standard().get("canvas"), 4), SewingThread.spunPolyester(40));
        Job before = canvas.build();
        Job after = canvas.brokenBefore(List.of(new BrokenBefore(jeans90, 4))).build();

        assertThat(breaks(after, jeans90)).isGreaterThan(1.4 * breaks(before, jeans90));
        assertThat(breaks(after, jeans(NeedleSize.NM_80))).isGreaterThan(breaks(before, jeans(NeedleSize.NM_80)));
        assertThat(breaks(after, jeans(NeedleSize.NM_100))).isEqualTo(breaks(before, jeans(NeedleSize.NM_100)));
        assertThat(MODEL.predict(after, NeedleInUse.fresh(jeans90)).reasons())
                .anyMatch(reason ->
                        reason.text().startsWith("A needle like this one, or a thicker one, broke on this cloth here"));
    }

    private static Needle jeans(NeedleSize size) {
        return Needle.of(NeedleSystem.H_130_705, NeedleType.JEANS, size);
    }

    private static double breaks(Job job, Needle needle) {
        return MODEL.predict(job, NeedleInUse.fresh(needle)).hazards().breakage();
    }
}
