package belonax.room.balance;

import belonax.balance.Advice;
import belonax.balance.BalanceSetup;
import belonax.balance.DialAdvisor;
import belonax.balance.DialPosterior;
import belonax.balance.PastBalance;
import belonax.balance.SimulatedMachine;
import belonax.balance.Slips;
import belonax.balance.Strip;
import belonax.machine.Machine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is thought of a run: where its dial stands, what is sewn next, and what went before it here. */
@Service
public class BalanceOpinion {
    private static final int MAX_STRIPS = 12;

    private final Sampler sampler;
    private final HowRead readers;

    BalanceOpinion(Sampler sampler, HowRead readers) {
        this.sampler = sampler;
        this.readers = readers;
    }

    /**
     * An opinion of a run.
     *
     * @param sewAt where the next strip is sewn
     * @param foundDial what the dial tells that was found, a whole sentence
     * @param proven the run that was kept for this very set-up before
     * @param slips how its strips are read
     * @param simulated what the simulated machine of a run for learning shows there
     */
    public record Opinion(
            Machine machine,
            Advice advice,
            DialPosterior posterior,
            double sewAt,
            Optional<String> foundDial,
            Optional<BalanceRun> proven,
            Optional<Strip> simulated,
            Optional<Truth> truth,
            Slips slips) {}

    /**
     * What a simulated machine really was, worked out once its run is over.
     *
     * @param from the lowest setting that is truly balanced, to the highest
     * @param shown what each strip truly showed, in its order
     * @param sure how many strips somebody needs who reads each of them right
     */
    public record Truth(double from, double to, List<Strip> shown, int sure) {}

    /** Judges a run by its strips and by what was balanced on its machine before. */
    @Transactional(readOnly = true)
    public Opinion of(BalanceRun run, Machine machine) {
        BalanceSetup setup = run.setup(machine);
        Slips slips = readers.of(run.readBy());
        List<PastBalance> past = run.simulated() == null ? sampler.past(run.machineId()) : List.of();
        DialAdvisor.Opinion opinion = DialAdvisor.opinion(setup, past, run.read(), slips.reader());
        double sewAt = sewAt(setup, run, opinion.advice());
        return new Opinion(
                machine,
                opinion.advice(),
                opinion.posterior(),
                sewAt,
                Optional.ofNullable(run.foundDial()).flatMap(value -> DialAdvisor.whatItTells(setup, value)),
                sampler.proven(run),
                Optional.ofNullable(run.simulated())
                        .map(number -> simulatedStrip(number, run.strips().size(), setup, sewAt)),
                Optional.ofNullable(run.simulated())
                        .filter(number -> !run.isOpen())
                        .map(number -> truth(number, run, setup)),
                slips);
    }

    private static Truth truth(long seed, BalanceRun run, BalanceSetup setup) {
        SimulatedMachine machine = SimulatedMachine.of(setup, new SplittableRandom(seed));
        List<Strip> shown = new ArrayList<>();
        for (int i = 0; i < run.strips().size(); i++) {
            shown.add(simulatedStrip(seed, i, setup, run.strips().get(i).dial()));
        }
        return new Truth(machine.balancedFrom(), machine.balancedTo(), shown, sure(seed, setup));
    }

    /** Sews the same machine to a balance and reads every strip as it is. */
    private static int sure(long seed, BalanceSetup setup) {
        List<Strip> strips = new ArrayList<>();
        double dial = setup.dial().normalLow();
        while (strips.size() < MAX_STRIPS) {
            Advice advice = DialAdvisor.advise(setup, List.of(), strips);
            if (advice.action() == Advice.Action.KEEP) {
                return strips.size();
            }
            dial = advice.dial().orElse(dial);
            strips.add(simulatedStrip(seed, strips.size(), setup, dial));
        }
        return strips.size();
    }

    /** After a nest the same strip is sewn once more; else the advisor names the dial. */
    private static double sewAt(BalanceSetup setup, BalanceRun run, Advice advice) {
        if (advice.dial().isPresent()) {
            return advice.dial().getAsDouble();
        }
        List<Strip> read = run.read();
        return read.isEmpty()
                ? setup.dial().normalLow()
                : read.get(read.size() - 1).dial();
    }

    /** What a simulated machine truly shows at a dial; the same strip shows the same however often it is looked at. */
    private static Strip simulatedStrip(long seed, int strips, BalanceSetup setup, double dial) {
        SimulatedMachine machine = SimulatedMachine.of(setup, new SplittableRandom(seed));
        return machine.sew(dial, new SplittableRandom(seed * 31 + strips));
    }
}
