package belonax.machine;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a presser foot is for. Source: docs/craft.md, "Stitch, foot and dial by purpose". */
public enum FootKind {
    STANDARD("standard foot", "standard", "all-purpose", "zigzag foot", "universal foot"),
    QUARTER_INCH("quarter-inch foot", "quarter", "1/4", "patchwork", "piecing"),
    STRAIGHT("straight-stitch foot", "straight"),
    EDGE("edge foot", "edge", "stitch in the ditch", "guide"),
    OPEN_TOE("open-toe foot", "open toe", "open-toe", "applique", "appliqué", "satin"),
    BLIND_HEM("blind-hem foot", "blind"),
    ROLLED_HEM("rolled-hem foot", "rolled", "hemmer"),
    ZIPPER("zipper foot", "zip"),
    PIPING("piping foot", "piping", "cord"),
    GATHERING("gathering foot", "gather", "ruffl"),
    WALKING("walking foot", "walking", "dual feed", "even feed"),
    ROLLER("roller foot", "roller"),
    NON_STICK("non-stick foot", "non-stick", "non stick", "nonstick", "coated", "glide"),
    DARNING("darning foot", "darning", "free-motion", "free motion", "hopping", "embroidery"),
    BUTTONHOLE("buttonhole foot", "buttonhole"),
    COUCHING("couching foot", "couching", "braid"),
    PINTUCK("pintuck foot", "pintuck", "pin tuck"),
    OVERLOCK("overlock foot", "overlock", "overcast"),
    COVER("cover foot", "cover");

    private final String words;
    private final List<String> names;

    FootKind(String words, String... names) {
        this.words = words;
        this.names = List.of(names);
    }

    public String words() {
        return words;
    }

    /** Returns the kind that a foot's own name tells of, if it tells one. */
    public static Optional<FootKind> guess(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        for (FootKind footKind : values()) {
            if (footKind != STRAIGHT && footKind.names.stream().anyMatch(lower::contains)) {
                return Optional.of(footKind);
            }
        }
        return lower.contains("straight") ? Optional.of(STRAIGHT) : Optional.empty();
    }
}
