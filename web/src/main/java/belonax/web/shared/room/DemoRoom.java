package belonax.web.shared.room;

import static belonax.needle.NeedleSystem.HAX1SP;
import static belonax.needle.NeedleSystem.H_130_705;

import belonax.machine.BobbinKind;
import belonax.machine.FlatSide;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Plate;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A made-up carnival workshop at home, filled in once when the demo's own folder is empty. */
@Component
@Profile("demo")
class DemoRoom implements ApplicationRunner {
    private final MachineRepository machines;
    private final NeedleRepository needles;
    private final EventRepository events;
    private final Clock clock;
    private final Supplier<UUID> ids;

    DemoRoom(
            MachineRepository machines,
            NeedleRepository needles,
            EventRepository events,
            Clock clock,
            Supplier<UUID> ids) {
        this.machines = machines;
        this.needles = needles;
        this.events = events;
        this.clock = clock;
        this.ids = ids;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (machines.count() > 0) {
            return;
        }
        addHeron();
        addBadger();
        addOldTin();
        addSparrow();
    }

    private void addHeron() {
        machines.save(new MachineEntity(
                "heron",
                0,
                "table by the window",
                new Machine(
                        "Heron",
                        MachineKind.COMPUTER_CONTROLLED,
                        List.of(H_130_705),
                        FlatSide.BACK,
                        BobbinKind.SEALED,
                        MotorPower.NORMAL,
                        Plate.ZIGZAG,
                        7.0,
                        List.of("needle"))));
        fit("heron", 0, Needle.of(H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80), 6, 2.6);
        thread("heron", 25, 6);
        balance("heron", 4, 3);
    }

    private void addBadger() {
        machines.save(new MachineEntity(
                "badger",
                1,
                "workbench",
                new Machine(
                        "Badger",
                        MachineKind.MECHANICAL,
                        List.of(H_130_705),
                        FlatSide.BACK,
                        BobbinKind.REMOVABLE,
                        MotorPower.STRONG,
                        Plate.ZIGZAG,
                        5.5,
                        List.of("needle"))));
        fit("badger", 0, Needle.of(H_130_705, NeedleType.JEANS, NeedleSize.NM_100), 12, 8.4);
        thread("badger", 40, 12);
        balance("badger", 3.5, 12);
    }

    private void addOldTin() {
        machines.save(new MachineEntity(
                "old-tin",
                2,
                "under the stairs",
                new Machine(
                        "Old Tin",
                        MachineKind.MECHANICAL,
                        List.of(H_130_705),
                        FlatSide.LEFT,
                        BobbinKind.REMOVABLE,
                        MotorPower.LIGHT,
                        Plate.STRAIGHT,
                        0,
                        List.of("needle"))));
        fit("old-tin", 0, Needle.of(H_130_705, NeedleType.SHARP, NeedleSize.NM_70), 40, 1.1);
        thread("old-tin", 20, 40);
    }

    private void addSparrow() {
        machines.save(new MachineEntity(
                "sparrow",
                3,
                "shelf by the door",
                new Machine(
                        "Sparrow",
                        MachineKind.OVERLOCKER,
                        List.of(HAX1SP),
                        FlatSide.BACK,
                        BobbinKind.NONE,
                        MotorPower.NORMAL,
                        Plate.ZIGZAG,
                        9.0,
                        List.of("left needle", "right needle"))));
        fit("sparrow", 0, Needle.of(HAX1SP, NeedleType.STRETCH, NeedleSize.NM_90), 20, 3.2);
        fit("sparrow", 1, Needle.of(HAX1SP, NeedleType.STRETCH, NeedleSize.NM_90), 20, 3.2);
        thread("sparrow", 27, 20);
    }

    private void fit(String machineId, int place, Needle needle, long daysAgo, double effectiveHours) {
        NeedleEntity stored = needles.save(new NeedleEntity(ids.get(), needle));
        events.save(Event.needleIn(ids.get(), daysAgo(daysAgo), machineId, place, stored.id()));
        events.save(Event.sewn(ids.get(), daysAgo(daysAgo - 1), machineId, place, stored.id(), effectiveHours));
    }

    private void thread(String machineId, double tex, long daysAgo) {
        events.save(Event.threaded(ids.get(), daysAgo(daysAgo), machineId, SewingThread.spunPolyester(tex)));
    }

    private void balance(String machineId, double dial, long daysAgo) {
        events.save(Event.balanced(ids.get(), daysAgo(daysAgo), machineId, dial));
    }

    private Instant daysAgo(long days) {
        return clock.instant().minus(Duration.ofDays(days)).truncatedTo(ChronoUnit.MILLIS);
    }
}
