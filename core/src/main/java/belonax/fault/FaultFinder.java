package belonax.fault;

import belonax.fault.Check.Who;
import belonax.fault.Glance.Look;
import belonax.fault.NoisyOrNetwork.Posterior;
import belonax.machine.MachineKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Names the one check that is worth doing now. By default that is probability won per minute, with safety first; every "no"
 * and every "found and cured, but it still does it" updates the rest without starting again. It stops when what is left for
 * home hands is less likely than what is left for a technician. Source: docs/craft.md, "Faults".
 */
public final class FaultFinder {
    /** After a broken needle or a sound of metal these come before anything that needs the motor. */
    private static final List<CheckId> SAFETY =
            List.of(CheckId.FOREIGN_OBJECT, CheckId.NEEDLE_REPLACE, CheckId.NEEDLE_SEATED);

    private static final Set<Symptom> DANGEROUS = Set.of(Symptom.NEEDLE_BREAKS, Symptom.METAL_NOISE);
    /** A cause less likely than this is not worth a line. */
    private static final double WORTH_A_LINE = 0.01;
    /** Below this chance a check does not stand against a technician. */
    private static final double WORTH_CHECKING = 0.015;

    private final FaultTable table;

    public FaultFinder(FaultTable table) {
        this.table = table;
    }

    /** Returns the finder with the tables that Belonax ships. */
    public static FaultFinder standard() {
        return new FaultFinder(FaultTable.standard());
    }

    public FaultTable table() {
        return table;
    }

    /**
     * A check that is left.
     *
     * @param probability the chance that it finds something now
     * @param isForSafety whether it stands where it does because it has to come before the machine runs again
     */
    public record Ranked(Check check, double probability, boolean isForSafety) {}

    /** A cause with its chance. */
    public record Suspect(CauseId id, String title, double probability) {}

    /**
     * What to do next.
     *
     * @param checks the one to do now first
     * @param causes the likeliest first
     * @param stop why it is a technician's turn, if it is
     */
    public record Ranking(List<Ranked> checks, List<Suspect> causes, Optional<String> stop) {}

    /** Ranks what is left to check. */
    public Ranking rank(Trouble trouble, SearchSchool school) {
        List<Cause> causes = table.causes();
        Evidence evidence = new Evidence(trouble);
        double[] prior = causes.stream().mapToDouble(evidence::chance).toArray();
        List<Clue> seen = weighed(trouble);
        List<Check> left = table.checks().stream()
                .filter(it -> !trouble.ruledOut().contains(it.id())
                        && !trouble.cured().contains(it.id()))
                .filter(it -> isThere(it, trouble))
                .map(it -> asAllowed(it, trouble))
                .toList();
        List<int[]> groups = new ArrayList<>();
        left.forEach(it -> groups.add(found(causes, it.id())));
        groups.add(ofHands(causes, left, Who.OWNER));
        groups.add(ofHands(causes, left, Who.TECHNICIAN));
        Posterior posterior = new NoisyOrNetwork(prior, causes, seen).posterior(groups);
        List<Ranked> ranked = new ArrayList<>();
        for (int i = 0; i < left.size(); i++) {
            boolean forSafety =
                    isDangerous(trouble) && SAFETY.contains(left.get(i).id());
            ranked.add(new Ranked(left.get(i), posterior.group(i), forSafety));
        }
        ranked.sort(order(trouble, school));
        return new Ranking(
                ranked,
                suspects(causes, posterior),
                stop(trouble, ranked, posterior.group(left.size()), posterior.group(left.size() + 1)));
    }

    /** The clues that tell most apart: those that least often show without a cause. */
    private List<Clue> weighed(Trouble trouble) {
        return Stream.<Clue>concat(
                        trouble.seen(Look.WRONG).stream()
                                .filter(it -> !isPutRight(it, trouble))
                                .sorted(),
                        trouble.symptoms().stream()
                                .sorted(Comparator.comparingDouble(Symptom::leak)
                                        .thenComparing(Comparator.naturalOrder())))
                .limit(NoisyOrNetwork.MOST)
                .toList();
    }

