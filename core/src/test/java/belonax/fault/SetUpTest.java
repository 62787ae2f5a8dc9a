package belonax.fault;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.fault.FaultFinder.Ranked;
import belonax.fault.FaultFinder.Ranking;
import belonax.hazard.Job;
import belonax.machine.Plate;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is on the table speaks for causes and rules others out; what a good technician would never ask is not asked. */
class SetUpTest {
    private static final FaultFinder FINDER = FaultFinder.standard();
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final SewingThread POLYESTER = SewingThread.spunPolyester(25);
    private static final SetUp.Known ALL = new SetUp.Known(true, true, true);

    @Test
    void canvas_is_not_asked_for_a_stitch_with_give_nor_polyester_whether_cotton_shrank() {
        SetUp canvas = setUp("canvas", POLYESTER, universal(100));
        assertThat(ids(Symptom.SEAM_POPS, canvas)).doesNotContain(CheckId.STITCH_CHOICE);
        assertThat(ids(Symptom.PUCKER, canvas)).doesNotContain(CheckId.THREAD_SHRINKS);
        assertThat(ids(Symptom.SEAM_POPS, setUp("swim-knit", POLYESTER, universal(80))))
                .contains(CheckId.STITCH_CHOICE);
        assertThat(ids(Symptom.PUCKER, setUp("canvas", thread(Fibre.COTTON, Build.SPUN), universal(100))))
                .contains(CheckId.THREAD_SHRINKS);
    }

    @Test
    void what_cannot_show_what_is_seen_is_not_looked_for_whatever_else_is_so() {
        Trouble thump =
                Trouble.told(Set.of(Symptom.THUMP)).when(Set.of(When.ONE_SPOOL)).build();
        Trouble marks = Trouble.told(Set.of(Symptom.FOOT_MARKS))
                .when(Set.of(When.ONE_SPOOL))
                .build();

        assertThat(ids(thump)).doesNotContain(CheckId.BOBBIN_NEARLY_EMPTY, CheckId.THREAD_QUALITY);
        assertThat(ids(marks)).doesNotContain(CheckId.BOBBIN_NEARLY_EMPTY, CheckId.THREAD_QUALITY);
        assertThat(FINDER.rank(marks, SearchSchool.LIKELIEST_PER_MINUTE).causes())
                .noneMatch(suspect -> suspect.id() == CauseId.THREAD_OLD);
    }

    @Test
    void a_wrong_system_a_strike_and_a_twin_stand_before_everything_the_plate_among_the_first() {
        Needle other = Needle.of(NeedleSystem.HAX1SP, NeedleType.UNIVERSAL, NeedleSize.NM_80);
        assertThat(ids(Symptom.SKIPPED_STITCHES, setUp("poplin", POLYESTER, other)))
                .first()
                .isEqualTo(CheckId.NEEDLE_SYSTEM);
        assertThat(ids(Symptom.SKIPPED_STITCHES, setUp("poplin", POLYESTER, universal(80))))
                .doesNotContain(CheckId.NEEDLE_SYSTEM);

        Trouble struck = Trouble.told(Set.of(Symptom.TOP_THREAD_BREAKS))
                .needle(OptionalDouble.of(1), true)
                .build();
        assertThat(ids(struck).subList(0, 3)).startsWith(CheckId.NEEDLE_REPLACE).contains(CheckId.PLATE_BURR);
        assertThat(ids(Trouble.of(Symptom.NEEDLE_BREAKS)).subList(0, 4)).contains(CheckId.PLATE_BURR);

        Needle twin = Needle.of(NeedleSystem.H_130_705, NeedleType.TWIN, 80, Optional.of(4.0), Optional.empty());
        assertThat(ids(Symptom.CLICK, setUp("poplin", POLYESTER, twin))).first().isEqualTo(CheckId.TWIN_CLEARANCE);
        assertThat(ids(Symptom.CLICK, setUp("poplin", POLYESTER, universal(80))))
                .doesNotContain(CheckId.TWIN_CLEARANCE);
    }

    @Test
    void too_fine_and_too_thick_are_read_in_their_own_direction() {
        Ranking fine = rank(Symptom.TOP_THREAD_BREAKS, setUp("canvas", SewingThread.spunPolyester(80), universal(70)));
        Ranking thick = rank(Symptom.HOLES, setUp("chiffon", POLYESTER, universal(110)));

        assertThat(chance(fine, CauseId.NEEDLE_TOO_FINE)).isGreaterThan(0.3);
        assertThat(chance(fine, CauseId.NEEDLE_TOO_THICK)).isLessThan(0.05);
        assertThat(chance(thick, CauseId.NEEDLE_TOO_THICK)).isGreaterThan(0.3);
        assertThat(chance(thick, CauseId.NEEDLE_TOO_FINE)).isLessThan(0.05);
    }

    @Test
    void metallic_that_frays_asks_for_needle_and_eye_before_the_thread_is_blamed() {
        SetUp metallic = setUp("poplin", thread(Fibre.METALLIC, Build.METALLIC), universal(80));
        Ranking frays = rank(Symptom.THREAD_SHREDS, metallic);

        assertThat(chance(frays, CauseId.WRONG_TYPE)).isGreaterThan(chance(frays, CauseId.THREAD_OLD));
        assertThat(ids(Symptom.THREAD_SHREDS, metallic).indexOf(CheckId.NEEDLE_TYPE))
                .isLessThan(ids(Symptom.THREAD_SHREDS, metallic).indexOf(CheckId.THREAD_QUALITY));
    }

