package belonax;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.match.MatchRequest.TwinWish;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import belonax.thread.ThreadLabel;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What makes no sense is refused with a sentence that can stand on the screen. */
class BadInputTest {
    private static final double[] NO_QUANTITIES = {
        Double.NaN, -1, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, 1e9
    };

    @ParameterizedTest(name = "{0}")
    @MethodSource("senseless")
    void is_refused_with_a_sentence(String what, Runnable attempt) {
        BadInput refusal = catchThrowableOfType(BadInput.class, attempt::run);

        assertThat(refusal).as(what).isNotNull();
        assertThat(refusal.getMessage()).endsWith(".").hasSizeGreaterThan(30).doesNotContain("Exception", "null");
        assertThat(refusal.problems()).isNotEmpty();
    }

    static Stream<Arguments> senseless() {
        List<Arguments> all = new ArrayList<>();
        for (double quantity : NO_QUANTITIES) {
            add(all, "tex " + quantity, () -> new Tex(quantity));
            add(all, "weight " + quantity, () -> Cloths.woven(quantity));
            add(all, "stretch " + quantity, () -> Cloths.knit(200, quantity));
            add(all, "stitch width " + quantity, () -> poplinJob().stitchWidthMm(quantity));
            add(all, "twin spacing " + quantity, () -> new Twin(quantity, NeedleType.UNIVERSAL));
            add(all, "wished spacing " + quantity, () -> new TwinWish(quantity, 2));
            add(all, "hours " + quantity, () -> new NeedleInUse(universal(), quantity, false));
            add(all, "label tex " + quantity, () -> ThreadLabel.read("tex " + quantity));
        }
        add(all, "no layers", () -> new Layers(Cloths.woven(100), 0));
        add(all, "33 layers", () -> Stack.of(Cloths.woven(100), 33));
        add(all, "no cloths", () -> Stack.of(List.of()));
        add(all, "13 cloths", () -> Stack.of(Collections.nCopies(13, new Layers(Cloths.woven(100), 1))));
        add(all, "fewer layers at the crossing", () -> poplinJob().crossingLayers(1));
        add(all, "no systems", () -> poplinJob().systems(List.of()));
        add(all, "size 85", () -> NeedleSize.ofNm(85));
        add(all, "size 80/14", () -> NeedleSize.parse("80/14"));
        add(all, "unknown system", () -> NeedleSystem.of("999 X"));
        add(all, "a twin without spacing", () -> Needle.of(NeedleSystem.H_130_705, NeedleType.TWIN, NeedleSize.NM_80));
        add(
                all,
                "a single needle with spacing",
                () -> new Needle(
                        NeedleSystem.H_130_705,
                        NeedleType.JEANS,
                        NeedleSize.NM_90,
                        Optional.of(new Twin(4, NeedleType.JEANS))));
        add(all, "four needles", () -> new TwinWish(4, 4));
        add(all, "an unknown cloth", () -> ClothCatalogue.standard().get("moon-silk"));
        add(all, "an empty label", () -> ThreadLabel.read(""));
        add(all, "a long label", () -> ThreadLabel.read("x".repeat(10_000)));
        add(all, "a label with no number", () -> ThreadLabel.read("bonny blue"));
        add(all, "a ticket of 0", () -> ThreadLabel.read("Tkt 0"));
        add(
                all,
                "recovery of 200 %",
                () -> Cloth.described(Structure.KNIT, 200).recoveryPercent(200).build());
        return all.stream();
    }

    private static void add(List<Arguments> to, String what, Runnable attempt) {
        to.add(Arguments.of(what, attempt));
    }

    private static JobBuilder poplinJob() {
        return Job.sewing(Stack.of(Cloths.woven(115), 2), SewingThread.spunPolyester(25));
    }

    private static Needle universal() {
        return Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);
    }
}
