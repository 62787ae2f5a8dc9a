package belonax.fault;

import belonax.fault.Check.Needs;
import belonax.fault.Check.Who;
import belonax.fault.Glance.Look;
import belonax.fault.NoisyOrNetwork.Posterior;
import belonax.machine.BobbinKind;
import belonax.machine.MachineKind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Names the one check that is worth doing now. By default that is probability won per minute, with safety first; every "no"
 * and every "found and cured, but it still does it" updates the rest without starting again. It stops when what is left for
 * home hands is less likely than what is left for a technician, or when about ten sensible checks found nothing; before that a
 * check that may have missed is offered once more. Source: docs/craft.md, "Faults".
 */
public final class FaultFinder {
    private static final String PLUG_OUT =
            "Plug out at once and leave it out: a hot smell, smoke, sparks or tingling are for a"
                    + " qualified technician. Nothing is checked or tried at home, whatever else it does.";

    /** A cause less likely than this is not worth a line. */
    private static final double WORTH_A_LINE = 0.01;
    /** Below this chance a check does not stand against a technician. */
    private static final double WORTH_CHECKING = 0.015;
    /** After so many checks what is hardly likely is no longer hers to look for, and after so many nothing is. */
    private static final int SENSIBLE = 10;

    private static final int MAX_SENSIBLE = 14;
    private static final double HARDLY = 0.15;
    /** A check that found nothing is worth a second look while it is at least so likely to have missed. */
    private static final double WORTH_A_SECOND_LOOK = 0.06;

    private static final List<CheckId> BEFORE_A_TECHNICIAN = List.of(CheckId.NEEDLE_REPLACE, CheckId.RETHREAD_TOP);
    private static final double MAY_BE_IT = 0.03;

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
     * @param lastTry what is tried before a technician's turn: a new needle or new threading where that was not done, else the
     *     check that most likely missed what it looks for, once more
     */
    public record Ranking(List<Ranked> checks, List<Suspect> causes, Optional<String> stop, Optional<Ranked> lastTry) {}

    /** Ranks what is left to check. */
    public Ranking rank(Trouble trouble, SearchSchool school) {
        if (trouble.symptoms().contains(Symptom.HOT_OR_SMOKE)) {
            return new Ranking(List.of(), List.of(), Optional.of(PLUG_OUT), Optional.empty());
        }
        List<CheckId> first = FirstThings.of(trouble);
        List<CheckId> fixed = FixedLists.of(school); // Such a list is worked through whatever is seen.
        List<Cause> causes = table.causes();
        Evidence evidence = new Evidence(trouble);
        double[] prior = causes.stream().mapToDouble(evidence::chance).toArray();
        List<Clue> seen = weighed(trouble);
        List<Check> left = table.checks().stream()
                .filter(check -> !trouble.ruledOut().contains(check.id())
                        && !trouble.cured().contains(check.id()))
                .filter(check -> isThere(check, trouble))
                .filter(check -> first.contains(check.id())
                        || fixed.contains(check.id())
                        || canFindSomething(check, causes, prior, evidence))
                .map(check -> asAllowed(check, trouble))
                .toList();
        List<Check> again = lookedAtOnce(trouble, causes, prior, evidence);
        List<int[]> groups = new ArrayList<>();
        left.forEach(check -> groups.add(found(causes, check.id())));
        groups.add(ofHands(causes, left, Who.OWNER));
        groups.add(ofHands(causes, left, Who.TECHNICIAN));
        again.forEach(check -> groups.add(found(causes, check.id())));
        Posterior posterior = new NoisyOrNetwork(prior, causes, seen).posterior(groups);
        List<Ranked> ranked = new ArrayList<>();
        for (int i = 0; i < left.size(); i++) {
            ranked.add(new Ranked(
                    left.get(i), posterior.group(i), first.contains(left.get(i).id())));
        }
        ranked.sort(order(first, fixed));
        Optional<String> stop = stop(trouble, ranked, posterior.group(left.size()), posterior.group(left.size() + 1));
        Stream<Ranked> missed = IntStream.range(0, stop.isEmpty() ? 0 : again.size())
                .mapToObj(i -> new Ranked(again.get(i), posterior.group(left.size() + 2 + i), false));
        return new Ranking(
                ranked,
                suspects(causes, posterior, evidence),
                stop,
                stop.isEmpty()
                        ? Optional.empty()
                        : neverWithout(ranked)
                                .or(() -> missed.filter(otherRanked -> otherRanked.probability() >= WORTH_A_SECOND_LOOK)
                                        .max(Comparator.comparingDouble(Ranked::probability))));
    }

    /** Nobody is sent to a technician who has not tried a new needle and threaded anew, where either may be it. */
    private static Optional<Ranked> neverWithout(List<Ranked> left) {
        return left.stream()
                .filter(ranked ->
                        BEFORE_A_TECHNICIAN.contains(ranked.check().id()) && ranked.probability() >= MAY_BE_IT)
                .max(Comparator.comparingDouble(Ranked::probability));
    }

