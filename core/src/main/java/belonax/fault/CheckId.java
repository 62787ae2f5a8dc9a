package belonax.fault;

import belonax.BadInput;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The names of the checks: one for each row of checks.txt. */
public enum CheckId {
    NEEDLE_REPLACE,
    NEEDLE_SEATED,
    CLAMP,
    NEEDLE_THREADED_DIRECTION,
    NEEDLE_SYSTEM,
    NEEDLE_TYPE,
    NEEDLE_SIZE,
    RETHREAD_TOP,
    LAST_GUIDE,
    TAKE_UP_AT_TOP,
    THREAD_TAILS,
    THREAD_SNAG,
    SPOOL_DELIVERY,
    THREAD_QUALITY,
    THREAD_SHRINKS,
    DISCS_CLEAN,
    TOP_DIAL,
    BOBBIN_SEATED,
    BOBBIN_DIRECTION,
    BOBBIN_CLASS,
    BOBBIN_WOUND,
    BOBBIN_NEARLY_EMPTY,
    BOBBIN_DAMAGED,
    BACKLASH_SPRING,
    BOBBIN_SPRING_CLEAN,
    BOBBIN_TENSION,
    BOBBIN_CASE_POSITION,
    CLEAN_HOOK_AREA,
    PLATE_BURR,
    HOOK_BURR,
    CASE_BURR,
    FOOT_BURR,
    GUIDE_BURR,
    PLATE_HOLE,
    FOOT_PRESSURE,
    LIFTING_AID,
    STITCH_LENGTH,
    STITCH_CHOICE,
    FEEDING_HANDS,
    FEED_DOGS,
    OIL,
    OVER_OILED,
    FOREIGN_OBJECT,
    TWIN_CLEARANCE,
    STABILISER,
    MACHINE_POWER,
    THREADER,
    UNJAM,
    POWER_AND_LEAD,
    WINDER_ENGAGED,
    FOOT_LOWERED,
    NEEDLE_STRIKES,
    FOOT_TIGHT,
    COVER_PLATE,
    WHEEL_DIRECTION,
    PATTERN_BALANCE,
    OVERLOCK_ORDER,
    LOOPER_TENSION,
    DIFFERENTIAL,
    KNIFE,
    TAIL_HELD,
    CHECK_SPRING,
    HOOK_TIMING,
    SERVICE;

    /** Tells whether it is felt with a fingernail: all such checks are one tour of a few minutes. */
    public boolean isByFingernail() {
        return switch (this) {
            case PLATE_BURR, HOOK_BURR, CASE_BURR, FOOT_BURR, GUIDE_BURR -> true;
            default -> false;
        };
    }

    /** Tells whether it looks at a needle, so that a machine with several is looked at needle by needle. */
    public boolean isOfEachNeedle() {
        return switch (this) {
            case NEEDLE_REPLACE,
                    NEEDLE_SEATED,
                    CLAMP,
                    NEEDLE_THREADED_DIRECTION,
                    NEEDLE_SYSTEM,
                    NEEDLE_TYPE,
                    NEEDLE_SIZE,
                    LAST_GUIDE,
                    NEEDLE_STRIKES -> true;
            default -> false;
        };
    }

    /**
     * Returns the check of a name.
     *
     * @throws BadInput if there is none; the sentence lists them
     */
    public static CheckId named(String name) {
        return Stream.of(values())
                .filter(check -> check.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new BadInput("No check is called “" + name + "”. The checks are: "
                        + Stream.of(values()).map(CheckId::name).collect(Collectors.joining(", ")) + "."));
    }
}
