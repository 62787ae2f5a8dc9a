package belonax.web.shared.sentence;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.Crossing;
import belonax.hazard.Purpose;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.thread.UsualThread;
import belonax.web.shared.drawing.ThreadColour;
import java.util.Optional;
import java.util.stream.Stream;

/** The set-up sentence in words, part by part. */
public record SentenceWords(
        String cloth, String clothFacts, String layers, String thread, String colour, String purpose, String machine) {

    static SentenceWords of(Sentence form, Stock stock, Optional<MachineNow> machine) {
        Optional<Cloth> chosen = form.cloth().find(stock);
        return new SentenceWords(
                chosen.map(Cloth::name).orElse("which cloth?"),
                chosen.map(cloth -> facts(cloth, stock.units())).orElse(""),
                layersWords(form, stock),
                threadWords(form, stock),
                stock.findSpool(form.thread().spool())
                        .map(spool -> ThreadColour.of(spool.colour()))
                        .orElse(""),
                purposeWords(form),
                machine.map(machineNow -> machineNow.machine().name()).orElse("a home machine"));
    }

    static String facts(Cloth cloth, Units units) {
        String gives = cloth.stretchPercent() >= 8 ? ", gives " + Math.round(cloth.stretchPercent()) + " %" : "";
        return units.weight(cloth.weightGsm()) + gives;
    }

    private static String layersWords(Sentence form, Stock stock) {
        StringBuilder words = new StringBuilder(form.stack().typedLayers());
        words.append(form.stack().typedLayers().equals("1") ? " layer" : " layers");
        for (int i = 0; i < form.stack().also().size(); i++) {
            String id = form.stack().also().get(i);
            if (!id.isBlank()) {
                String name = stock.findCloth(id).map(Cloth::name).orElse("another cloth");
                words.append(" over ")
                        .append(form.stack().layersOf(i))
                        .append(" of ")
                        .append(name);
            }
        }
        if (!form.stack().stitching().isBlank()
                && !form.stack().stitching().strip().equals("0")) {
            words.append(", stitched already");
        }
        return form.stack().crossing().isBlank()
                ? words.toString()
                : words + ", " + crossingWords(form.stack().crossing());
    }

    private static String crossingWords(String crossing) {
        return isNamed(crossing)
                ? "crossing: " + Crossing.valueOf(crossing).words()
                : "crossing of " + crossing.strip();
    }

    static boolean isNamed(String crossing) {
        return Stream.of(Crossing.values())
                .anyMatch(otherCrossing -> otherCrossing.name().equals(crossing));
    }

    private static String threadWords(Sentence form, Stock stock) {
        try {
            String doubled = form.thread().isDoubled() ? ", doubled" : "";
            return stock.findSpool(form.thread().spool())
                    .map(spool -> spool.colour() + " " + stock.thread(spool).words() + doubled)
                    .orElseGet(() -> usualWords(form) + form.thread().get(stock).words());
        } catch (BadInput e) {
            return form.thread().typedNumber().isEmpty()
                    ? "which thread?"
                    : form.thread().typedNumber();
        }
    }

    /** Who cannot say is told what it is taken for. */
    private static String usualWords(Sentence form) {
        return form.thread().usual().equals(Optional.of(UsualThread.UNKNOWN)) ? "a thread taken as " : "";
    }

    private static String purposeWords(Sentence form) {
        String words = Stream.of(Purpose.values())
                .filter(purpose -> purpose.name().equals(form.work().typedPurpose()))
                .map(Purpose::words)
                .findFirst()
                .orElse("which work?");
        String twin = form.work().twinWished().isBlank()
                ? ""
                : " with a " + twinWords(form.work().twinWished());
        String off =
                form.work().offset().isBlank() ? "" : ", needle " + form.work().offset() + " off the middle";
        return form.work().width().isBlank()
                ? words + twin + off
                : words + " " + form.work().width() + " wide" + twin + off;
    }

    private static String twinWords(String twin) {
        return twin.startsWith(WorkAsked.TRIPLE)
                ? twin.substring(WorkAsked.TRIPLE.length()) + " mm triple"
                : twin + " mm twin";
    }
}
