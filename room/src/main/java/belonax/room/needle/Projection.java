package belonax.room.needle;

import belonax.life.Sign;
import belonax.life.Wear;
import belonax.room.event.Consequence;
import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Works out what is true of a needle from its own events, leaving out those that were taken back. */
@Component
public class Projection implements Consequence {
    /** The note of a needle that went to the jar because it had failed. */
    public static final String FAILED = "failed";

    private final EventRepository events;
    private final NeedleRepository needles;

    public Projection(EventRepository events, NeedleRepository needles) {
        this.events = events;
        this.needles = needles;
    }

    /** What the events of one needle come to. */
    public record Facts(
            NeedleState state,
            String keptAt,
            double effectiveHours,
            double minutes,
            boolean struck,
            @Nullable Sign lastSign,
            @Nullable Wear mainWear,
            @Nullable String machineId,
            @Nullable Instant firstAt,
            @Nullable Instant lastAt,
            boolean failed,
            String missing,
            int projects,
            int bigProjects) {

        Facts loose() {
            return new Facts(
                    NeedleState.LOOSE,
                    keptAt,
                    effectiveHours,
                    minutes,
                    struck,
                    lastSign,
                    mainWear,
                    machineId,
                    firstAt,
                    lastAt,
                    failed,
                    missing,
                    projects,
                    bigProjects);
        }
    }

    /** Works a needle out anew and writes it down. */
    public void refresh(UUID needleId) {
        List<Event> inOrder = events.ofNeedle(needleId);
        Facts facts = facts(inOrder);
        boolean pushedOut = facts.state() == NeedleState.IN_MACHINE && !isWhereItWasPut(inOrder);
        needles.findById(needleId).ifPresent(it -> it.put(pushedOut ? facts.loose() : facts));
    }

    @Override
    public void takenBack(List<Event> undone) {
        Stream<UUID> moved = undone.stream().flatMap(it -> it.needleId().stream());
        Stream<UUID> nowThere = undone.stream().flatMap(it -> newestAtPlaceOf(it).flatMap(Event::needleId).stream());
        Stream.concat(moved, nowThere).distinct().forEach(this::refresh);
    }

    /** Returns the newest move at the place of a move. */
    private Optional<Event> newestAtPlaceOf(Event move) {
        return SewingRoom.NEEDLE_MOVES.contains(move.kind())
                        && move.machineId().isPresent()
                        && move.place().isPresent()
                ? events.newestAtPlace(move.machineId().get(), move.place().get(), SewingRoom.NEEDLE_MOVES)
                : Optional.empty();
    }

    /** Tells whether a move is the last that its needle made. */
    public boolean isNewestMove(Event move) {
        return move.needleId()
                .flatMap(it -> events.newestOfNeedle(it, SewingRoom.NEEDLE_MOVES))
                .filter(it -> it.seq() == move.seq())
                .isPresent();
    }

    /** After a change in between was taken back a later needle may stand in the place of an earlier one. */
    private boolean isWhereItWasPut(List<Event> inOrder) {
        Event in = inOrder.stream()
                .filter(it -> it.kind() == EventKind.NEEDLE_IN)
                .reduce((earlier, later) -> later)
                .orElseThrow();
        return events.newestAtPlace(in.machineId().orElse(""), in.place().orElse(0), SewingRoom.NEEDLE_MOVES)
                .filter(it -> it.seq() == in.seq())
                .isPresent();
    }

    public static Facts facts(List<Event> inOrder) {
        NeedleState state = NeedleState.UNKNOWN;
        String keptAt = "";
        String missing = "";
        String machineId = null;
        Sign sign = null;
        boolean struck = false;
        boolean failed = false;
        double hours = 0;
        double minutes = 0;
        int projects = 0;
        int bigProjects = 0;
        Map<Wear, Double> byWear = new EnumMap<>(Wear.class);
        for (Event it : inOrder) {
            machineId = it.machineId().orElse(machineId);
            switch (it.kind()) {
                case NEEDLE_IN -> state = NeedleState.IN_MACHINE;
                case NEEDLE_OUT -> state = state == NeedleState.BROKEN ? state : NeedleState.LOOSE;
                case PARKED -> {
                    state = NeedleState.PARKED;
                    keptAt = it.note();
                }
                case JARRED -> {
                    state = NeedleState.JARRED;
                    failed = failed || it.note().equals(FAILED);
                }
                case PUT_BACK -> state = NeedleState.PUT_BACK;
                case BROKE -> {
                    state = NeedleState.BROKEN;
                    failed = true;
                    missing = it.note();
                }
                case PIECES_FOUND -> missing = "";
                case STRUCK -> struck = true;
                case PROJECT -> projects++;
                case BIG_PROJECT -> {
                    projects++;
                    bigProjects++;
                }
                case SIGN -> sign = Sign.valueOf(it.note());
                case SEWN -> {
                    hours += it.effectiveHours();
                    minutes += it.minutes();
                    byWear.merge(it.wear(), it.effectiveHours(), Double::sum);
                }
                default -> {
                    // Nothing else happens to a needle.
                }
            }
        }
        Wear main = byWear.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(null);
        return new Facts(
                state,
                keptAt,
                hours,
                minutes,
                struck,
                sign,
                main,
                machineId,
                inOrder.isEmpty() ? null : inOrder.get(0).at(),
                inOrder.isEmpty() ? null : inOrder.get(inOrder.size() - 1).at(),
                failed,
                missing,
                projects,
                bigProjects);
    }
}
