package belonax.web.match;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.ThreadNumbering;
import belonax.web.shared.Words;
import belonax.web.shared.room.MachineNow;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** The set-up sentence as it is shown, with what can be picked for each of its parts. */
record Sentence(
        MatchForm form,
        String cloth,
        String clothFacts,
        String layers,
        String thread,
        String purpose,
        String machine,
        List<ClothChoice> cloths,
        List<Choice> purposes,
        List<Choice> numberings,
        List<Choice> fibres,
        List<Choice> builds,
        List<Choice> schools,
        List<Choice> twins,
        List<MachineChoice> machines) {

    private static final int MOST_CLOTHS = 8;

    /** A word of a list. */
    record Choice(String value, String words) {}

    /** A cloth of the list, with what is worth knowing before choosing it. */
    record ClothChoice(String id, String name, String facts, String note) {}

    /** A machine of the list. */
    record MachineChoice(String id, String name, String standsAt) {}

    static Sentence of(MatchForm form, ClothCatalogue cloths, Optional<MachineNow> machine, List<MachineNow> all) {
        Optional<Cloth> chosen = form.cloth(cloths);
        return new Sentence(
                form,
                chosen.map(Cloth::name).orElse("which cloth?"),
                chosen.map(Sentence::facts).orElse(""),
                layersWords(form),
                threadWords(form),
                purposeWords(form),
                machine.map(it -> it.machine().name()).orElse("a home machine"),
                choices(form, cloths, chosen),
                words(Purpose.values(), Purpose::words),
                List.of(
                        new Choice(ThreadNumbering.TEX.name(), "tex"),
                        new Choice(ThreadNumbering.TICKET.name(), "ticket (Tkt, No.)"),
                        new Choice(ThreadNumbering.WEIGHT.name(), "weight (wt)")),
                words(Fibre.values(), Fibre::words),
                words(Build.values(), Build::words),
                words(SizeSchool.values(), SizeSchool::words),
                twinChoices(),
                all.stream()
                        .map(it -> new MachineChoice(it.id(), it.machine().name(), it.standsAt()))
                        .toList());
    }

    static String facts(Cloth cloth) {
        String gives = cloth.stretchPercent() >= 8 ? ", gives " + Math.round(cloth.stretchPercent()) + " %" : "";
        return Math.round(cloth.weightGsm()) + " g/m²" + gives;
    }

    private static List<ClothChoice> choices(MatchForm form, ClothCatalogue cloths, Optional<Cloth> chosen) {
        Stream<Cloth> found = cloths.search(form.find()).stream()
                .filter(it -> !Optional.of(it).equals(chosen))
                .limit(MOST_CLOTHS);
        return Stream.concat(chosen.stream(), found)
                .map(it -> new ClothChoice(it.id(), it.name(), it.structure().words() + ", " + facts(it), it.note()))
                .toList();
    }

    private static String layersWords(MatchForm form) {
        String seam = form.layers().strip() + (form.layers().strip().equals("1") ? " layer" : " layers");
        return form.crossing().isBlank()
                ? seam
                : seam + ", crossing of " + form.crossing().strip();
    }

    private static String threadWords(MatchForm form) {
        try {
            return form.thread().words();
        } catch (BadInput e) {
            return form.number().isBlank() ? "which thread?" : form.number();
        }
    }

    private static String purposeWords(MatchForm form) {
        String words = Stream.of(Purpose.values())
                .filter(it -> it.name().equals(form.purpose()))
                .map(Purpose::words)
                .findFirst()
                .orElse("which work?");
        String twin = form.twin().isBlank() ? "" : " with a " + form.twin() + " mm twin";
        return form.width().isBlank() ? words + twin : words + " " + form.width() + " mm wide" + twin;
    }

    private static List<Choice> twinChoices() {
        return NeedleRange.standard().of(NeedleSystem.H_130_705).stream()
                .filter(it -> it.type() == NeedleType.TWIN)
                .mapToDouble(it -> it.spacingMm())
                .distinct()
                .sorted()
                .mapToObj(it -> new Choice(Words.mm(it), Words.mm(it) + " mm"))
                .toList();
    }

    private static <E extends Enum<E>> List<Choice> words(E[] values, Function<E, String> words) {
        return Stream.of(values)
                .map(it -> new Choice(it.name(), words.apply(it)))
                .toList();
    }
}
