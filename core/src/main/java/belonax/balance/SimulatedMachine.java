package belonax.balance;

import java.util.Set;
import java.util.random.RandomGenerator;

/**
 * A machine that is not there: it sews strips by its own hidden slope, ratio and width, and they are read with the usual
 * misreadings. Now and then it nests, or a dirty disc makes it come and go. For learning, and labelled as simulated wherever
 * it is shown. Source: docs/craft.md, "The stitch".
 */
public final class SimulatedMachine {
    private static final double MISREAD = 1.0 / 12;
    private static final double NEST = 0.04;

    private final double balanced;
    private final double slope;
    private final double width;
    private final boolean dirtyDisc;

    private SimulatedMachine(double balanced, double slope, double width, boolean dirtyDisc) {
        this.balanced = balanced;
        this.slope = slope;
        this.width = width;
        this.dirtyDisc = dirtyDisc;
    }

    /** Makes a machine up for a set-up. */
    public static SimulatedMachine of(BalanceSetup setup, RandomGenerator random) {
        DialPrior usual = DialPrior.of(setup, java.util.List.of());
        double number = setup.numberOnDial();
        return new SimulatedMachine(
                usual.mean() + random.nextGaussian() * number,
                0.36 * Math.exp(0.3 * random.nextGaussian()) / number,
                StitchModel.width(setup.stackMm()),
                random.nextDouble() < 0.1);
    }

    /** Returns how deep the lock lies at a dial, -1 to 1, as nobody at the machine can see. */
    public double lockDepth(double dial) {
        return StitchModel.lockDepth((dial - balanced) * slope / width);
    }

    /** Tells whether a setting is truly balanced: its lock shows on neither face. */
    public boolean isBalanced(double dial) {
        return Math.abs(lockDepth(dial)) <= StitchModel.HIDDEN_Z;
    }

    /** Returns the lowest place on the dial that is truly balanced. */
    public double balancedFrom() {
        return balanced - StitchModel.HIDDEN * width / slope;
    }

    /** Returns the highest place on the dial that is truly balanced. */
    public double balancedTo() {
        return balanced + StitchModel.HIDDEN * width / slope;
    }

    /** Sews a strip and returns what it truly shows. */
    public Strip sew(double dial, RandomGenerator random) {
        return sewn(dial, StitchModel.stepAt(lockDepth(dial)), random);
    }

    /** Sews a strip and reads it as well as people do: one in twelve is off by a step. */
    public Strip sewAndRead(double dial, RandomGenerator random) {
        int step = StitchModel.stepAt(lockDepth(dial));
        if (random.nextDouble() < MISREAD) {
            step = step == 2 || step == -2 ? step - Integer.signum(step) : step + (random.nextBoolean() ? 1 : -1);
        }
        return sewn(dial, step, random);
    }

    private Strip sewn(double dial, int step, RandomGenerator random) {
        if (random.nextDouble() < NEST) {
            return Strip.of(dial, TopFace.CLEAN, Underside.NEST);
        }
        boolean comesAndGoes = dirtyDisc && random.nextDouble() < 0.5;
        return new Strip(dial, top(step), underside(step), comesAndGoes ? Set.of(StripObservation.ERRATIC) : Set.of());
    }

    private static TopFace top(int step) {
        return step >= 2 ? TopFace.LINE : step == 1 ? TopFace.DOTS : TopFace.CLEAN;
    }

    private static Underside underside(int step) {
        return step <= -2 ? Underside.LOOPS : step == -1 ? Underside.DOTS : Underside.CLEAN;
    }
}
