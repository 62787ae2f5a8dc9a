package belonax.web.shared.drawing;

import belonax.thread.UsualThread;
import java.util.List;
import java.util.stream.Stream;

/**
 * A thread as a beginner can tell it, drawn forty times its thickness.
 *
 * @param widthPx its diameter, drawn
 * @param stands the number that it stands for
 */
public record ThreadLook(String value, String words, String looks, String stands, double widthPx, boolean isFluffy) {
    private static final double PX_PER_MM = 40;

    /** Returns all of them, the ordinary one first. */
    public static List<ThreadLook> all() {
        return Stream.of(UsualThread.values()).map(ThreadLook::of).toList();
    }

    private static ThreadLook of(UsualThread usualThread) {
        return new ThreadLook(
                usualThread.name(),
                usualThread.words(),
                usualThread.looks(),
                usualThread.tex().toString(),
                usualThread.thread().diameterMm() * PX_PER_MM,
                usualThread == UsualThread.STRETCHY);
    }
}
