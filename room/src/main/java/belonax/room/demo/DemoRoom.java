package belonax.room.demo;

import static belonax.needle.NeedleSystem.HAX1SP;
import static belonax.needle.NeedleSystem.H_130_705;

import belonax.balance.BobbinPull.Pull;
import belonax.balance.PullMeasured;
import belonax.balance.PullRhythm;
import belonax.life.FitCheck;
import belonax.life.Wear;
import belonax.machine.BobbinClass;
import belonax.machine.BobbinMaterial;
import belonax.machine.Dial;
import belonax.machine.FlatSide;
import belonax.machine.Foot;
import belonax.machine.FootLength;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.StitchPlate;
import belonax.machine.Threading;
import belonax.machine.Threading.BobbinTurn;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.machine.MachineCard;
import belonax.room.machine.MachineEntity;
import belonax.room.machine.MachineMinutes;
import belonax.room.machine.MachineRepository;
import belonax.room.needle.NeedleEntity;
import belonax.room.needle.NeedleRepository;
import belonax.room.needle.Projection;
import belonax.sound.Knock;
import belonax.thread.SewingThread;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A made-up carnival workshop at home, filled in once when the demo's own folder is empty. */
@Component
@Profile("demo")
@Order(1)
public class DemoRoom implements ApplicationRunner {
    private final MachineRepository machines;
    private final NeedleRepository needles;
    private final EventRepository events;
    private final Projection projection;
    private final MachineMinutes machineMinutes;
    private final Clock clock;
    private final Supplier<UUID> ids;

    DemoRoom(
            MachineRepository machines,
            NeedleRepository needles,
            EventRepository events,
            Projection projection,
            MachineMinutes machineMinutes,
            Clock clock,
            Supplier<UUID> ids) {
        this.machines = machines;
        this.needles = needles;
        this.events = events;
        this.projection = projection;
        this.machineMinutes = machineMinutes;
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
        addPast();
    }

    /** Needles that sewed here before: parked, retired sound, failed. */
    private void addPast() {
        parked(NeedleType.STRETCH, NeedleSize.NM_75, 2.1, "felt card, row 1", 15);
        parked(NeedleType.JEANS, NeedleSize.NM_90, 3.4, "felt card, row 1", 30);
        parked(NeedleType.SHARP, NeedleSize.NM_80, 0.8, "blue tin", 22);
        parked(NeedleType.TOPSTITCH, NeedleSize.NM_100, 1.5, "blue tin", 50);
        retired(NeedleType.UNIVERSAL, NeedleSize.NM_80, 8.2, false, 60);
        retired(NeedleType.UNIVERSAL, NeedleSize.NM_90, 9.6, true, 90);
        retired(NeedleType.UNIVERSAL, NeedleSize.NM_80, 6.4, true, 120);
        retired(NeedleType.STRETCH, NeedleSize.NM_75, 5.1, true, 75);
        retired(NeedleType.JEANS, NeedleSize.NM_100, 7.7, false, 110);
        retired(NeedleType.LEATHER, NeedleSize.NM_110, 3.9, true, 140);
        events.add(ids.get(), daysAgo(200), new Event.Serviced("heron", 0, 0));
        events.add(ids.get(), daysAgo(420), new Event.Serviced("badger", 0, 0));
        pull(150, "its own case", new PullMeasured(Pull.LOOSE, 6.0, null, 7, 1));
        pull(40, "its own case", new PullMeasured(Pull.RIGHT, 1.0, null, 0, 0));
        pull(40, "red dot, thick thread", new PullMeasured(Pull.RIGHT, null, 26.0, 3, 0));
        minutes("heron", 11.2 * 60, 60);
        minutes("badger", 23 * 60, 0);
        minutes("old-tin", 0, 0);
        minutes("sparrow", 0, 0);
    }

    /** What was sewn before there was a log, and with needles that came from elsewhere, sets the minutes right. */
    private void minutes(String machineId, double sewn, double linty) {
        machineMinutes.refresh(machineId);
        machines.findById(machineId).ifPresent(machineEntity -> {
            events.add(
                    ids.get(),
                    daysAgo(150),
                    new Event.MinutesSetRight(
                            machineId, sewn - machineEntity.sewnMinutes(), linty - machineEntity.lintyMinutes()));
            machineMinutes.refresh(machineId);
        });
    }

    private void parked(NeedleType type, NeedleSize size, double hours, String place, long daysAgo) {
        past(type, size, hours, daysAgo, id -> new Event.Parked("badger", id, place));
    }

    private void retired(NeedleType type, NeedleSize size, double hours, boolean failed, long daysAgo) {
        past(type, size, hours, daysAgo, id -> new Event.Jarred("badger", id, failed));
    }

    private void past(NeedleType type, NeedleSize size, double hours, long daysAgo, Function<UUID, Event> end) {
        NeedleEntity stored = needles.save(new NeedleEntity(ids.get(), Needle.of(H_130_705, type, size)));
        Wear wear = type == NeedleType.STRETCH
                ? Wear.SOFT_KNIT
                : type == NeedleType.JEANS ? Wear.DENIM_CANVAS : Wear.ORDINARY;
        double minutes = hours * 60 / wear.factor();
        events.add(
                ids.get(),
                daysAgo(daysAgo + 20),
                new Event.Sewn("badger", 0, stored.id(), minutes, hours, wear, false, null));
        events.add(ids.get(), daysAgo(daysAgo), end.apply(stored.id()));
        projection.refresh(stored.id());
    }

