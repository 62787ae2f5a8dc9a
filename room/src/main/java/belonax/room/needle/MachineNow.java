package belonax.room.needle;

import belonax.life.FitCheck;
import belonax.machine.Machine;
import belonax.machine.Past;
import belonax.needle.NeedleInUse;
import belonax.room.ChangedMeanwhile;
import belonax.room.Words;
import belonax.room.event.TableWork;
import belonax.room.machine.MachineCard;
import belonax.room.usecase.CurrentIdempotencyKey;
import belonax.thread.SewingThread;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One machine as it stands on the table now.
 *
 * @param id short name in addresses
 * @param card what the owner keeps about it
 * @param thread the top thread, where it was told
 * @param dial the dial at the last balance
 * @param table the work on its table, if any was laid there
 * @param timerSince when the timer that runs was started
 * @param missing broken needles of which pieces may lie in it
 * @param work what was sewn on it, and when it was cared for
 */
public record MachineNow(
        String id,
        MachineCard card,
        List<Place> places,
        Optional<SewingThread> thread,
        OptionalDouble dial,
        Optional<TableWork> table,
        Optional<Instant> timerSince,
        List<NeedleRecord> missing,
        Work work) {

    /**
     * A place that holds a needle.
     *
     * @param number its number, from 0
     */
    public record Place(int number, String name, Optional<Fitted> fitted) {}

    /**
     * The needle in a place, and since when.
     *
     * @param minutesSince what was sewn with it since it was fitted
     * @param checked the looks that were done since then
     */
    public record Fitted(UUID needleId, NeedleInUse needle, Instant since, double minutesSince, Set<FitCheck> checked) {
        public Fitted {
            checked = Set.copyOf(checked);
        }
    }

    /**
     * What was sewn on a machine, and when it was cared for last.
     *
     * @param sewnMinutes all that was counted
     * @param lintyMinutes those of them that left lint
     * @param sewnAt when something was counted last
     * @param begun where it comes from, where that was told
     */
    public record Work(
            double sewnMinutes,
            double lintyMinutes,
            Optional<Instant> sewnAt,
            Optional<Mark> cleaned,
            Optional<Mark> oiled,
            Optional<Mark> serviced,
            Optional<Begun> begun) {
        /** Returns where the machine came from, until it is run in; from then on it is in use. */
        public Past past() {
            return begun.filter(otherBegun -> !otherBegun.past().wantsRunIn()
                            || cleaned.filter(done -> done.at().isAfter(otherBegun.at()))
                                    .isEmpty())
                    .map(Begun::past)
                    .orElse(Past.IN_USE);
        }
    }

    /** Where a machine comes from, and since when it is on the shelf. */
    public record Begun(Past past, Instant at) {}

    /** When something was done, and how much had been sewn by then. */
    public record Mark(Instant at, double sewnMinutes, double lintyMinutes) {}

    public MachineNow {
        places = List.copyOf(places);
        missing = List.copyOf(missing);
    }

    /** Tells whether a piece is missing in it that nobody looked further for: it is not sewn with. */
    public boolean holdsAPiece() {
        return missing.stream().anyMatch(needleRecord -> !needleRecord.waits());
    }

    /** Returns what is missing in it in words, such as “tip of the universal 80/12”; empty when nothing is. */
    public String missingWords() {
        return missing.stream()
                .map(needleRecord -> needleRecord.missing() + " of the "
                        + needleRecord.needle().words())
                .collect(Collectors.joining("; "));
    }

    /** Returns what lies on its table in words; null where nothing was laid there. */
    public @Nullable String tableWords() {
        return table.map(TableWork::words).orElse(null);
    }

    /** Returns where it stands, in the owner's words. */
    public String standsAt() {
        return card.standsAt();
    }

    public Machine machine() {
        return card.machine();
    }

    /** Returns which needles are in it, as a form sends along what its page showed. */
    public String seen() {
        return id() + ":"
                + places.stream()
                        .map(place -> place.fitted()
                                .map(in -> in.needleId().toString())
                                .orElse(""))
                        .collect(Collectors.joining(","));
    }

    /**
     * Refuses what was pressed on a page that showed other needles than are in the machine by now.
     *
     * @throws ChangedMeanwhile telling what is there now
     */
    public void checkSeen() {
        boolean isStale = CurrentIdempotencyKey.seen()
                .filter(text -> text.startsWith(id() + ":"))
                .filter(text -> !text.equals(seen()))
                .isPresent();
        if (isStale) {
            String now = fitted().map(otherFitted ->
                            Words.article(otherFitted.needle().needle().words()) + " "
                                    + otherFitted.needle().needle().words())
                    .orElse("no needle");
            throw new ChangedMeanwhile(
                    "By now there is " + now + " in " + machine().name()
                            + ", which that page did not show. Nothing was recorded; look at it, then press again.");
        }
    }

    /** Returns the needle in a place, if the place is there and holds one. */
    public Optional<Fitted> fittedIn(int place) {
        return places.stream()
                .filter(otherPlace -> otherPlace.number() == place)
                .flatMap(otherPlace -> otherPlace.fitted().stream())
                .findFirst();
    }

    /** Returns the place that is asked about where none is named: the first that holds a needle. */
    public Place placeAskedAbout() {
        return places.stream()
                .filter(place -> place.fitted().isPresent())
                .findFirst()
                .orElse(places.get(0));
    }

    /** Returns the needle in the first place that holds one. */
    public Optional<Fitted> fitted() {
        return places.stream().flatMap(place -> place.fitted().stream()).findFirst();
    }
}
