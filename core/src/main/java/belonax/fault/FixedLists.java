package belonax.fault;

import java.util.List;

/** The lists that people work through from the top, by school. What is on none of them comes after, by its chance. */
final class FixedLists {
    private static final List<String> NEEDLE = List.of(
            "NEEDLE_REPLACE",
            "NEEDLE_SEATED",
            "NEEDLE_TYPE",
            "NEEDLE_SIZE",
            "NEEDLE_SYSTEM",
            "NEEDLE_THREADED_DIRECTION",
            "CLAMP");
    private static final List<String> THREADING = List.of(
            "RETHREAD_TOP",
            "LAST_GUIDE",
            "TAKE_UP_AT_TOP",
            "THREAD_TAILS",
            "BOBBIN_SEATED",
            "BOBBIN_DIRECTION",
            "THREAD_SNAG",
            "SPOOL_DELIVERY");
    private static final List<String> CLEANING =
            List.of("CLEAN_HOOK_AREA", "BOBBIN_SPRING_CLEAN", "DISCS_CLEAN", "FEED_DOGS", "OIL");
    private static final List<String> THREAD =
            List.of("THREAD_QUALITY", "BOBBIN_WOUND", "BOBBIN_NEARLY_EMPTY", "BOBBIN_CLASS");
    private static final List<String> SETTINGS =
            List.of("TOP_DIAL", "BOBBIN_TENSION", "FOOT_PRESSURE", "STITCH_LENGTH", "STITCH_CHOICE", "STABILISER");
    private static final List<String> NAIL =
            List.of("PLATE_BURR", "HOOK_BURR", "CASE_BURR", "FOOT_BURR", "GUIDE_BURR", "PLATE_HOLE");
    private static final List<String> GLANCE = List.of(
            "TOP_DIAL",
            "LAST_GUIDE",
            "THREAD_SNAG",
            "SPOOL_DELIVERY",
            "BOBBIN_SEATED",
            "BOBBIN_DIRECTION",
            "CLAMP",
            "LIFTING_AID");

    private FixedLists() {}

    /** Returns the checks in the order of a school; nothing for the worked-out order. */
    static List<String> of(SearchSchool school) {
        return switch (school) {
            case LIKELIEST_PER_MINUTE -> List.of();
            case NEEDLE_FIRST -> joined(List.of(NEEDLE, THREADING, CLEANING, THREAD, SETTINGS, NAIL));
            case RETHREAD_FIRST -> joined(List.of(THREADING, NEEDLE, THREAD, CLEANING, SETTINGS, NAIL));
            case CLEAN_FIRST -> joined(List.of(CLEANING, NEEDLE, THREADING, THREAD, SETTINGS, NAIL));
            case AS_FOUND -> GLANCE;
        };
    }

    private static List<String> joined(List<List<String>> lists) {
        return lists.stream().flatMap(List::stream).toList();
    }
}
