package belonax.balance;

import belonax.BadInput;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.DialGuide;
import belonax.thread.Build;
import belonax.thread.SewingThread;
import java.util.Optional;

/**
 * What is to be balanced.
 *
 * @param stackMm thickness of what lies under the foot in millimetres, above 0 and at most 60
 * @param stitchWidthMm 0 for a straight stitch, at most 12
 * @param bobbinThread empty when it is the same as the top thread
 */
public record BalanceSetup(
        Dial dial,
        BobbinKind bobbin,
        double stackMm,
        double stitchWidthMm,
        SewingThread top,
        Optional<SewingThread> bobbinThread) {

    private static final double MAX_STACK_MM = 60;
    private static final double MAX_WIDTH_MM = 12;
    private static final double ORDINARY_FROM_TEX = 16;
    private static final double ORDINARY_TO_TEX = 40;

    public BalanceSetup {
        checkStack("stackMm", stackMm, stitchWidthMm);
    }

    static void checkStack(String field, double stackMm, double stitchWidthMm) {
        BadInput.unless(
                stackMm > 0 && stackMm <= MAX_STACK_MM,
                field,
                () ->
                        "What lies under the foot is more than 0 and at most 60 mm thick. Two layers of shirting are about 0.5 mm.");
        BadInput.unless(
                stitchWidthMm >= 0 && stitchWidthMm <= MAX_WIDTH_MM,
                field.equals("stackMm") ? "stitchWidthMm" : field,
                () -> "A stitch is 0 mm wide when it is straight, and at most 12 mm.");
    }

    /** Tells whether the thread is one for which the dial usually stays in its band. */
    boolean hasOrdinaryThread() {
        return isOrdinary(top);
    }

    static boolean isOrdinary(SewingThread thread) {
        double tex = thread.tex().value();
        boolean plain =
                thread.build() == Build.SPUN || thread.build() == Build.CORESPUN || thread.build() == Build.FILAMENT;
        return plain && !thread.isMetallic() && tex >= ORDINARY_FROM_TEX && tex <= ORDINARY_TO_TEX;
    }

    /** Returns the width on the dial of what is one number on a dial from 0 to 9. */
    double numberOnDial() {
        return DialGuide.number(dial);
    }
}