    /** What stood out and was put right since says nothing more of what is left. */
    private boolean isPutRight(Glance glance, Trouble trouble) {
        return table.causes().stream()
                .anyMatch(it -> glance.shownBy(it) > 0
                        && trouble.cured().contains(it.check().id()));
    }

    private static int[] found(List<Cause> causes, CheckId check) {
        List<Integer> numbers = new ArrayList<>();
        for (int i = 0; i < causes.size(); i++) {
            if (causes.get(i).check().id() == check) {
                numbers.add(i);
            }
        }
        return numbers.stream().mapToInt(Integer::intValue).toArray();
    }

    private static int[] ofHands(List<Cause> causes, List<Check> left, Who who) {
        Map<CheckId, Who> by = new EnumMap<>(CheckId.class);
        left.forEach(it -> by.put(it.id(), it.who()));
        List<Integer> numbers = new ArrayList<>();
        for (int i = 0; i < causes.size(); i++) {
            if (by.get(causes.get(i).check().id()) == who) {
                numbers.add(i);
            }
        }
        return numbers.stream().mapToInt(Integer::intValue).toArray();
    }

    /** A sealed bobbin has no case that comes out, and an overlocker no bobbin. */
    private static boolean isThere(Check check, Trouble trouble) {
        return trouble.machine().bobbin().map(check.needs()::isMetBy).orElse(true);
    }

    /** Oil on a computer-controlled machine is a technician's. */
    private static Check asAllowed(Check check, Trouble trouble) {
        boolean computer = trouble.machine().kind().equals(Optional.of(MachineKind.COMPUTER_CONTROLLED));
        return computer && check.onRecord() == OnRecord.OILED ? check.byATechnician() : check;
    }

    private static Comparator<Ranked> order(Trouble trouble, SearchSchool school) {
        Comparator<Ranked> safety = Comparator.comparingInt(it -> isDangerous(trouble) ? place(SAFETY, it) : 0);
        Comparator<Ranked> hands = Comparator.comparing(it -> it.check().who());
        List<CheckId> fixed = FixedLists.of(school);
        return safety.thenComparing(hands)
                .thenComparing(Comparator.comparingInt(it -> place(fixed, it)))
                .thenComparing(
                        Comparator.comparingDouble(FaultFinder::perMinute).reversed())
                .thenComparing(it -> it.check().id());
    }

    private static boolean isDangerous(Trouble trouble) {
        return trouble.symptoms().stream().anyMatch(DANGEROUS::contains);
    }

    private static double perMinute(Ranked it) {
        return it.probability() / it.check().minutes();
    }

    private static int place(List<CheckId> list, Ranked it) {
        int at = list.indexOf(it.check().id());
        return at < 0 ? list.size() : at;
    }

    private static List<Suspect> suspects(List<Cause> causes, Posterior posterior) {
        List<Suspect> suspects = new ArrayList<>();
        for (int i = 0; i < causes.size(); i++) {
            if (posterior.cause(i) >= WORTH_A_LINE) {
                suspects.add(new Suspect(causes.get(i).id(), causes.get(i).title(), posterior.cause(i)));
            }
        }
        suspects.sort(Comparator.comparingDouble(Suspect::probability).reversed());
        return suspects;
    }

    private static Optional<String> stop(Trouble trouble, List<Ranked> ranked, double home, double technician) {
        boolean anyHome =
                ranked.stream().anyMatch(it -> it.check().who() == Who.OWNER && it.probability() >= WORTH_CHECKING);
        if (anyHome && home >= technician) {
            return Optional.empty();
        }
        int made = trouble.ruledOut().size() + trouble.cured().size();
        return Optional.of(
                "What is left for home hands is less likely now than what is left for a technician. Take the machine with"
                        + " its foot, plate and bobbin, the strips, and the note of "
                        + (made == 1 ? "the 1 check" : "the " + made + " checks")
                        + " made: it saves them the same search.");
    }
}
