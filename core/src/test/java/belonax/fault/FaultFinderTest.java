package belonax.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.balance.BobbinPull.Pull;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.fault.FaultFinder.Ranked;
import belonax.fault.FaultFinder.Ranking;
import belonax.fault.Glance.Look;
import belonax.fault.Trouble.BrokenHere;
import belonax.fault.Trouble.MachineState;
import belonax.hazard.HazardModel;
import belonax.hazard.Job;
import belonax.machine.BobbinKind;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.SewingThread;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class FaultFinderTest {
    private static final FaultFinder FINDER = FaultFinder.standard();
    private static final Check CHECK = FINDER.table().check(CheckId.CLAMP);

    @ParameterizedTest(name = "{0} | {1} | {2} → {3}")
    @MethodSource("cases")
    void the_check_that_a_technician_would_do_first_is_among_the_first_two(
            String symptoms, String when, String known, String first, String second) {
        Trouble trouble = trouble(symptoms, when, known);
        List<CheckId> wanted = words(first).stream().map(CheckId::named).toList();

        List<CheckId> firstTwo = ids(trouble).stream().limit(2).toList();

        assertThat(firstTwo).containsAnyElementsOf(wanted);
        if (!second.isEmpty()) {
            Trouble cured = trouble.after(List.of(), List.of(wanted.get(0)));
            assertThat(ids(cured).stream().limit(6)).contains(CheckId.named(second));
        }
    }

    @Test
    void the_sums_agree_with_adding_up_every_set_of_causes() {
        SplittableRandom random = new SplittableRandom(17);
        for (int round = 0; round < 30; round++) {
            List<Symptom> symptoms =
                    List.of(Symptom.values()[random.nextInt(8)], Symptom.values()[8 + random.nextInt(8)], Symptom.JAM);
            List<Clue> seen = new ArrayList<>(symptoms);
            seen.add(Glance.SPOOL);
            List<Cause> causes = new ArrayList<>();
            double[] prior = new double[9];
            for (int c = 0; c < prior.length; c++) {
                Map<Symptom, Double> shows = new HashMap<>();
                symptoms.forEach(
                        symptom -> shows.put(symptom, random.nextDouble() < 0.6 ? random.nextDouble() * 0.9 : 0));
                Map<Glance, Double> standsOut = Map.of(Glance.SPOOL, random.nextDouble() * 0.9);
                causes.add(new Cause(
                        CauseId.values()[c],
                        "cause " + c,
                        0.1,
                        CHECK,
                        Optional.empty(),
                        Known.NOTHING,
                        shows,
                        Map.of(),
                        standsOut));
                prior[c] = 0.4 * random.nextDouble();
            }
            int[] group = {1, 4, 7};

            NoisyOrNetwork.Posterior sums = new NoisyOrNetwork(prior, causes, seen).posterior(List.of(group));

            double all = 0;
            double any = 0;
            double[] with = new double[prior.length];
            for (int set = 0; set < 1 << prior.length; set++) {
                double chance = chance(set, prior, causes, seen);
                all += chance;
                any += (set & (1 << 1 | 1 << 4 | 1 << 7)) != 0 ? chance : 0;
                for (int c = 0; c < with.length; c++) {
                    with[c] += (set >> c & 1) == 1 ? chance : 0;
                }
            }
            for (int c = 0; c < with.length; c++) {
                assertThat(sums.cause(c)).isCloseTo(with[c] / all, within(1e-9));
            }
            assertThat(sums.group(0)).isCloseTo(any / all, within(1e-9));
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void chances_stay_within_bounds_a_check_made_never_returns_and_every_search_ends(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
        for (int i = 0; i <= random.nextInt(5); i++) {
            symptoms.add(Symptom.values()[random.nextInt(Symptom.values().length)]);
        }
        Trouble trouble = Trouble.of(symptoms.toArray(Symptom[]::new));
        List<CheckId> none = new ArrayList<>();
        List<CheckId> cured = new ArrayList<>();
        SearchSchool school = SearchSchool.values()[random.nextInt(5)];
        int made = 0;
        Ranking ranking = FINDER.rank(trouble, school);
        while (!ranking.checks().isEmpty()) {
            assertThat(ranking.checks()).allMatch(ranked -> ranked.probability() >= 0 && ranked.probability() <= 1);
            assertThat(ranking.causes()).allMatch(suspect -> suspect.probability() >= 0 && suspect.probability() <= 1);
            CheckId next = ranking.checks().get(0).check().id();
            assertThat(none).doesNotContain(next);
            assertThat(cured).doesNotContain(next);
            (random.nextInt(6) == 0 ? cured : none).add(next);
            ranking = FINDER.rank(trouble.after(none, cured), school);
            made++;
        }
        assertThat(made).isLessThanOrEqualTo(FINDER.table().checks().size());
        assertThat(ranking.stop()).isPresent();
    }

    @Test
    void evidence_for_a_cause_never_lowers_it() {
        for (Symptom symptom : Symptom.values()) {
            double before = -1;
            for (double hours = 0; hours <= 20; hours++) {
                double now = chance(needle(symptom, hours, false), CauseId.NEEDLE_WORN);
                assertThat(now).isGreaterThanOrEqualTo(before);
                before = now;
            }
            assertThat(chance(needle(symptom, 3, true), CauseId.NEEDLE_BENT))
                    .isGreaterThanOrEqualTo(chance(needle(symptom, 3, false), CauseId.NEEDLE_BENT));
            Trouble curedBefore = Trouble.told(Set.of(symptom))
                    .cures(Map.of(CheckId.DISCS_CLEAN, 4))
                    .build();
            assertThat(chance(curedBefore, CauseId.DISCS_DIRTY))
                    .isGreaterThanOrEqualTo(chance(Trouble.of(symptom), CauseId.DISCS_DIRTY));
        }
    }

    @Test
    void a_no_lowers_what_was_looked_for_and_raises_the_rest_and_a_cure_goes_on_with_what_is_left() {
        Trouble skips = Trouble.of(Symptom.SKIPPED_STITCHES);
        double needle = probability(skips, CheckId.NEEDLE_REPLACE);
        double seated = probability(skips, CheckId.NEEDLE_SEATED);

        Trouble no = skips.after(List.of(CheckId.NEEDLE_REPLACE), List.of());
        Trouble cured = skips.after(List.of(), List.of(CheckId.NEEDLE_REPLACE));

        assertThat(chance(no, CauseId.NEEDLE_WORN)).isLessThan(needle);
        assertThat(probability(no, CheckId.NEEDLE_SEATED)).isGreaterThan(seated);
        assertThat(probability(cured, CheckId.NEEDLE_SEATED)).isGreaterThan(probability(no, CheckId.NEEDLE_SEATED));
        assertThat(chance(cured, CauseId.NEEDLE_WORN)).isZero();
    }

    @Test
    void what_stands_out_at_a_glance_is_evidence_and_what_looks_right_speaks_against_its_causes() {
        for (Glance glance : Glance.values()) {
            for (Cause cause : FINDER.table().causes()) {
                if (glance.shownBy(cause) < 0.5) {
                    continue; // What hardly stands out may gain or lose by what the others of its part do.
                }
                for (Symptom symptom : cause.shows().keySet()) {
                    double before = chance(Trouble.of(symptom), cause.id());
                    assertThat(chance(seen(symptom, glance, Look.RIGHT), cause.id()))
                            .isLessThanOrEqualTo(before);
                    assertThat(chance(seen(symptom, glance, Look.WRONG), cause.id()))
                            .isGreaterThanOrEqualTo(before);
                }
            }
        }
        Trouble low = seen(Symptom.SKIPPED_STITCHES, Glance.NEEDLE, Look.WRONG);
        assertThat(ids(low)).first().isEqualTo(CheckId.NEEDLE_SEATED);
        Trouble putRight = low.after(List.of(), List.of(CheckId.NEEDLE_SEATED));
        Trouble noGlance = Trouble.of(Symptom.SKIPPED_STITCHES).after(List.of(), List.of(CheckId.NEEDLE_SEATED));
        assertThat(chance(putRight, CauseId.NEEDLE_BENT)).isEqualTo(chance(noGlance, CauseId.NEEDLE_BENT));
    }

    @Test
    void after_broken_needles_the_plate_is_suspect_and_a_missing_piece_may_lie_inside() {
        Set<Symptom> frays = Set.of(Symptom.THREAD_SHREDS);
        double before = -1;
        for (int count = 0; count <= 6; count++) {
            Trouble told =
                    Trouble.told(frays).broken(new BrokenHere(count, false)).build();
            assertThat(chance(told, CauseId.PLATE_NICKED)).isGreaterThanOrEqualTo(before);
            before = chance(told, CauseId.PLATE_NICKED);
        }
        assertThat(before).isGreaterThan(2 * chance(Trouble.told(frays).build(), CauseId.PLATE_NICKED));
        Trouble missing = Trouble.told(Set.of(Symptom.JAM))
                .broken(new BrokenHere(1, true))
                .build();
        assertThat(ids(missing)).first().isEqualTo(CheckId.FOREIGN_OBJECT);
    }

    @ParameterizedTest
    @CsvSource({"LOOPS_BELOW, TIGHT, BOBBIN_TOO_TIGHT", "DOTS_ON_TOP, LOOSE, BOBBIN_TOO_LOOSE"})
    void a_bobbin_is_blamed_as_its_pull_was_found(Symptom seen, Pull wrong, CauseId cause) {
        double unknown = chance(withPull(seen, Optional.empty()), cause);
        double right = chance(withPull(seen, Optional.of(Pull.RIGHT)), cause);

        assertThat(chance(withPull(seen, Optional.of(wrong)), cause)).isGreaterThan(4 * unknown);
        assertThat(right).isLessThan(unknown / 4);
        Trouble opposite = withPull(seen, Optional.of(wrong == Pull.TIGHT ? Pull.LOOSE : Pull.TIGHT));
        assertThat(chance(opposite, cause)).isLessThanOrEqualTo(right);
        assertThat(ids(opposite).stream().limit(4)).doesNotContain(CheckId.BOBBIN_TENSION);
    }

    private static Trouble withPull(Symptom seen, Optional<Pull> pull) {
        return trouble(
                seen.name(), "", pull.map(otherPull -> "pull=" + otherPull).orElse(""));
    }

    @Test
    void the_very_factors_that_predict_a_hazard_blame_their_part_once_it_came_true() {
        Job job = Job.sewing(Stack.of(ClothCatalogue.standard().get("swim-knit"), 2), SewingThread.spunPolyester(25))
                .build();
        Needle universal = Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);
        Trouble skips = Trouble.of(Symptom.SKIPPED_STITCHES);

        Trouble known = Trouble.told(skips.symptoms())
                .reasons(HazardModel.standard()
                        .predict(job, NeedleInUse.fresh(universal))
                        .reasons())
                .build();

        assertThat(chance(known, CauseId.WRONG_TYPE)).isGreaterThan(2 * chance(skips, CauseId.WRONG_TYPE));
        assertThat(ids(known)).first().isEqualTo(CheckId.NEEDLE_TYPE);
    }

    @Test
    void safety_comes_first_and_who_may_do_what_is_kept() {
        for (SearchSchool school : SearchSchool.values()) {
            assertThat(FINDER.rank(Trouble.of(Symptom.METAL_NOISE, Symptom.GRUNT), school).checks().stream()
                            .limit(3)
                            .map(ranked -> ranked.check().id()))
                    .containsExactly(CheckId.FOREIGN_OBJECT, CheckId.NEEDLE_REPLACE, CheckId.NEEDLE_SEATED);
        }
        Trouble computer = Trouble.told(Set.of(Symptom.GRUNT))
                .machine(state(MachineKind.COMPUTER_CONTROLLED, BobbinKind.SEALED))
                .build();
        assertThat(FINDER.rank(computer, SearchSchool.LIKELIEST_PER_MINUTE).checks())
                .filteredOn(ranked -> ranked.check().id() == CheckId.OIL)
                .allMatch(ranked -> ranked.check().who() == Check.Who.TECHNICIAN);
        assertThat(ids(computer)).doesNotContain(CheckId.BOBBIN_CASE_POSITION, CheckId.BOBBIN_TENSION);
    }

    @Test
    void it_stops_when_what_is_left_for_home_hands_is_less_likely_than_a_technicians_part() {
        Trouble skips = Trouble.of(Symptom.SKIPPED_STITCHES, Symptom.BOBBIN_NOT_PICKED_UP);
        List<CheckId> none = new ArrayList<>();
        Ranking ranking = FINDER.rank(skips, SearchSchool.LIKELIEST_PER_MINUTE);
        while (ranking.stop().isEmpty()) {
            none.add(ranking.checks().get(0).check().id());
            ranking = FINDER.rank(skips.after(none, List.of()), SearchSchool.LIKELIEST_PER_MINUTE);
        }
        assertThat(none).hasSizeBetween(4, 14).contains(CheckId.NEEDLE_SEATED);
        assertThat(ranking.lastTry().orElseThrow().check().id()).isEqualTo(CheckId.NEEDLE_REPLACE);
        none.add(CheckId.NEEDLE_REPLACE);
        ranking = FINDER.rank(skips.after(none, List.of()), SearchSchool.LIKELIEST_PER_MINUTE);
        assertThat(ranking.stop().orElseThrow()).contains("the note of the " + none.size() + " checks made");
    }

    @Test
    void a_trouble_without_a_symptom_is_none() {
        assertThatThrownBy(() -> Trouble.of()).isInstanceOf(BadInput.class);
    }

    static IntStream seeds() {
        return IntStream.range(0, 25);
    }

    static Stream<org.junit.jupiter.params.provider.Arguments> cases() throws IOException {
        try (InputStream in = FaultFinderTest.class.getResourceAsStream("worked-cases.txt")) {
            String text = new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
            return text
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(line -> line.split("\\|", -1))
                    .map(values -> org.junit.jupiter.params.provider.Arguments.of(
                            values[0].strip(),
                            values[1].strip(),
                            values[2].strip(),
                            values[3].strip(),
                            values[4].strip()))
                    .toList()
                    .stream();
        }
    }

    private static Trouble trouble(String symptoms, String when, String known) {
        Map<String, String> facts = new HashMap<>();
        words(known).forEach(word -> facts.put(word.split("=")[0], word.contains("=") ? word.split("=")[1] : ""));
        Map<CheckId, Integer> cures = new HashMap<>();
        if (facts.containsKey("cures")) {
            String[] pair = facts.getOrDefault("cures", ":").split(":");
            cures.put(CheckId.named(pair[0]), Integer.parseInt(pair[1]));
        }
        return Trouble.told(new HashSet<>(
                        words(symptoms).stream().map(Symptom::valueOf).toList()))
                .when(new HashSet<>(words(when).stream().map(When::valueOf).toList()))
                .glance(glance(facts))
                .needle(number(facts, "hours"), facts.containsKey("struck"))
                .threadAgeYears(number(facts, "age"))
                .machine(new MachineState(
                        Optional.ofNullable(facts.get("kind")).map(MachineKind::valueOf),
                        Optional.ofNullable(facts.get("bobbin")).map(BobbinKind::valueOf),
                        OptionalDouble.empty(),
                        false,
                        number(facts, "clean"),
                        number(facts, "dial"),
                        Optional.ofNullable(facts.get("pull")).map(Pull::valueOf),
                        Optional.ofNullable(facts.get("power")).map(MotorPower::valueOf)))
                .cures(cures)
                .build();
    }

    private static Map<Glance, Look> glance(Map<String, String> facts) {
        Map<Glance, Look> seen = new EnumMap<>(Glance.class);
        for (Glance glance : Glance.values()) {
            String look = facts.get(glance.name());
            if (look != null) {
                seen.put(glance, Look.valueOf(look));
            }
        }
        return seen;
    }

    private static Trouble seen(Symptom symptom, Glance glance, Look look) {
        return Trouble.told(Set.of(symptom)).glance(Map.of(glance, look)).build();
    }

    private static Trouble needle(Symptom symptom, double hours, boolean struck) {
        return Trouble.told(Set.of(symptom))
                .needle(OptionalDouble.of(hours), struck)
                .build();
    }

    private static MachineState state(MachineKind kind, BobbinKind bobbin) {
        return new MachineState(
                Optional.of(kind),
                Optional.of(bobbin),
                OptionalDouble.empty(),
                false,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static List<String> words(String text) {
        return text.isBlank()
                ? List.of()
                : Arrays.stream(text.split(",")).map(String::strip).toList();
    }

    private static OptionalDouble number(Map<String, String> facts, String name) {
        String value = facts.get(name);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(value));
    }

    private static List<CheckId> ids(Trouble trouble) {
        return FINDER.rank(trouble, SearchSchool.LIKELIEST_PER_MINUTE).checks().stream()
                .map(ranked -> ranked.check().id())
                .toList();
    }

    private static double probability(Trouble trouble, CheckId check) {
        return FINDER.rank(trouble, SearchSchool.LIKELIEST_PER_MINUTE).checks().stream()
                .filter(ranked -> ranked.check().id().equals(check))
                .mapToDouble(Ranked::probability)
                .findFirst()
                .orElseThrow();
    }

    private static double chance(Trouble trouble, CauseId cause) {
        return FINDER.rank(trouble, SearchSchool.LIKELIEST_PER_MINUTE).causes().stream()
                .filter(suspect -> suspect.id().equals(cause))
                .mapToDouble(FaultFinder.Suspect::probability)
                .findFirst()
                .orElse(0);
    }

    private static double chance(int set, double[] prior, List<Cause> causes, List<Clue> seen) {
        double chance = 1;
        for (int c = 0; c < prior.length; c++) {
            chance *= (set >> c & 1) == 1 ? prior[c] : 1 - prior[c];
        }
        for (Clue clue : seen) {
            double hides = 1 - clue.leak();
            for (int c = 0; c < prior.length; c++) {
                hides *= (set >> c & 1) == 1 ? 1 - clue.shownBy(causes.get(c)) : 1;
            }
            chance *= 1 - hides;
        }
        return chance;
    }
}