    /** Returns the checks that found nothing, each once so far, and may have missed what can show what is seen. */
    private List<Check> lookedAtOnce(Trouble trouble, List<Cause> causes, double[] prior, Evidence evidence) {
        return table.checks().stream()
                .filter(check -> check.who() == Who.OWNER
                        && Collections.frequency(trouble.ruledOut(), check.id()) == 1
                        && !trouble.cured().contains(check.id()))
                .filter(check -> canFindSomething(check, causes, prior, evidence))
                .toList();
    }

    /** The clues that tell most apart: those that least often show without a cause. */
    private List<Clue> weighed(Trouble trouble) {
        return Stream.<Clue>concat(
                        trouble.seen(Look.WRONG).stream()
                                .filter(glance -> !isPutRight(glance, trouble))
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
                .anyMatch(cause -> glance.shownBy(cause) > 0
                        && trouble.cured().contains(cause.check().id()));
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
        left.forEach(check -> by.put(check.id(), check.who()));
        List<Integer> numbers = new ArrayList<>();
        for (int i = 0; i < causes.size(); i++) {
            if (by.get(causes.get(i).check().id()) == who) {
                numbers.add(i);
            }
        }
        return numbers.stream().mapToInt(Integer::intValue).toArray();
    }

    /** A check is worth a line only for a cause that can show what is seen. */
    private static boolean canFindSomething(Check check, List<Cause> causes, double[] prior, Evidence evidence) {
        return IntStream.of(found(causes, check.id()))
                .anyMatch(number -> prior[number] > 0 && evidence.canShow(causes.get(number)));
    }

    /** A sealed bobbin has no case that comes out, and an overlocker no bobbin. */
    private static boolean isThere(Check check, Trouble trouble) {
        if (trouble.hasLoopers()) {
            return check.needs().isMetBy(BobbinKind.NONE);
        }
        return trouble.machine().bobbin().map(check.needs()::isMetBy).orElse(check.needs() != Needs.LOOPERS);
    }

    /** Oil on a computer-controlled machine is a technician's. */
    private static Check asAllowed(Check check, Trouble trouble) {
        boolean computer = trouble.machine().kind().equals(Optional.of(MachineKind.COMPUTER_CONTROLLED));
        return computer && check.onRecord() == OnRecord.OILED ? check.byATechnician() : check;
    }

    private static Comparator<Ranked> order(List<CheckId> first, List<CheckId> fixed) {
        Comparator<Ranked> safety = Comparator.comparingInt(ranked -> place(first, ranked));
        Comparator<Ranked> hands = Comparator.comparing(ranked -> ranked.check().who());
        return safety.thenComparing(hands)
                .thenComparing(Comparator.comparingInt(ranked -> place(fixed, ranked)))
                .thenComparing(
                        Comparator.comparingDouble(FaultFinder::perMinute).reversed())
                .thenComparing(ranked -> ranked.check().id());
    }

    private static double perMinute(Ranked ranked) {
        return ranked.probability() / ranked.check().minutes();
    }

    private static int place(List<CheckId> list, Ranked ranked) {
        int at = list.indexOf(ranked.check().id());
        return at < 0 ? list.size() : at;
    }

    private static List<Suspect> suspects(List<Cause> causes, Posterior posterior, Evidence evidence) {
        List<Suspect> suspects = new ArrayList<>();
        for (int i = 0; i < causes.size(); i++) {
            if (posterior.cause(i) >= WORTH_A_LINE && evidence.canShow(causes.get(i))) {
                suspects.add(new Suspect(causes.get(i).id(), causes.get(i).title(), posterior.cause(i)));
            }
        }
        suspects.sort(Comparator.comparingDouble(Suspect::probability).reversed());
        return suspects;
    }

    private static Optional<String> stop(Trouble trouble, List<Ranked> ranked, double home, double technician) {
        double best = ranked.stream()
                .filter(otherRanked -> otherRanked.check().who() == Who.OWNER)
                .mapToDouble(Ranked::probability)
                .max()
                .orElse(0);
        int made = (int) trouble.ruledOut().stream().distinct().count()
                + trouble.cured().size();
        boolean enough = made >= MAX_SENSIBLE || made >= SENSIBLE && best < HARDLY;
        boolean likelierHers = best >= WORTH_CHECKING && home >= technician;
        if (likelierHers && !enough) {
            return Optional.empty();
        }
        return Optional.of((likelierHers
                        ? "After " + made + " sensible checks this is no longer likely to be yours to mend. "
                        : "What is left for home hands is less likely now than what is left for a technician. ")
                + "Take the machine with its foot, plate and bobbin, the strips, and the note of "
                + (made == 1 ? "the 1 check" : "the " + made + " checks")
                + " made: it saves them the same search.");
    }
}
