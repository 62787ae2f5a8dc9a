package belonax.room.event;

import belonax.BadInput;
import belonax.balance.PullMeasured;
import belonax.balance.PullRhythm;
import belonax.fault.CheckId;
import belonax.life.FitCheck;
import belonax.life.Sign;
import belonax.life.Wear;
import belonax.machine.Past;
import belonax.match.Scrap;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.room.Words;
import belonax.sound.Knock;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that happened. Never rewritten: a mistake is taken back by a later event that names its action. Each kind is a record
 * of its own, kept whole as JSON under the word of its {@link EventKind}; what is asked for by a query stands in a column beside.
 */
public sealed interface Event {
    /** Returns what happened in running text, without the machine's name. */
    String words(Named named);

    /** What the things that an event is about are called. */
    interface Named {
        /** Returns type and size of a needle. */
        String needle(UUID id);

        /** Returns the title of a check. */
        String check(CheckId id);
    }

    /** An event that is about a machine, if one is known. */
    interface OnMachine {
        @Nullable
        String machine();
    }

    /** An event that is about one place in a machine. */
    interface AtPlace {
        int place();
    }

    /** An event that is about a needle. */
    interface OfNeedle {
        UUID needle();
    }

    /** A needle came out or went in, so that its place holds another one now. */
    interface NeedleMove extends OnMachine, AtPlace, OfNeedle {
        @Override
        String machine();
    }

    /** The machine was cared for; by then so many minutes had been sewn on it, and so many of them leave lint. */
    interface Care extends OnMachine {
        double sewnMinutes();

        double lintyMinutes();
    }

    /** The top dial stands there since. */
    interface DialStands {
        double dial();
    }

    record NeedleOut(String machine, int place, UUID needle) implements Event, NeedleMove {
        @Override
        public String words(Named named) {
            return named.needle(needle) + " out";
        }
    }

    /**
     * A needle was fitted.
     *
     * @param packet the packet that it was taken out of
     * @param on what lay on the table, in words
     */
    record NeedleIn(
            String machine,
            int place,
            UUID needle,
            @Nullable UUID packet,
            @Nullable String on) implements Event, NeedleMove {
        @Override
        public String words(Named named) {
            return named.needle(needle) + " in" + (on == null ? "" : ", for " + on);
        }
    }

