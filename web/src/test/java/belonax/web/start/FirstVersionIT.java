package belonax.web.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.cloth.ClothPart;
import belonax.cloth.Make;
import belonax.cloth.Trait;
import belonax.machine.Foot;
import belonax.machine.FootKind;
import belonax.machine.Reach;
import belonax.room.archive.RoomArchive;
import belonax.room.balance.BalanceRun;
import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.event.ActionLog;
import belonax.room.event.EventLine;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.trouble.MendCase;
import belonax.web.BelonaxApplication;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A room that version 0.1.0 kept is found whole, and started again it is still the same. */
class FirstVersionIT {
    private static final Path KEPT = Path.of("src/test/resources/belonax/web/version-0.1.0");

    @TempDir
    private Path home;

    @Test
    void everything_that_version_0_1_kept_is_found_twice() throws IOException {
        Files.copy(KEPT.resolve("belonax.mv.db"), home.resolve("belonax.mv.db"));

        started(FirstVersionIT::isAllThere);
        started(FirstVersionIT::isAllThere);
    }

    private static void isAllThere(ConfigurableApplicationContext belonax) {
        SewingRoom room = belonax.getBean(SewingRoom.class);
        DrawerStore drawer = belonax.getBean(DrawerStore.class);

        assertThat(room.machines()).extracting(MachineNow::id).containsExactly("heron", "badger", "old-tin", "sparrow");
        assertThat(drawer.all(Swatch.class)).hasSize(14);
        assertThat(drawer.all(Spool.class)).isNotEmpty();
        assertThat(drawer.all(Packet.class))
                .isNotEmpty()
                .allMatch(kept -> kept.card().isKnown() && !kept.card().rough());
        assertThat(drawer.all(BalanceRun.class)).isNotEmpty();
        assertThat(drawer.all(MendCase.class)).hasSizeGreaterThanOrEqualTo(10);
        assertThat(belonax.getBean(ActionLog.class).last())
                .isNotEmpty()
                .noneMatch(action -> action.words().contains("set right"));
        assertThat(room.find("heron").orElseThrow().fitted()).isPresent();
        assertThat(room.find("heron").orElseThrow().work().sewnMinutes()).isCloseTo(672, within(0.01));
        assertThat(room.find("badger").orElseThrow().work().lintyMinutes()).isCloseTo(0, within(0.01));
        everyEventIsTyped(belonax.getBean(RoomArchive.class).content().events());
        feetHaveTheirKinds(room);
        clothsHaveTheirNature(drawer);
        oldRunsCountAsASeamOfThatCloth(belonax.getBean(Sampler.class), drawer);
    }

    private static void everyEventIsTyped(List<EventLine> events) {
        assertThat(events)
                .hasSizeGreaterThan(40)
                .allSatisfy(eventLine -> assertThat(eventLine.stored().event())
                        .isInstanceOf(eventLine.kind().type()));
    }

    private static void feetHaveTheirKinds(SewingRoom room) {
        var badger = room.find("badger").orElseThrow();

        assertThat(badger.card().feet().stream().flatMap(foot -> foot.kind().stream()))
                .containsExactlyInAnyOrder(FootKind.STANDARD, FootKind.ROLLER, FootKind.WALKING);
        assertThat(badger.machine().foot()).isEqualTo(Foot.standard(6));
        assertThat(badger.machine().reach()).isEqualTo(Reach.USUAL);
    }

    private static void clothsHaveTheirNature(DrawerStore drawer) {
        assertThat(swatch(drawer, "bath sheet").make()).isEqualTo(Make.TOWELLING);
        assertThat(swatch(drawer, "harness strap").make()).isEqualTo(Make.WEBBING);
        assertThat(swatch(drawer, "tent zip").part()).isEqualTo(ClothPart.HELPS);
        assertThat(swatch(drawer, "tent zip").traits()).contains(Trait.TEETH);
        assertThat(swatch(drawer, "waist elastic").traits()).contains(Trait.RUBBER);
        assertThat(swatch(drawer, "bunting cotton").part()).isEqualTo(ClothPart.CARRIES);
    }

    private static void oldRunsCountAsASeamOfThatCloth(Sampler sampler, DrawerStore drawer) {
        BalanceRun run = drawer.all(BalanceRun.class).stream()
                .map(Kept::card)
                .filter(balanceRun -> balanceRun.past().isPresent() && balanceRun.needleType() != null)
                .findFirst()
                .orElseThrow();

        assertThat(sampler.provenNeedles(run.machineId(), run.sewn().cloth()))
                .allSatisfy(proven -> assertThat(proven.layers()).isPresent())
                .allSatisfy(proven -> assertThat(proven.purpose()).isPresent());
    }

    private static Swatch swatch(DrawerStore drawer, String name) {
        return drawer.all(Swatch.class).stream()
                .map(Kept::card)
                .filter(swatch -> swatch.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private void started(Consumer<ConfigurableApplicationContext> look) {
        List<String> arguments = List.of("--belonax.home=" + home, "--spring.profiles.active=own", "--server.port=0");
        try (ConfigurableApplicationContext belonax = new SpringApplicationBuilder(BelonaxApplication.class)
                .web(WebApplicationType.SERVLET)
                .run(arguments.toArray(String[]::new))) {
            look.accept(belonax);
        }
    }
}
