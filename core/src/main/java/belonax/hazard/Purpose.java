package belonax.hazard;

import belonax.machine.MachineKind;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** What the stitching is for. Source: docs/craft.md, "Stitch, foot and dial by purpose". */
public enum Purpose {
    SEAM("a seam", Group.JOIN),
    TOPSTITCH("a topstitch line", Group.FINISH),
    HEM("a hem", Group.FINISH),
    QUILTING("a quilting line", Group.JOIN),
    FREE_MOTION("free-motion work", Group.DECORATE),
    EMBROIDERY("machine embroidery", Group.DECORATE),
    BUTTONHOLE("a buttonhole", Group.FINISH, 4.5),
    DECORATIVE("a decorative stitch", Group.DECORATE, 2),
    GATHER("a gathering line", Group.JOIN),
    OPENWORK("an openwork line", Group.DECORATE, 2.5),
    PIECING("piecing", Group.JOIN),
    BLIND_HEM("a blind hem", Group.FINISH, 1.5),
    ROLLED_HEM("a rolled hem", Group.FINISH),
    ZIP("a zip", Group.JOIN),
    PIPING("piping", Group.JOIN),
    BASTE("basting", Group.JOIN),
    ELASTIC("elastic", Group.JOIN, 2),
    SHIRRING("shirring", Group.JOIN),
    SATIN("appliqué, a satin edge", Group.DECORATE, 2),
    BAR_TACK("a bar tack", Group.FINISH, 2),
    COUCHING("couching a cord", Group.DECORATE, 2),
    PINTUCKS("pintucks", Group.DECORATE),
    DARNING("darning", Group.MEND),
    OVERLOCK("an overlock seam", Group.JOIN),
    COVER_HEM("a cover hem", Group.FINISH);

    private static final Set<Purpose> DENSE = EnumSet.of(EMBROIDERY, DECORATIVE, SATIN);
    private static final Set<Purpose> ON_ANY_FOOT =
            EnumSet.of(SEAM, TOPSTITCH, HEM, BASTE, ELASTIC, SHIRRING, BAR_TACK);
    private static final Set<Purpose> BY_HAND = EnumSet.of(FREE_MOTION, DARNING);

    /** How purposes stand together where one is chosen. */
    public enum Group {
        JOIN("join"),
        FINISH("finish"),
        DECORATE("decorate"),
        MEND("mend");

        private final String words;

        Group(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Returns the purposes of the group, in their order. */
        public List<Purpose> purposes() {
            return Stream.of(Purpose.values())
                    .filter(purpose -> purpose.group == this)
                    .toList();
        }
    }

    private final String words;
    private final Group group;
    private final double leastSwingMm;

    Purpose(String words, Group group) {
        this(words, group, 0);
    }

    Purpose(String words, Group group, double leastSwingMm) {
        this.words = words;
        this.group = group;
        this.leastSwingMm = leastSwingMm;
    }

    /** Returns it in running text with its article, as in “for a hem”. */
    public String words() {
        return words;
    }

    public Group group() {
        return group;
    }

    /**
     * Returns how far from side to side its whole pattern takes the needle at least, in millimetres: the two columns of a
     * buttonhole with the slit between them, the narrowest satin; 0 where a straight stitch does it.
     */
    double leastSwingMm() {
        return leastSwingMm;
    }

    /** Tells whether the stitches stand so close that a stabiliser belongs under them and counts in the stack. */
    public boolean isDense() {
        return DENSE.contains(this);
    }

    /** Tells whether the feed dogs are down and hands or darning hoop move the cloth. */
    public boolean isByHand() {
        return BY_HAND.contains(this);
    }

    /** Tells whether its foot hovers over the cloth and presses on nothing. */
    public boolean hovers() {
        return isByHand() || this == EMBROIDERY;
    }

    /** Tells whether it is sewn with a foot made for it, so that the cloth has no say in the foot. */
    public boolean hasFootOfItsOwn() {
        return !ON_ANY_FOOT.contains(this);
    }

    /**
     * Tells whether such a machine sews it: an overlocker sews overlock seams and rolled hems, a coverlock cover hems besides, a
     * lockstitch machine all else.
     */
    public boolean isSewnOn(MachineKind kind) {
        return switch (this) {
            case OVERLOCK -> kind.hasLoopers();
            case COVER_HEM -> kind == MachineKind.COVERLOCK;
            case ROLLED_HEM -> true;
            default -> !kind.hasLoopers();
        };
    }

    /** Returns what such a machine is usually asked for. */
    public static Purpose usualOn(MachineKind kind) {
        return kind.hasLoopers() ? OVERLOCK : SEAM;
    }

    /** Tells whether what it makes is worn and washed as a seam, and not only looked at. */
    public boolean isWorn() {
        return group == Group.JOIN && this != BASTE || this == HEM || this == BLIND_HEM || this == COVER_HEM;
    }
}
