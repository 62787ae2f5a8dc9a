package belonax.room.event;

import belonax.cloth.Cloth;
import belonax.cloth.ClothPart;
import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.Purpose;
import belonax.life.Wear;
import belonax.plan.ThreadUse;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The work that lies on a machine's table: what is sewn, with which threads, and how. Kept in metric units, whatever was typed.
 *
 * @param stack the cloths with their layers, the first one first; never empty
 * @param crossing the thickest place that the seam crosses, by its name or as a number of layers; empty for none
 * @param stitching stitching that is in it already, as layers
 * @param top the top thread
 * @param bobbin the spool that the bobbin is wound from; null for the same as on top
 * @param stitchWidthMm null where the purpose's own is sewn
 * @param offCentreMm null for the middle
 * @param twin the needle of several points that is wished for, as the sentence has it; empty for none
 * @param setup the same as far as a later event is about it
 * @param wear what it costs a needle
 * @param use the thread that one stitch takes; null where it was laid before that was worked out
 */
public record TableWork(
        List<Laid> stack,
        String crossing,
        int stitching,
        Top top,
        @Nullable UUID bobbin,
        Purpose purpose,
        @Nullable Double stitchWidthMm,
        @Nullable Double offCentreMm,
        String twin,
        SetupKept setup,
        Wear wear,
        @Nullable ThreadUse use) {

    /**
     * Layers of one cloth.
     *
     * @param cloth its id in the catalogue or the drawer, or {@link Cloth#DESCRIBED}
     * @param described what it is like where it is neither
     */
    public record Laid(String cloth, @Nullable Described described, int layers) {}

    /** A cloth that was described instead of chosen. */
    public record Described(
            Structure structure,
            double weightGsm,
            @Nullable Double stretchPercent,
            Density density,
            List<Trait> traits,
            ClothPart part,
            Make make) {

        public static Described of(Cloth cloth) {
            OptionalDouble stretch = cloth.toldStretchPercent();
            return new Described(
                    cloth.structure(),
                    cloth.weightGsm(),
                    stretch.isPresent() ? stretch.getAsDouble() : null,
                    cloth.density(),
                    cloth.traits().stream().sorted().toList(),
                    cloth.part(),
                    cloth.make());
        }
    }

    /**
     * The top thread.
     *
     * @param spool its spool in the drawer; null where it is none of these
     * @param colour the spool's colour in words; empty where it is not known
     * @param strands how many go through one eye, 1 or 2
     * @param words thread and colour in words
     */
    public record Top(
            @Nullable UUID spool, String colour, ThreadKept thread, Quality quality, int strands, String words) {

        /** Returns a thread as it lies there, off a spool of the drawer where one is named. */
        public static Top of(@Nullable UUID spool, String colour, SewingThread thread) {
            return new Top(
                    spool,
                    colour,
                    ThreadKept.of(thread),
                    thread.quality(),
                    thread.strands(),
                    (colour + " " + thread.words()).strip());
        }

        /** Returns one strand of it, as it is threaded. */
        public SewingThread sewing() {
            return new SewingThread(
                    new Tex(thread.tex()), thread.fibre(), thread.build(), OptionalDouble.empty(), quality, false);
        }
    }

    public TableWork {
        stack = List.copyOf(stack);
        if (stack.isEmpty()) {
            throw new IllegalArgumentException("no cloth is on the table");
        }
    }

    /** Returns what is sewn and for what, such as “2 layers of swim knit, a hem”. */
    public String words() {
        return setup.stackWords() + ", " + purpose.words();
    }
}
