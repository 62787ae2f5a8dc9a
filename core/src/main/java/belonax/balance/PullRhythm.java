package belonax.balance;

import belonax.thread.SewingThread;
import java.util.Optional;

/** How often the bobbin's pull is tested again; sewists differ. Source: docs/craft.md, "The bobbin's base line". */
public enum PullRhythm {
    NEW_THREAD("at a new thread on the bobbin, and when the dial leaves its band"),
    EVERY_SITTING("at every sitting and every new thread"),
    ONCE("not again: once is enough");

    /** Threads that differ less than this in thickness pull alike. */
    private static final double ALIKE = 0.15;

    private final String words;

    PullRhythm(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /**
     * Returns why the pull is tested again now, a whole sentence; empty where it need not be.
     *
     * @param tested the thread it was tested with
     * @param now the thread that is on the bobbin now
     * @param isAnotherDay whether that was on another day
     * @param isOutside whether the dial was balanced outside its usual band since
     */
    public Optional<String> asks(SewingThread tested, SewingThread now, boolean isAnotherDay, boolean isOutside) {
        if (this == ONCE) {
            return Optional.empty();
        }
        double apart = Math.abs(Math.log(now.tex().value() / tested.tex().value()));
        if (now.fibre() != tested.fibre() || now.build() != tested.build() || apart > ALIKE) {
            return Optional.of("Another thread is on the bobbin now, " + now.words() + ": test its pull again.");
        }
        if (isOutside) {
            return Optional.of("The dial left its usual band: test the bobbin's pull before anything else.");
        }
        return this == EVERY_SITTING && isAnotherDay
                ? Optional.of("A new sitting: test the bobbin's pull, as you chose.")
                : Optional.empty();
    }
}
