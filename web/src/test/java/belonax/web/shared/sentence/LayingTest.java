package belonax.web.shared.sentence;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Crossing;
import belonax.cloth.Density;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.Purpose;
import belonax.machine.MachineKind;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.settings.Settings;
import belonax.room.settings.SettingsStore;
import belonax.room.settings.Units;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.web.InTheDemoRoom;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/** What lies on a table is said as it would be typed, and typing it lays the very same again. */
@InTheDemoRoom
class LayingTest {
    private static final int SENTENCES = 300;

    @Autowired
    private Sentences sentences;

    @Autowired
    private SewingRoom room;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private ClothCatalogue cloths;

    @Autowired
    private SettingsStore settings;

    @ParameterizedTest
    @EnumSource(Units.class)
    void whatever_is_laid_is_said_and_laid_again_the_same(Units units) {
        Settings now = settings.now();
        settings.keep(new Settings(units, now.light(), now.largerText(), now.sizeSchool(), now.retirement()));
        Optional<MachineNow> badger = room.find("badger");
        SplittableRandom random = new SplittableRandom(417);

        for (int i = 0; i < SENTENCES; i++) {
            MultiValueMap<String, String> typed = typed(random, units);
            TableWork laid = sentences.work(typed, badger, sentences.stock());
            String query = sentences.again(laid, badger).sentence().query();

            TableWork again = sentences.work(query, badger).orElseThrow();

            assertThat(again).as("sentence %d: %s", i, typed).isEqualTo(laid);
        }
    }

    private MultiValueMap<String, String> typed(SplittableRandom random, Units units) {
        MultiValueMap<String, String> typed = new LinkedMultiValueMap<>();
        cloth(random, units, typed);
        typed.add("layers", String.valueOf(1 + random.nextInt(4)));
        if (random.nextInt(3) == 0) {
            typed.add("also", pick(random, List.of("interfacing-light", "batting", "lining-viscose")));
            typed.add("alsoLayers", String.valueOf(1 + random.nextInt(2)));
        }
        typed.add(
                "crossing",
                random.nextInt(3) == 0
                        ? pick(random, List.of(Crossing.values())).name()
                        : "");
        typed.add("stitching", random.nextInt(4) == 0 ? String.valueOf(1 + random.nextInt(4)) : "");
        thread(random, typed);
        List<Purpose> purposes = List.of(Purpose.values()).stream()
                .filter(purpose -> purpose.isSewnOn(MachineKind.MECHANICAL))
                .toList();
        typed.add("purpose", pick(random, purposes).name());
        typed.add("width", random.nextInt(3) == 0 ? units.mmNumber(1 + random.nextInt(4)) : "");
        return typed;
    }

    private void cloth(SplittableRandom random, Units units, MultiValueMap<String, String> typed) {
        if (random.nextInt(4) > 0) {
            List<Cloth> carrying = cloths.all().stream().filter(Cloth::carries).toList();
            typed.add("cloth", pick(random, carrying).id());
            return;
        }
        typed.add("cloth", Cloth.DESCRIBED);
        typed.add(
                "structure",
                pick(random, List.of(Structure.WOVEN, Structure.KNIT)).name());
        typed.add("weight", units.weightNumber(60 + random.nextInt(400)));
        typed.add("gives", String.valueOf(random.nextInt(80)));
        typed.add("density", pick(random, List.of(Density.values())).name());
        if (random.nextBoolean()) {
            typed.add("traits", Trait.PILE.name());
        }
    }

    private void thread(SplittableRandom random, MultiValueMap<String, String> typed) {
        List<Kept<Spool>> spools = drawer.all(Spool.class).stream()
                .filter(kept -> kept.card().isSound())
                .toList();
        if (random.nextBoolean()) {
            typed.add("spool", pick(random, spools).id().toString());
        } else {
            typed.add("spool", "");
            typed.add("number", pick(random, List.of("16.7", "20", "25", "27", "40", "60")));
            typed.add("numbering", "TEX");
            typed.add(
                    "fibre",
                    pick(random, List.of(Fibre.POLYESTER, Fibre.COTTON)).name());
            typed.add("build", Build.SPUN.name());
        }
        typed.add("strands", random.nextInt(5) == 0 ? "2" : "1");
        typed.add("bobbin", random.nextInt(4) == 0 ? pick(random, spools).id().toString() : "");
    }

    private static <T> T pick(SplittableRandom random, List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    @Test
    void nothing_that_is_sent_along_lays_nothing() {
        assertThat(sentences.work((String) null, Optional.empty())).isEmpty();
        assertThat(sentences.work("  ", room.find("heron"))).isEmpty();
    }
}