    @Test
    void a_needle_that_has_not_sewn_is_not_worn_and_a_proven_dial_was_fiddled_with_by_nobody() {
        Trouble fresh = Trouble.told(Set.of(Symptom.SKIPPED_STITCHES))
                .needle(OptionalDouble.of(0), false)
                .build();
        Ranking loops = rank(Symptom.LOOPS_BELOW, SetUp.UNKNOWN);
        Ranking proven = rank(Symptom.LOOPS_BELOW, SetUp.UNKNOWN.withProvenDial());

        assertThat(chance(FINDER.rank(fresh, SearchSchool.LIKELIEST_PER_MINUTE), CauseId.NEEDLE_WORN))
                .isLessThan(0.1);
        assertThat(chance(loops, CauseId.DIAL_OFF)).isGreaterThan(0.1);
        assertThat(chance(proven, CauseId.DIAL_OFF)).isLessThan(0.02);
    }

    @Test
    void a_needle_that_swings_in_a_round_hole_strikes() {
        Job swings = Job.sewing(Stack.of(CLOTHS.get("poplin"), 2), POLYESTER)
                .plate(Plate.STRAIGHT)
                .stitchWidthMm(3)
                .build();
        SetUp setUp = SetUp.of(swings, Optional.of(universal(80)), ALL);

        assertThat(chance(rank(Symptom.CLICK, setUp), CauseId.NEEDLE_HITS)).isGreaterThan(0.4);
    }

    @Test
    void a_hot_smell_asks_for_the_plug_and_for_nothing_else() {
        Ranking smoke = FINDER.rank(
                Trouble.of(Symptom.HOT_OR_SMOKE, Symptom.SKIPPED_STITCHES), SearchSchool.LIKELIEST_PER_MINUTE);

        assertThat(smoke.checks()).isEmpty();
        assertThat(smoke.causes()).isEmpty();
        assertThat(smoke.lastTry()).isEmpty();
        assertThat(smoke.stop().orElseThrow()).startsWith("Plug out at once and leave it out");
    }

    @ParameterizedTest
    @EnumSource(value = Symptom.class, mode = EnumSource.Mode.EXCLUDE, names = "HOT_OR_SMOKE")
    void after_about_ten_sensible_checks_it_is_no_longer_hers(Symptom symptom) {
        List<CheckId> none = new ArrayList<>();
        Ranking ranking = FINDER.rank(Trouble.of(symptom), SearchSchool.LIKELIEST_PER_MINUTE);
        while (ranking.stop().isEmpty()) {
            none.add(ranking.checks().get(0).check().id());
            ranking = FINDER.rank(Trouble.of(symptom).after(none, List.of()), SearchSchool.LIKELIEST_PER_MINUTE);
        }
        assertThat(none).hasSizeLessThanOrEqualTo(14);
        while (ranking.lastTry().isPresent()) {
            none.add(ranking.lastTry().get().check().id());
            ranking = FINDER.rank(Trouble.of(symptom).after(none, List.of()), SearchSchool.LIKELIEST_PER_MINUTE);
        }
        assertThat(ranking.checks())
                .noneMatch(ranked -> none.contains(ranked.check().id()));
    }

    @ParameterizedTest
    @EnumSource(CheckId.class)
    void where_case_hook_or_plate_comes_out_the_needle_is_up_and_the_plug_out(CheckId id) {
        Check check = FINDER.table().check(id);
        String all = String.join(" ", check.steps()).toLowerCase(java.util.Locale.ROOT);
        boolean opens = all.matches(
                "(?s).*(case out|case comes|plate off|plate and bobbin|turn the hook|hang the case|out of its case).*");

        if (opens && check.who() == Check.Who.OWNER) {
            assertThat(all + String.join(" ", check.cautions()).toLowerCase(java.util.Locale.ROOT))
                    .containsAnyOf("needle up", "needle and foot out")
                    .containsAnyOf("plug out", "power off");
        }
    }

    private static SetUp setUp(String cloth, SewingThread thread, Needle needle) {
        Job job = Job.sewing(Stack.of(CLOTHS.get(cloth), 2), thread).build();
        return SetUp.of(job, Optional.of(needle), ALL);
    }

    private static SewingThread thread(Fibre fibre, Build build) {
        return new SewingThread(new Tex(25), fibre, build, OptionalDouble.empty(), Quality.GOOD, false);
    }

    private static Needle universal(int nm) {
        return Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.ofNm(nm));
    }

    private static List<CheckId> ids(Symptom symptom, SetUp setUp) {
        return ids(Trouble.told(Set.of(symptom)).setUp(setUp).build());
    }

    private static List<CheckId> ids(Trouble trouble) {
        return FINDER.rank(trouble, SearchSchool.LIKELIEST_PER_MINUTE).checks().stream()
                .map(Ranked::check)
                .map(Check::id)
                .toList();
    }

    private static Ranking rank(Symptom symptom, SetUp setUp) {
        return FINDER.rank(Trouble.told(Set.of(symptom)).setUp(setUp).build(), SearchSchool.LIKELIEST_PER_MINUTE);
    }

    private static double chance(Ranking ranking, CauseId cause) {
        return ranking.causes().stream()
                .filter(suspect -> suspect.id() == cause)
                .mapToDouble(FaultFinder.Suspect::probability)
                .findFirst()
                .orElse(0);
    }
}
