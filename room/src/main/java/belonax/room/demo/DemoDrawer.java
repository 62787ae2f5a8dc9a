package belonax.room.demo;

import belonax.cloth.ClothCatalogue;
import belonax.machine.BobbinClass;
import belonax.machine.BobbinMaterial;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.drawer.WoundBobbin;
import belonax.room.machine.Manual;
import belonax.thread.Build;
import belonax.thread.Delivery.Winding;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SnapResult;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The drawer of the made-up carnival workshop, filled in once when the demo's own folder is empty. */
@Component
@Profile("demo")
@Order(2)
class DemoDrawer implements ApplicationRunner {
    private final DrawerStore drawer;
    private final ClothCatalogue cloths;
    private final Clock clock;

    DemoDrawer(DrawerStore drawer, ClothCatalogue cloths, Clock clock) {
        this.drawer = drawer;
        this.cloths = cloths;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!drawer.all(Swatch.class).isEmpty()) {
            return;
        }
        addSwatches();
        addSpools();
        addPackets();
    }

    private void addSwatches() {
        swatch("swim-knit", "acrobat's suit, crimson", 2.4);
        swatch("ripstop-nylon", "kite tails, sky blue", 6);
        swatch("velvet", "cloak velvet, plum", 3.5);
        swatch("canvas", "banner canvas, ivory", 8);
        swatch("organza", "lantern panels, amber", 4);
        swatch("leather-bag", "drum harness, tan", null);
        swatch("quilting-cotton", "bunting cotton, moss", 9);
        swatch("single-jersey", "crew shirts, charcoal", 3);
        swatch("lining-viscose", "cloak lining, plum", 3.5);
        swatch("power-mesh", "suit lining mesh, crimson", 1.2);
    }

    private void addSpools() {
        UUID midnight = spool(
                "midnight blue",
                "No. 120, 200 m",
                25,
                Fibre.POLYESTER,
                Build.SPUN,
                140.0,
                1,
                null,
                null,
                Winding.CROSS);
        spool("ember red", "Tkt 120", 25, Fibre.POLYESTER, Build.SPUN, 60.0, 2, null, null, Winding.CROSS);
        spool("moon grey", "No. 180", 16.7, Fibre.POLYESTER, Build.SPUN, 220.0, 1, null, null, Winding.CROSS);
        spool("sailcloth white", "Tkt 75", 40, Fibre.POLYESTER, Build.CORESPUN, 420.0, 0, null, null, Winding.CONE);
        spool(
                "lantern gold",
                "40 wt rayon",
                25,
                Fibre.RAYON,
                Build.FILAMENT,
                300.0,
                1,
                NeedleType.EMBROIDERY,
                75,
                Winding.STACK);
        spool(
                "rope orange",
                "Tkt 30",
                100,
                Fibre.POLYESTER,
                Build.SPUN,
                30.0,
                3,
                NeedleType.TOPSTITCH,
                100,
                Winding.CROSS);
        UUID old =
                spool("grandmother's green", "50", 20, Fibre.COTTON, Build.SPUN, 90.0, 34, null, null, Winding.STACK);
        drawer.find(Spool.class, old)
                .ifPresent(kept -> drawer.change(
                        old,
                        kept.revision(),
                        kept.card()
                                .snapped(
                                        SnapResult.PARTS_AT_ONCE,
                                        LocalDate.now(clock).minusDays(20))));
        drawer.add(
                new WoundBobbin(midnight, BobbinClass.CLASS_15.words(), "blue, Heron", 30.0, BobbinMaterial.PLASTIC));
        drawer.add(new WoundBobbin(null, "L", "whose?", null, BobbinMaterial.METAL));
        drawer.add(Manual.typed(
                "heron", "", "threading 12\nthe bobbin 14\nbuttonholes, balance 31\nerror signs 62", null));
    }

    private void addPackets() {
        packet(Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80), 7, "");
        packet(Needle.of(NeedleSystem.H_130_705, NeedleType.STRETCH, NeedleSize.NM_75), 3, "for the suits");
        packet(Needle.of(NeedleSystem.H_130_705, NeedleType.JEANS, NeedleSize.NM_100), 4, "");
        packet(Needle.of(NeedleSystem.H_130_705, NeedleType.SHARP, NeedleSize.NM_70), 5, "");
        packet(Needle.of(NeedleSystem.H_130_705, NeedleType.LEATHER, NeedleSize.NM_110), 1, "");
        packet(Needle.of(NeedleSystem.HAX1SP, NeedleType.STRETCH, NeedleSize.NM_90), 8, "Sparrow");
        packet(
                new Needle(
                        NeedleSystem.H_130_705,
                        NeedleType.TWIN,
                        NeedleSize.NM_75,
                        Optional.of(new Twin(4.0, NeedleType.STRETCH))),
                2,
                "hems of the crew shirts");
        packet(Needle.of(NeedleSystem.H_130_705, NeedleType.TOPSTITCH, NeedleSize.NM_90), 0, "");
    }

    private void swatch(String cloth, String name, @Nullable Double metres) {
        drawer.add(Swatch.of(cloths.get(cloth), name).withMetres(metres));
    }

    private void swatch(String cloth, String name, int metres) {
        swatch(cloth, name, (double) metres);
    }

    private UUID spool(
            String colour,
            String label,
            double tex,
            Fibre fibre,
            Build build,
            double metres,
            int yearsOld,
            @Nullable NeedleType noteType,
            @Nullable Integer noteNm,
            Winding winding) {
        return drawer.add(new Spool(
                        colour,
                        label,
                        tex,
                        fibre,
                        build,
                        metres,
                        LocalDate.now(clock).getYear() - yearsOld,
                        Quality.GOOD,
                        false,
                        winding,
                        noteType,
                        noteNm,
                        SnapResult.NOT_TESTED,
                        null,
                        ""))
                .card();
    }

    private void packet(Needle needle, int count, String note) {
        drawer.add(Packet.of(needle, count, false, note));
    }
}
