package belonax.room.event;

import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What can happen: the word under which an event is stored, and the record that tells of it. The words never change. */
public enum EventKind {
    NEEDLE_OUT(Event.NeedleOut.class),
    NEEDLE_IN(Event.NeedleIn.class),
    PARKED(Event.Parked.class),
    JARRED(Event.Jarred.class),
    PUT_BACK(Event.PutBack.class),
    BROKE(Event.Broke.class),
    PIECES_FOUND(Event.PiecesFound.class),
    SILENT_TURN(Event.SilentTurn.class),
    SEWN(Event.Sewn.class),
    HEARD(Event.Heard.class),
    THREAD_USED(Event.ThreadUsed.class),
    SCRAP_SEEN(Event.ScrapSeen.class),
    PULL_TESTED(Event.PullTested.class),
    STRUCK(Event.Struck.class),
    SIGN(Event.Noticed.class),
    EXPLAINED(Event.Explained.class),
    BEGUN(Event.Begun.class),
    PROJECT(Event.Project.class),
    BIG_PROJECT(Event.BigProject.class),
    LAID(Event.Laid.class),
    TIMER_ON(Event.TimerOn.class),
    TIMER_OFF(Event.TimerOff.class),
    FIT_CHECKED(Event.FitChecked.class),
    THREADED(Event.Threaded.class),
    BALANCED(Event.Balanced.class),
    DIAL_SET(Event.DialSet.class),
    CURED(Event.Cured.class),
    CLEANED(Event.Cleaned.class),
    OILED(Event.Oiled.class),
    SERVICED(Event.Serviced.class),
    SNOOZED(Event.Snoozed.class),
    MINUTES_SET_RIGHT(Event.MinutesSetRight.class),
    JAR_EMPTIED(Event.JarEmptied.class),
    UNDONE(Event.Undone.class);

    private static final Map<Class<? extends Event>, EventKind> BY_TYPE =
            Stream.of(values()).collect(Collectors.toMap(EventKind::type, Function.identity()));

    private final Class<? extends Event> type;

    EventKind(Class<? extends Event> type) {
        this.type = type;
    }

    /** Returns the kind of an event. */
    public static EventKind of(Event event) {
        return Objects.requireNonNull(BY_TYPE.get(event.getClass()));
    }

    /** Returns the record that tells of it. */
    public Class<? extends Event> type() {
        return type;
    }
}
