package belonax.match;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Crossing;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Limit;
import belonax.hazard.Purpose;
import belonax.hazard.Reason;
import belonax.hazard.Verdict;
import belonax.machine.FootKind;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.machine.Reach;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.SewingThread;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whole answers against what an experienced sewist would say of stacks, purposes and limits. */
class WorkedJobsTest {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();
    private static final NeedleMatcher MATCHER = NeedleMatcher.standard();

    record Case(String why, MatchRequest request, List<String[]> expected, List<String> says) {
        @Override
        public String toString() {
            return why;
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void says_what_an_experienced_sewist_would(Case one) {
        Match match = MATCHER.match(one.request());

        for (String[] expected : one.expected()) {
            check(match, expected[0], expected[1]);
        }
        assertThat(one.says()).allSatisfy(words -> assertThat(said(match)).contains(words));
    }

    @Test
    void holds_at_least_ninety_cases_and_every_purpose() {
        assertThat(cases()).hasSizeGreaterThanOrEqualTo(90);
        assertThat(cases().map(one -> one.request().job().purpose())).contains(Purpose.values());
    }

    private static void check(Match match, String what, String expected) {
        Recommendation best = match.best();
        switch (what) {
            case "best" -> assertThat(best.needle().type().name()).as(what).isIn((Object[]) expected.split(","));
            case "verdict" -> assertThat(best.verdict().name()).as(what).isIn((Object[]) expected.split(","));
            case "nm" -> within("nm", best.needle().size().nm(), expected);
            case "limit" -> limit(match, expected);
            case "stitch" -> assertThat(match.stitch().kind().name()).as(what).isEqualTo(expected);
            case "len" -> within(what, match.stitch().lengthMm(), expected);
            case "wid" -> within(what, match.stitch().widthMm(), expected);
            case "foot" -> assertThat(match.foot().kind().name()).as(what).isEqualTo(expected);
            case "next" ->
                assertThat(match.foot().nextBest().map(Enum::name)).as(what).contains(expected);
            case "dial" -> within(what, match.startingDial().likely(), expected);
            default ->
                assertThat(verdictOf(match, NeedleType.valueOf(what))).as(what).isEqualTo(Verdict.valueOf(expected));
        }
    }

    private static void limit(Match match, String expected) {
        List<String> told = match.limits().stream()
                .map(limit -> limit.kind() + ":" + limit.verdict())
                .toList();
        if (expected.equals("none")) {
            assertThat(told).isEmpty();
            return;
        }
        assertThat(told).contains(expected);
        assertThat(match.limits()).extracting(Limit::wayOut).noneMatch(String::isBlank);
    }

    private static void within(String what, double is, String expected) {
        if (expected.startsWith("<")) {
            assertThat(is).as(what).isLessThan(Double.parseDouble(expected.substring(1)));
        } else if (expected.startsWith(">")) {
            assertThat(is).as(what).isGreaterThan(Double.parseDouble(expected.substring(1)));
        } else {
            String[] ends = expected.split("-");
            assertThat(is).as(what).isBetween(Double.parseDouble(ends[0]), Double.parseDouble(ends[ends.length - 1]));
        }
    }

    /** The best verdict that any size of a type has. */
    private static Verdict verdictOf(Match match, NeedleType type) {
        Candidates candidates = MATCHER.candidates(MatchRequest.of(match.job()));
        return Stream.concat(candidates.usable().stream(), candidates.forbidden().stream())
                .filter(prediction -> prediction.needle().needle().type() == type)
                .map(prediction -> candidates.verdict(prediction))
                .min(Verdict::compareTo)
                .orElseThrow();
    }

    private static String said(Match match) {
        List<String> all = new ArrayList<>(match.warnings());
        all.add(match.stitch().note());
        all.add(match.startingDial().note());
        match.best().reasons().stream().map(Reason::text).forEach(all::add);
        match.ruledOut().forEach(ruledOut -> all.add(ruledOut.why()));
        return String.join("\n", all);
    }

    static Stream<Case> cases() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(WorkedJobsTest.class.getResourceAsStream("worked-jobs.txt")),
                StandardCharsets.UTF_8))) {
            return in
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .map(WorkedJobsTest::read)
                    .toList()
                    .stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Case read(String line) {
        String[] field = line.split("\\|", -1);
        Map<String, String> told = new LinkedHashMap<>();
        pairs(field[3]).forEach(values -> told.put(values[0], values[1]));
        return new Case(
                field[0].strip(),
                request(stack(field[1].strip()), thread(field[2].strip(), told), told),
                pairs(field[4]),
                Stream.of(field[5].split(";"))
                        .map(String::strip)
                        .filter(text -> !text.isEmpty())
                        .toList());
    }

    private static List<String[]> pairs(String text) {
        return Stream.of(text.strip().split("\\s+"))
                .filter(word -> word.contains("="))
                .map(word -> word.split("=", 2))
                .toList();
    }

    private static MatchRequest request(Stack stack, SewingThread thread, Map<String, String> told) {
        JobBuilder job = Job.sewing(stack, thread);
        told.forEach((what, value) -> tell(job, stack, what, value));
        job.reach(new Reach(number(told, "lift"), number(told, "thickest")));
        Optional<MatchRequest.TwinWish> twin = Optional.ofNullable(told.get("twin"))
                .map(text -> new MatchRequest.TwinWish(Double.parseDouble(text), 2));
        List<MatchRequest.Proven> proven = Optional.ofNullable(told.get("proven")).map(WorkedJobsTest::proven).stream()
                .toList();
        return new MatchRequest(job.build(), twin, proven);
    }

    private static void tell(JobBuilder job, Stack stack, String what, String value) {
        switch (what) {
            case "purpose" -> job.purpose(Purpose.valueOf(value));
            case "power" -> job.power(MotorPower.valueOf(value));
            case "kind" -> job.machineKind(MachineKind.valueOf(value));
            case "plate" -> job.plate(Plate.valueOf(value));
            case "slot" -> job.slotMm(Double.parseDouble(value));
            case "off" -> job.offCentreMm(Double.parseDouble(value));
            case "already" -> job.stitchingAlready(Integer.parseInt(value));
            case "systems" -> job.systems(List.of(NeedleSystem.of(value)));
            case "feet" ->
                job.feet(Arrays.stream(value.split(",")).map(FootKind::valueOf).toList());
            case "crossing" ->
                job.crossingLayers(
                        Character.isDigit(value.charAt(0))
                                ? Integer.parseInt(value)
                                : Crossing.valueOf(value).layers(stack));
            default -> assertThat(what).isIn("lift", "thickest", "twin", "strands", "proven");
        }
    }

    private static OptionalDouble number(Map<String, String> told, String what) {
        return told.containsKey(what) ? OptionalDouble.of(Double.parseDouble(told.get(what))) : OptionalDouble.empty();
    }

    private static MatchRequest.Proven proven(String text) {
        String[] part = text.split(":");
        return new MatchRequest.Proven(
                NeedleType.valueOf(part[0]),
                NeedleSize.ofNm(Integer.parseInt(part[1])),
                part.length > 2 ? OptionalInt.of(Integer.parseInt(part[2])) : OptionalInt.empty(),
                part.length > 3 ? OptionalDouble.of(Double.parseDouble(part[3])) : OptionalDouble.empty(),
                part.length > 4 ? Optional.of(Purpose.valueOf(part[4])) : Optional.empty());
    }

    private static Stack stack(String text) {
        return Stack.of(Stream.of(text.split(" \\+ "))
                .map(word -> word.split(" x "))
                .map(values -> new Layers(CLOTHS.get(values[0]), Integer.parseInt(values[1])))
                .toList());
    }

    private static SewingThread thread(String text, Map<String, String> told) {
        String[] words = text.toUpperCase(Locale.ROOT).split(" ");
        return SewingThread.spunPolyester(Double.parseDouble(words[0]))
                .of(
                        words.length > 1 ? Fibre.valueOf(words[1]) : Fibre.POLYESTER,
                        words.length > 2 ? Build.valueOf(words[2]) : Build.SPUN)
                .inStrands(Integer.parseInt(told.getOrDefault("strands", "1")));
    }
}
