package belonax.room;

import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.life.Wear;
import belonax.plan.ThreadUse;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.event.TableWork;
import belonax.thread.SewingThread;
import java.util.List;
import java.util.UUID;

/** Work that tests lay on a table. */
public final class TestWork {
    private static final ClothCatalogue CLOTHS = ClothCatalogue.standard();

    private TestWork() {}

    /** Returns two layers of poplin, sewn off a spool of the drawer. */
    public static TableWork off(UUID spool, double tex) {
        TableWork work = of("poplin", 2, tex);
        return new TableWork(
                work.stack(),
                work.crossing(),
                work.stitching(),
                TableWork.Top.of(spool, "", SewingThread.spunPolyester(tex)),
                work.bobbin(),
                work.purpose(),
                work.stitchWidthMm(),
                work.offCentreMm(),
                work.twin(),
                work.setup(),
                work.wear(),
                work.use());
    }

    /** Returns so many layers of a cloth of the catalogue, sewn with spun polyester. */
    public static TableWork of(String cloth, int layers, double tex) {
        Stack stack = Stack.of(CLOTHS.get(cloth), layers);
        SewingThread thread = SewingThread.spunPolyester(tex);
        ThreadKept kept = ThreadKept.of(thread);
        return new TableWork(
                List.of(new TableWork.Laid(cloth, null, layers)),
                "",
                0,
                TableWork.Top.of(null, "", thread),
                null,
                Purpose.SEAM,
                null,
                null,
                "",
                new SetupKept(cloth, stack.words(), layers, stack.thicknessMm(), 0, kept, null),
                Wear.of(stack, thread, Purpose.SEAM),
                ThreadUse.of(Job.sewing(stack, thread).build()));
    }
}
