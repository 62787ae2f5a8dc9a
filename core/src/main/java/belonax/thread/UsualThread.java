package belonax.thread;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What a beginner can tell of a thread by its look, with the number that it stands for. Source: docs/craft.md, "Thread
 * numbering".
 */
public enum UsualThread {
    ORDINARY(
            "ordinary",
            25,
            Build.SPUN,
            "all-purpose polyester, the spool that most shops sell",
            "ORDINARY|ALL.?PURPOSE"),
    FINE("fine", 16.7, Build.SPUN, "clearly thinner than ordinary thread: for sheer cloth and bobbins", "FINE|THIN"),
    THICK(
            "thick topstitch",
            80,
            Build.SPUN,
            "like a fine string, meant to be seen",
            "TOP.?STITCH\\w*|THICK|HEAVY|BUTTONHOLE"),
    STRETCHY(
            "stretchy",
            18,
            Build.TEXTURED,
            "fluffy and soft, gives when pulled: for loopers and bobbins",
            "STRETCHY|WOOLLY|FLUFFY|OVERLOCK\\w*"),
    UNKNOWN("I do not know", 25, Build.SPUN, "taken as ordinary thread, tex 25, until its label is read", "(?!)");

    private final String words;
    private final double tex;
    private final Build build;
    private final String looks;
    private final Pattern called;

    UsualThread(String words, double tex, Build build, String looks, String called) {
        this.words = words;
        this.tex = tex;
        this.build = build;
        this.looks = looks;
        this.called = Pattern.compile("\\b(?:" + called + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    public String words() {
        return words;
    }

    /** Returns the fineness that it stands for. */
    public Tex tex() {
        return new Tex(tex);
    }

    /** Returns how it is told by its look. */
    public String looks() {
        return looks;
    }

    /** Returns the thread that is taken for it, of an age that nobody asked. */
    public SewingThread thread() {
        return new SewingThread(tex(), Fibre.POLYESTER, build, OptionalDouble.empty(), Quality.GOOD, false);
    }

    /** Returns how it is put together. */
    public Build build() {
        return build;
    }

    /** Finds the one that a line of words speaks of. */
    static Optional<UsualThread> in(String line) {
        return Stream.of(values())
                .filter(usualThread -> usualThread.called.matcher(line).find())
                .findFirst();
    }

    /** Returns a line without the words that speak of it. */
    String takenOutOf(String line) {
        return called.matcher(line).replaceAll(" ");
    }
}
