package belonax.web.shared.sentence;

import belonax.BadInput;
import belonax.room.drawer.Spool;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.ThreadNumbering;
import belonax.thread.UsualThread;
import belonax.web.shared.form.Parsed;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The thread as it stands in the address: a spool of the drawer, or a number in some numbering.
 *
 * @param number null until it is known what is on the machine, likewise fibre and build
 * @param bobbin the spool that the bobbin is wound from; empty for the same as on top
 * @param bobbinTex the tex of a bobbin thread that is none of the drawer's
 */
public record ThreadAsked(
        String spool,
        @Nullable String number,
        String numbering,
        @Nullable String fibre,
        @Nullable String build,
        String strands,
        String bobbin,
        String bobbinTex) {
    /** Begins, in place of a spool, what a thread looks like. */
    static final String BY_ITS_LOOK = "usual:";

    public ThreadAsked {
        bobbinTex = Objects.requireNonNullElse(bobbinTex, "");
        bobbin = Objects.requireNonNullElse(bobbin, "");
        spool = Objects.requireNonNullElse(spool, "");
        numbering = Objects.requireNonNullElse(numbering, ThreadNumbering.TEX.name());
        strands = Objects.requireNonNullElse(strands, "1");
    }

    /** Returns it with the thread on the machine where nothing was told; one that was told is spun polyester. */
    ThreadAsked orOnTheMachine(Optional<SewingThread> onTheMachine) {
        Optional<SewingThread> usual = number == null ? onTheMachine : Optional.empty();
        return new ThreadAsked(
                spool,
                number == null
                        ? onTheMachine.map(thread -> thread.tex().shown()).orElse("25")
                        : number,
                numbering,
                fibre == null
                        ? usual.map(SewingThread::fibre).orElse(Fibre.POLYESTER).name()
                        : fibre,
                build == null
                        ? usual.map(SewingThread::build).orElse(Build.SPUN).name()
                        : build,
                strands,
                bobbin,
                bobbinTex);
    }

    /** Returns the number as it was typed. */
    String typedNumber() {
        return Objects.requireNonNullElse(number, "").strip();
    }

    boolean isDoubled() {
        return strands.strip().equals("2");
    }

    /**
     * Returns the thread.
     *
     * @throws BadInput if number, numbering, fibre or build will not do, or the spool failed its snap test
     */
    SewingThread get(Stock stock) {
        int inStrands = isDoubled() ? 2 : 1;
        Optional<SewingThread> owned = ownSpool(stock).map(stock::thread).map(thread -> thread.inStrands(inStrands));
        if (owned.isPresent()) {
            return owned.get();
        }
        Optional<UsualThread> usual = usual();
        if (usual.isPresent()) {
            return usual.get().thread().inStrands(inStrands);
        }
        double value = Parsed.number("number", typedNumber(), "Type the number on the spool, such as 25, 120 or 40.");
        BadInput.unless(value > 0, "number", () -> "A thread's number is above 0. Look at the spool again.");
        return new SewingThread(
                Parsed.word("numbering", ThreadNumbering.class, numbering).tex(value, 1),
                Parsed.word("fibre", Fibre.class, Objects.requireNonNullElse(fibre, "")),
                Parsed.word("build", Build.class, Objects.requireNonNullElse(build, "")),
                OptionalDouble.empty(),
                Quality.GOOD,
                false,
                inStrands);
    }

    /**
     * Returns the thread in the bobbin, where it is another one.
     *
     * @throws BadInput if its spool is gone or out of use, or its tex is none
     */
    Optional<SewingThread> inTheBobbin(Stock stock) {
        if (bobbin.isBlank()) {
            return bobbinTex.isBlank()
                    ? Optional.empty()
                    : Optional.of(SewingThread.spunPolyester(
                            Parsed.number("bobbinTex", bobbinTex, "Type the bobbin thread's tex, such as 18.")));
        }
        if (bobbin.equals(spool)) {
            return Optional.empty();
        }
        Spool wound = stock.findSpool(bobbin)
                .filter(Spool::isSound)
                .orElseThrow(() -> new BadInput(
                        "bobbin", "The spool of the bobbin is gone or out of use. Choose another one, or the same."));
        return Optional.of(stock.thread(wound));
    }

    /** Returns what was told of the thread by its look, where that was told instead of a spool or a number. */
    Optional<UsualThread> usual() {
        return Stream.of(UsualThread.values())
                .filter(usualThread -> spool.equals(BY_ITS_LOOK + usualThread.name()))
                .findFirst();
    }

    /** Tells whether the spool of this sentence wants a snap test. */
    boolean wantsSnapTest(Stock stock) {
        return stock.findSpool(spool)
                .filter(otherSpool ->
                        otherSpool.isSound() && stock.thread(otherSpool).wantsSnapTest())
                .isPresent();
    }

    /** Returns the spool that the sentence names; one that failed its snap test is out of use. */
    private Optional<Spool> ownSpool(Stock stock) {
        Optional<Spool> owned = stock.findSpool(spool);
        owned.ifPresent(otherSpool -> BadInput.unless(
                otherSpool.isSound(),
                "spool",
                () -> "That spool failed its snap test (" + otherSpool.snap().words()
                        + ") and is out of use. Choose another one."));
        return owned;
    }

    void addTo(Address address) {
        address.with("spool", spool)
                .with("number", typedNumber())
                .with("numbering", numbering)
                .with("fibre", Objects.requireNonNullElse(fibre, ""))
                .with("build", Objects.requireNonNullElse(build, ""))
                .with("strands", strands)
                .with("bobbin", bobbin)
                .with("bobbinTex", bobbinTex);
    }
}