    /** Put in a marked place. */
    record Parked(@Nullable String machine, UUID needle, String where) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return named.needle(needle) + " parked: " + where;
        }
    }

    /** Into the sharps jar, because it had failed or because its time was over. */
    record Jarred(@Nullable String machine, UUID needle, boolean failed) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return named.needle(needle) + " into the sharps jar";
        }
    }

    /** Back into its packet, nearly new. */
    record PutBack(@Nullable String machine, UUID needle) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return named.needle(needle) + " back into its packet";
        }
    }

    /**
     * Broke in the machine.
     *
     * @param missing the pieces that are missing, in words; empty when all were found
     * @param sewn what was under it
     */
    record Broke(
            @Nullable String machine,
            UUID needle,
            String missing,
            @Nullable SetupKept sewn) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return named.needle(needle) + " broke" + (missing.isEmpty() ? "" : ", missing: " + missing);
        }
    }

    record PiecesFound(@Nullable String machine, UUID needle) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return "missing pieces found";
        }
    }

    /** With a piece of the needle missing, a whole turn by hand was silent: the piece waits for the service. */
    record SilentTurn(@Nullable String machine, UUID needle) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return "a whole turn by hand was silent; what is missing waits for the service";
        }
    }

    /**
     * Work was done with one of the needles in a machine.
     *
     * @param effectiveHours the hours that its cloth wears a needle as ordinary cloth would
     * @param sheds whether its thread sheds lint
     * @param on what was sewn, in words
     */
    record Sewn(
            String machine,
            int place,
            UUID needle,
            double minutes,
            double effectiveHours,
            Wear wear,
            boolean sheds,
            @Nullable String on)
            implements Event, OnMachine, AtPlace, OfNeedle {
        /** Returns the minutes of work that leave lint in the machine. */
        public double lintyMinutes() {
            return sheds || wear.isLinty() ? minutes : 0;
        }

        @Override
        public String words(Named named) {
            String cloth = wear == Wear.ORDINARY ? "ordinary cloth" : wear.words();
            return String.format(Locale.ROOT, "sewn %.0f min, %s", minutes, on == null ? cloth : on);
        }
    }

    /**
     * A machine was listened to while it sewed; of the sound nothing is kept but these figures.
     *
     * @param needle the needle that was in it
     * @param needleHours what that had sewn before, in effective hours
     * @param stitches that were counted
     * @param minutes that the machine ran
     * @param clockMinutes from the first stitch to the last, without pauses of more than two minutes
     * @param knock what its point's knock came to, and how fast it was; null where that could not be measured
     * @param on what was sewn, in words
     */
    record Heard(
            String machine,
            UUID needle,
            double needleHours,
            double stitches,
            double minutes,
            double clockMinutes,
            @Nullable Knock knock,
            Wear wear,
            @Nullable String on)
            implements Event, OnMachine {
        public Heard {
            BadInput.unless(
                    stitches >= 0 && minutes >= 0 && clockMinutes >= 0 && needleHours >= 0,
                    "stitches",
                    () -> "What was heard is 0 or more.");
        }

        /** Returns the stitches a minute while it ran. */
        public double perMinute() {
            return minutes <= 0 ? 0 : stitches / minutes;
        }

        @Override
        public String words(Named named) {
            return String.format(Locale.ROOT, "heard %,.0f stitches, %.0f a minute", stitches, perMinute());
        }
    }

    /**
     * What was sewn used up thread.
     *
     * @param spool the spool that it came off; null where its metres are not counted
     * @param above metres
     * @param bobbin the wound bobbin; null where its metres are not counted
     * @param below metres
     */
    record ThreadUsed(
            String machine,
            @Nullable UUID spool,
            double above,
            @Nullable UUID bobbin,
            double below) implements Event, OnMachine {
        @Override
        public String words(Named named) {
            return String.format(Locale.ROOT, "about %.0f m of thread", above + below);
        }
    }

    /**
     * A scrap was sewn and looked at.
     *
     * @param cloth the cloth's id, in the catalogue or the drawer
     * @param nm the needle's size
     * @param on what was sewn, in words
     */
    record ScrapSeen(@Nullable String machine, String cloth, NeedleType type, int nm, Scrap.Showed showed, String on)
            implements Event, OnMachine {
        public Scrap scrap() {
            return new Scrap(type, NeedleSize.ofNm(nm), showed);
        }

        @Override
        public String words(Named named) {
            return "scrap with " + type.words() + " " + NeedleSize.ofNm(nm) + ": " + showed.words() + ", on " + on;
        }
    }

    /**
     * The pull of a bobbin was tested.
     *
     * @param bobbinCase which case of the machine
     * @param rhythm when it is asked for again
     */
    record PullTested(
            String machine, String bobbinCase, PullMeasured measured, SetupKept.ThreadKept thread, PullRhythm rhythm)
            implements Event, OnMachine {
        @Override
        public String words(Named named) {
            return "the bobbin's pull (" + bobbinCase + "): " + measured.words() + ", with "
                    + thread.thread().words();
        }
    }

    /**
     * A needle hit something.
     *
     * @param on what was sewn, in words
     */
    record Struck(
            @Nullable String machine, UUID needle, @Nullable String on) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return named.needle(needle) + " struck something" + (on == null ? "" : ", on " + on);
        }
    }

    /**
     * Heard, felt or seen.
     *
     * @param on what was sewn, in words
     */
    record Noticed(
            @Nullable String machine,
            UUID needle,
            Sign sign,
            @Nullable String on) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return "noticed: " + sign.words() + (on == null ? "" : ", on " + on);
        }
    }

    /** What was noticed of a needle had another cause, which was found: it tells nothing of the needle any more. */
    record Explained(@Nullable String machine, UUID needle) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return "what was noticed was not the " + named.needle(needle);
        }
    }

    /** A machine came onto the shelf. */
    record Begun(String machine, Past past) implements Event, OnMachine {
        @Override
        public String words(Named named) {
            return "on the shelf: " + past.words();
        }
    }

    /** A project was begun with a needle. */
    record Project(@Nullable String machine, UUID needle) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return "a project begun";
        }
    }

    /** A big project was begun with a needle. */
    record BigProject(@Nullable String machine, UUID needle) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return "a big project begun";
        }
    }

    /** Work was laid on a machine's table. */
    record Laid(String machine, TableWork work) implements Event, OnMachine {
        @Override
        public String words(Named named) {
            return "on the table: " + work.words() + ", with " + work.top().words();
        }
    }

    record TimerOn(String machine) implements Event, OnMachine {
        @Override
        public String words(Named named) {
            return "timer started";
        }
    }

    record TimerOff(String machine) implements Event, OnMachine {
        @Override
        public String words(Named named) {
            return "timer stopped";
        }
    }

    /** Looked at after a needle was fitted. */
    record FitChecked(@Nullable String machine, UUID needle, FitCheck check) implements Event, OnMachine, OfNeedle {
        @Override
        public String words(Named named) {
            return check.words().toLowerCase(Locale.ROOT) + ": done";
        }
    }

    record Threaded(String machine, double tex, Fibre fibre, Build build, Quality quality) implements Event, OnMachine {
        public static Threaded with(String machine, SewingThread thread) {
            return new Threaded(machine, thread.tex().value(), thread.fibre(), thread.build(), thread.quality());
        }

        public SewingThread thread() {
            return new SewingThread(new Tex(tex), fibre, build, OptionalDouble.empty(), quality, false);
        }

        public Threaded {
            new Tex(tex); // Refuses what no thread is.
        }

        @Override
        public String words(Named named) {
            return "threaded with " + thread().words();
        }
    }

    /**
     * Both threads lock inside the cloth.
     *
     * @param sewn what it was balanced on
     */
    record Balanced(String machine, double dial, @Nullable SetupKept sewn) implements Event, OnMachine, DialStands {
        @Override
        public String words(Named named) {
            return "balanced at dial " + Words.number(dial);
        }
    }

    /** The top dial was found far off and set back. */
    record DialSet(String machine, double dial) implements Event, OnMachine, DialStands {
        @Override
        public String words(Named named) {
            return "dial set back to " + Words.number(dial);
        }
    }

    /** A check found something that was put right. */
    record Cured(@Nullable String machine, CheckId check) implements Event, OnMachine {
        @Override
        public String words(Named named) {
            return "found and put right: “" + named.check(check) + "”";
        }
    }

    record Cleaned(String machine, double sewnMinutes, double lintyMinutes) implements Event, Care {
        @Override
        public String words(Named named) {
            return "cleaned";
        }
    }

    record Oiled(String machine, double sewnMinutes, double lintyMinutes) implements Event, Care {
        @Override
        public String words(Named named) {
            return "oiled";
        }
    }

    record Serviced(String machine, double sewnMinutes, double lintyMinutes) implements Event, Care {
        @Override
        public String words(Named named) {
            return "serviced";
        }
    }

    /** Something that is due was put off; it is not mentioned until then. */
    record Snoozed(String machine, String what, Instant until) implements Event, OnMachine {
        @Override
        public String words(Named named) {
            return "put off: " + what.toLowerCase(Locale.ROOT);
        }
    }

    /**
     * The minutes of a machine were set right, as they had been counted elsewhere; less than nothing takes off what was counted
     * twice.
     */
    record MinutesSetRight(String machine, double sewnMinutes, double lintyMinutes) implements Event, OnMachine {
        @Override
        public String words(Named named) {
            return String.format(Locale.ROOT, "minutes set right by %+.0f", sewnMinutes);
        }
    }

    record JarEmptied() implements Event {
        @Override
        public String words(Named named) {
            return "sharps jar emptied";
        }
    }

    /** What is stored cannot be read: it counts for nothing, keeps no page shut, and is put aside by being taken back. */
    record Unreadable(EventKind kind) implements Event {
        @Override
        public String words(Named named) {
            return "something that Belonax cannot read ("
                    + kind.name().toLowerCase(Locale.ROOT).replace('_', ' ') + "); it counts for nothing";
        }
    }

    /** An action was taken back. */
    record Undone(UUID undoes) implements Event {
        @Override
        public String words(Named named) {
            return "taken back";
        }
    }

    /** Returns this event as another kind, if it is one. */
    default <T> Optional<T> as(Class<T> kind) {
        return kind.isInstance(this) ? Optional.of(kind.cast(this)) : Optional.empty();
    }
}
