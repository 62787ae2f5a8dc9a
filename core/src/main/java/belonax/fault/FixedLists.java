package belonax.fault;

import java.util.List;

/** The lists that people work through from the top, by school. What is on none of them comes after, by its chance. */
final class FixedLists {
    private static final List<CheckId> NEEDLE = List.of(
            CheckId.NEEDLE_REPLACE,
            CheckId.NEEDLE_SEATED,
            CheckId.NEEDLE_TYPE,
            CheckId.NEEDLE_SIZE,
            CheckId.NEEDLE_SYSTEM,
            CheckId.NEEDLE_THREADED_DIRECTION,
            CheckId.CLAMP);
    private static final List<CheckId> THREADING = List.of(
            CheckId.RETHREAD_TOP,
            CheckId.LAST_GUIDE,
            CheckId.TAKE_UP_AT_TOP,
            CheckId.THREAD_TAILS,
            CheckId.BOBBIN_SEATED,
            CheckId.BOBBIN_DIRECTION,
            CheckId.THREAD_SNAG,
            CheckId.SPOOL_DELIVERY);
    private static final List<CheckId> CLEANING = List.of(
            CheckId.CLEAN_HOOK_AREA, CheckId.BOBBIN_SPRING_CLEAN, CheckId.DISCS_CLEAN, CheckId.FEED_DOGS, CheckId.OIL);
    private static final List<CheckId> THREAD =
            List.of(CheckId.THREAD_QUALITY, CheckId.BOBBIN_WOUND, CheckId.BOBBIN_NEARLY_EMPTY, CheckId.BOBBIN_CLASS);
    private static final List<CheckId> SETTINGS = List.of(
            CheckId.TOP_DIAL,
            CheckId.BOBBIN_TENSION,
            CheckId.FOOT_PRESSURE,
            CheckId.STITCH_LENGTH,
            CheckId.STITCH_CHOICE,
            CheckId.STABILISER);
    private static final List<CheckId> NAIL = List.of(
            CheckId.PLATE_BURR,
            CheckId.HOOK_BURR,
            CheckId.CASE_BURR,
            CheckId.FOOT_BURR,
            CheckId.GUIDE_BURR,
            CheckId.PLATE_HOLE);
    private static final List<CheckId> GLANCE = List.of(
            CheckId.TOP_DIAL,
            CheckId.LAST_GUIDE,
            CheckId.THREAD_SNAG,
            CheckId.SPOOL_DELIVERY,
            CheckId.BOBBIN_SEATED,
            CheckId.BOBBIN_DIRECTION,
            CheckId.CLAMP,
            CheckId.LIFTING_AID);

    private FixedLists() {}

    /** Returns the checks in the order of a school; nothing for the worked-out order. */
    static List<CheckId> of(SearchSchool school) {
        return switch (school) {
            case LIKELIEST_PER_MINUTE -> List.of();
            case NEEDLE_FIRST -> joined(List.of(NEEDLE, THREADING, CLEANING, THREAD, SETTINGS, NAIL));
            case RETHREAD_FIRST -> joined(List.of(THREADING, NEEDLE, THREAD, CLEANING, SETTINGS, NAIL));
            case CLEAN_FIRST -> joined(List.of(CLEANING, NEEDLE, THREADING, THREAD, SETTINGS, NAIL));
            case AS_FOUND -> GLANCE;
        };
    }

    private static List<CheckId> joined(List<List<CheckId>> lists) {
        return lists.stream().flatMap(List::stream).toList();
    }
}
