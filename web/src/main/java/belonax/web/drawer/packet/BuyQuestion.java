package belonax.web.drawer.packet;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.machine.Machine;
import belonax.match.MatchRequest;
import belonax.match.NeedleMatcher;
import belonax.match.PacketPlan;
import belonax.match.PacketPlan.Use;
import belonax.needle.Needle;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.needle.MachineNow;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * What is sewn here: every cloth of the drawer with the everyday thread of the drawer that suits it best, and every other
 * thread for its own purpose on the cloth that it suits best. A newcomer's cloths are the usual ones.
 */
@Component
class BuyQuestion {
    /** From here up a thread is meant to be seen. */
    private static final double THICK_TEX = 45;

    private static final SewingThread USUAL_THREAD = SewingThread.spunPolyester(25);
    private static final List<String> NEWCOMER = List.of(
            "quilting-cotton",
            "poplin",
            "linen",
            "flannel",
            "single-jersey",
            "sweatshirt-knit",
            "fleece",
            "denim-light");

    private final DrawerStore drawer;
    private final ClothCatalogue cloths;
    private final Clock clock;

    BuyQuestion(DrawerStore drawer, ClothCatalogue cloths, Clock clock) {
        this.drawer = drawer;
        this.cloths = cloths;
        this.clock = clock;
    }

    PacketPlan ofTheDrawer(NeedleMatcher matcher, Optional<MachineNow> machine) {
        List<SewingThread> threads = threads();
        List<SewingThread> everyday =
                threads.stream().filter(BuyQuestion::isEveryday).toList();
        List<Cloth> owned = drawer.all(Swatch.class).stream()
                .map(kept -> kept.card().cloth(kept.id().toString()))
                .toList();
        List<Use> uses = new ArrayList<>();
        for (Cloth cloth : owned) {
            SewingThread thread = everyday.stream()
                    .min(Comparator.comparingDouble(
                            sewingThread -> harm(matcher, cloth, sewingThread, Purpose.SEAM, machine)))
                    .orElse(USUAL_THREAD);
            uses.add(use(cloth, thread, Purpose.SEAM, machine));
        }
        for (SewingThread thread : threads) {
            if (!isEveryday(thread)) {
                Purpose purpose = purposeOf(thread);
                owned.stream()
                        .min(Comparator.comparingDouble(
                                otherCloth -> harm(matcher, otherCloth, thread, purpose, machine)))
                        .ifPresent(otherCloth -> uses.add(use(otherCloth, thread, purpose, machine)));
            }
        }
        return PacketPlan.of(matcher, uses, needles());
    }

    PacketPlan ofANewcomer(NeedleMatcher matcher) {
        List<Use> uses = NEWCOMER.stream()
                .map(cloths::get)
                .map(cloth -> use(cloth, USUAL_THREAD, Purpose.SEAM, Optional.empty()))
                .toList();
        return PacketPlan.of(matcher, uses, List.of());
    }

    private List<SewingThread> threads() {
        int year = LocalDate.now(clock).getYear();
        return drawer.all(Spool.class).stream()
                .filter(kept -> kept.card().isSound())
                .map(kept -> kept.card().thread(year))
                .distinct()
                .toList();
    }

    private List<Needle> needles() {
        return drawer.all(Packet.class).stream()
                .filter(kept -> kept.card().isOffered())
                .map(kept -> kept.card().needle())
                .toList();
    }

    /** What seams are sewn with; the others have a purpose of their own. */
    private static boolean isEveryday(SewingThread thread) {
        boolean plain = thread.build() == Build.SPUN || thread.build() == Build.CORESPUN;
        return plain
                && thread.fibre() != Fibre.RAYON
                && !thread.isMetallic()
                && thread.tex().value() < THICK_TEX;
    }

    private static Purpose purposeOf(SewingThread thread) {
        if (thread.tex().value() >= THICK_TEX) {
            return Purpose.TOPSTITCH;
        }
        return thread.isMetallic() || thread.isMonofilament() ? Purpose.DECORATIVE : Purpose.EMBROIDERY;
    }

    private static double harm(
            NeedleMatcher matcher, Cloth cloth, SewingThread thread, Purpose purpose, Optional<MachineNow> machine) {
        return matcher.match(request(cloth, thread, purpose, machine)).best().expectedHarm();
    }

    private static Use use(Cloth cloth, SewingThread thread, Purpose purpose, Optional<MachineNow> machine) {
        String what = purpose == Purpose.SEAM ? "" : purpose.words() + " on ";
        return new Use(what + cloth.name() + " with " + thread.words(), request(cloth, thread, purpose, machine));
    }

    /** Plate, foot and power are the day's; what to buy is asked for the machine's systems alone. */
    private static MatchRequest request(
            Cloth cloth, SewingThread thread, Purpose purpose, Optional<MachineNow> machine) {
        JobBuilder job = Job.sewing(Stack.usual(cloth), thread).purpose(purpose);
        machine.map(MachineNow::machine).map(Machine::systems).ifPresent(job::systems);
        return MatchRequest.of(job.build());
    }
}