    private void addHeron() {
        Machine heron = Machine.ordinary("Heron", MachineKind.COMPUTER_CONTROLLED);
        add(
                "heron",
                0,
                new MachineCard(
                        heron,
                        "table by the window",
                        List.of(StitchPlate.zigzag(7), StitchPlate.straight()),
                        List.of(
                                Foot.standard(7),
                                Foot.named("non-stick foot", 7),
                                Foot.named("quarter-inch foot", 1.5)),
                        BobbinClass.CLASS_15.words(),
                        BobbinMaterial.PLASTIC,
                        "second drawer, green folder",
                        true,
                        new Threading(
                                List.of(
                                        "spool pin",
                                        "back guide",
                                        "down the right channel",
                                        "up the left channel",
                                        "take-up lever",
                                        "clip at the needle bar"),
                                Optional.of(BobbinTurn.ANTICLOCKWISE)),
                        null));
        fit("heron", 0, Needle.of(H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80), 6, 2.6);
        thread("heron", 25, 6);
        balance("heron", 4, 3);
    }

    private void addBadger() {
        Machine badger = Machine.described("Badger", MachineKind.MECHANICAL)
                .power(MotorPower.STRONG)
                .plate(StitchPlate.zigzag(5.5))
                .foot(Foot.standard(6))
                .build();
        add(
                "badger",
                1,
                new MachineCard(
                        badger,
                        "workbench",
                        List.of(),
                        List.of(Foot.named("roller foot", 6), Foot.named("walking foot", 5)),
                        BobbinClass.CLASS_15.words(),
                        BobbinMaterial.METAL,
                        "in the lid of its case",
                        false,
                        new Threading(List.of(), Optional.of(BobbinTurn.CLOCKWISE)),
                        List.of(new FootLength("walking foot", 0.88))));
        UUID jeans = fit("badger", 0, Needle.of(H_130_705, NeedleType.JEANS, NeedleSize.NM_100), 12, 8.4);
        heard(11, jeans, 0.3, 1840, 3.9, 5.75, -4.6);
        heard(9, jeans, 4.1, 960, 1.9, 3, -3.8);
        thread("badger", 40, 12);
        balance("badger", 3.5, 12);
    }

    private void addOldTin() {
        Machine oldTin = Machine.described("Old Tin", MachineKind.MECHANICAL)
                .flatSide(FlatSide.LEFT)
                .power(MotorPower.LIGHT)
                .dial(Dial.knob(5))
                .plate(StitchPlate.straight())
                .foot(Foot.named("narrow straight foot", 0))
                .build();
        add(
                "old-tin",
                2,
                new MachineCard(
                        oldTin,
                        "under the stairs",
                        List.of(),
                        List.of(),
                        "long shuttle bobbin",
                        null,
                        "a copy, taped inside the door",
                        false,
                        null,
                        null));
        fit("old-tin", 0, Needle.of(H_130_705, NeedleType.SHARP, NeedleSize.NM_70), 40, 1.1);
        thread("old-tin", 20, 40);
    }

    private void addSparrow() {
        Machine sparrow = Machine.described("Sparrow", MachineKind.OVERLOCKER)
                .systems(List.of(HAX1SP))
                .plate(StitchPlate.zigzag(9))
                .foot(Foot.standard(9))
                .build();
        add("sparrow", 3, MachineCard.of(sparrow, "shelf by the door"));
        fit("sparrow", 0, Needle.of(HAX1SP, NeedleType.STRETCH, NeedleSize.NM_90), 20, 3.2);
        fit("sparrow", 1, Needle.of(HAX1SP, NeedleType.STRETCH, NeedleSize.NM_90), 20, 3.2);
        thread("sparrow", 27, 20);
    }

    private void pull(int daysAgo, String bobbinCase, PullMeasured measured) {
        ThreadKept thread = ThreadKept.of(SewingThread.spunPolyester(25));
        events.add(
                ids.get(),
                daysAgo(daysAgo),
                new Event.PullTested("badger", bobbinCase, measured, thread, PullRhythm.NEW_THREAD));
    }

    private void add(String id, int position, MachineCard card) {
        machines.save(new MachineEntity(id, position, card));
    }

    private void heard(
            int daysAgo, UUID needle, double hours, double stitches, double minutes, double clock, double knock) {
        events.add(
                ids.get(),
                daysAgo(daysAgo),
                new Event.Heard(
                        "badger",
                        needle,
                        hours,
                        stitches,
                        minutes,
                        clock,
                        new Knock(knock, stitches / minutes / 60),
                        Wear.DENIM_CANVAS,
                        "2 layers of canvas, a seam"));
    }

    private UUID fit(String machineId, int place, Needle needle, long daysAgo, double hours) {
        NeedleEntity stored = needles.save(new NeedleEntity(ids.get(), needle));
        UUID id = stored.id();
        double minutes = hours * 60;
        Instant dayAfter = daysAgo(daysAgo - 1);
        events.add(ids.get(), daysAgo(daysAgo), new Event.NeedleIn(machineId, place, id, null, null));
        events.add(
                ids.get(), dayAfter, new Event.Sewn(machineId, place, id, minutes, hours, Wear.ORDINARY, false, null));
        events.add(ids.get(), dayAfter, new Event.FitChecked(machineId, id, FitCheck.CLAMP));
        projection.refresh(stored.id());
        return id;
    }

    private void thread(String machineId, double tex, long daysAgo) {
        events.add(ids.get(), daysAgo(daysAgo), Event.Threaded.with(machineId, SewingThread.spunPolyester(tex)));
    }

    private void balance(String machineId, double dial, long daysAgo) {
        events.add(ids.get(), daysAgo(daysAgo), new Event.Balanced(machineId, dial, null));
    }

    private Instant daysAgo(long days) {
        return clock.instant().minus(Duration.ofDays(days));
    }
}
