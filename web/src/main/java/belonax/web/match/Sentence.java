package belonax.web.match;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothPart;
import belonax.cloth.Crossing;
import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.MachineKind;
import belonax.needle.Needle;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.Choice;
import belonax.room.Words;
import belonax.room.machine.MachineName;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.ThreadNumbering;
import belonax.web.shared.drawing.ThreadColour;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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
        List<PurposeGroup> purposes,
        List<Choice> numberings,
        List<Choice> fibres,
        List<Choice> builds,
        List<Choice> schools,
        List<Choice> twins,
        List<MachineName> machines,
        List<SpoolChoice> spools,
        List<Choice> structures,
        List<Choice> densities,
        List<Choice> traits,
        List<Choice> parts,
        List<Choice> makes,
        List<Choice> crossings,
        List<Choice> allCloths,
        List<FurtherCloth> further,
        Units units) {

    private static final int MOST_CLOTHS = 8;
    private static final int FURTHER_CLOTHS = 3;

    /** A cloth of the list, with what is worth knowing before choosing it. */
    record ClothChoice(String id, String name, String facts, String note, boolean isMine) {}

    /** A spool of the drawer. */
    record SpoolChoice(String id, String name, String facts, String colour, boolean isChosen) {}

    /** Purposes of one group: join, finish, decorate, mend. */
    record PurposeGroup(String words, List<Choice> purposes) {}

    /** A further cloth of the stack, as it was typed. */
    record FurtherCloth(int number, String cloth, String layers) {}

    static Sentence of(MatchForm form, Stock stock, Optional<MachineNow> machine, List<MachineName> all) {
        Optional<Cloth> chosen = form.cloth().find(stock);
        Units units = stock.units();
        return new Sentence(
                form,
                chosen.map(Cloth::name).orElse("which cloth?"),
                chosen.map(it -> facts(it, units)).orElse(""),
                layersWords(form, stock),
                threadWords(form, stock),
                purposeWords(form),
                machine.map(it -> it.machine().name()).orElse("a home machine"),
                choices(form, stock, chosen),
                purposes(machine.map(it -> it.machine().kind())),
                List.of(
                        new Choice(ThreadNumbering.TEX.name(), "tex"),
                        new Choice(ThreadNumbering.TICKET.name(), "ticket (Tkt, No.)"),
                        new Choice(ThreadNumbering.WEIGHT.name(), "weight (wt)")),
                Choice.of(Fibre.values(), Fibre::words),
                Choice.of(Build.values(), Build::words),
                Choice.of(SizeSchool.values(), SizeSchool::words),
                twinChoices(stock),
                all,
                spools(form, stock),
                Choice.of(Structure.values(), Structure::words),
                Choice.of(Density.values(), Density::words),
                Choice.of(Trait.values(), Trait::words),
                Choice.of(ClothPart.values(), ClothPart::words),
                Choice.of(Make.values(), Make::words),
                crossings(form, stock),
                stock.clothChoices(),
                further(form),
                units);
    }

    static String facts(Cloth cloth, Units units) {
        String gives = cloth.stretchPercent() >= 8 ? ", gives " + Math.round(cloth.stretchPercent()) + " %" : "";
        return units.weight(cloth.weightGsm()) + gives;
    }

    /** Returns what can be sewn on this machine, by groups. */
    private static List<PurposeGroup> purposes(Optional<MachineKind> kind) {
        return Stream.of(Purpose.Group.values())
                .map(group -> new PurposeGroup(
                        group.words(),
                        group.purposes().stream()
                                .filter(it -> kind.map(it::isSewnOn).orElse(true))
                                .map(it -> new Choice(it.name(), it.words()))
                                .toList()))
                .filter(it -> !it.purposes().isEmpty())
                .toList();
    }

    /** Crossings by their names, each with the layers that it has in this stack; one given as a number stays. */
    private static List<Choice> crossings(MatchForm form, Stock stock) {
        Optional<Stack> stack = form.stack().find(form.cloth(), stock);
        List<Choice> all = new ArrayList<>();
        if (!form.stack().crossing().isBlank() && !isNamed(form.stack().crossing())) {
            all.add(new Choice(form.stack().crossing(), form.stack().crossing().strip() + " layers, as counted"));
        }
        for (Crossing it : Crossing.values()) {
            if (it != Crossing.NONE) {
                int layers = stack.map(it::layers).orElse(it.layers());
                all.add(new Choice(it.name(), it.words() + ": " + layers + " layers"));
            }
        }
        return all;
    }

    private static boolean isNamed(String crossing) {
        return Stream.of(Crossing.values()).anyMatch(it -> it.name().equals(crossing));
    }

    private static List<SpoolChoice> spools(MatchForm form, Stock stock) {
        return stock.spools().stream()
                .map(it -> new SpoolChoice(
                        it.id().toString(),
                        Words.capital(it.card().colour()),
                        stock.thread(it.card()).words(),
                        ThreadColour.of(it.card().colour()),
                        it.id().toString().equals(form.thread().spool())))
                .toList();
    }

    private static List<FurtherCloth> further(MatchForm form) {
        List<FurtherCloth> rows = new ArrayList<>();
        int count = Math.max(FURTHER_CLOTHS, form.stack().also().size());
        for (int i = 0; i < count; i++) {
            rows.add(new FurtherCloth(
                    i,
                    i < form.stack().also().size() ? form.stack().also().get(i) : "",
                    form.stack().layersOf(i)));
        }
        return rows;
    }

    private static List<ClothChoice> choices(MatchForm form, Stock stock, Optional<Cloth> chosen) {
        Stream<ClothChoice> mine =
                stock.ownCloths(form.cloth().find()).stream().map(it -> choice(it, true, stock.units()));
        Stream<ClothChoice> others =
                stock.catalogueCloths(form.cloth().find()).stream().map(it -> choice(it, false, stock.units()));
        Stream<ClothChoice> now = chosen.filter(it -> !form.cloth().isDescribed()).stream()
                .map(it -> choice(it, it.id().length() == 36, stock.units()));
        return Stream.concat(now, Stream.concat(mine, others))
                .distinct()
                .limit(MOST_CLOTHS + 1L)
                .toList();
    }

    private static ClothChoice choice(Cloth it, boolean isMine, Units units) {
        return new ClothChoice(it.id(), it.name(), it.structure().words() + ", " + facts(it, units), it.note(), isMine);
    }

    private static String layersWords(MatchForm form, Stock stock) {
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

    private static String threadWords(MatchForm form, Stock stock) {
        try {
            String doubled = form.thread().isDoubled() ? ", doubled" : "";
            return stock.findSpool(form.thread().spool())
                    .map(it -> it.colour() + " " + stock.thread(it).words() + doubled)
                    .orElseGet(() -> form.thread().get(stock).words());
        } catch (BadInput e) {
            return form.thread().typedNumber().isEmpty()
                    ? "which thread?"
                    : form.thread().typedNumber();
        }
    }

    private static String purposeWords(MatchForm form) {
        String words = Stream.of(Purpose.values())
                .filter(it -> it.name().equals(form.work().typedPurpose()))
                .map(Purpose::words)
                .findFirst()
                .orElse("which work?");
        String twin = form.work().twin().isBlank()
                ? ""
                : " with a " + twinWords(form.work().twin());
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

    /** Twins by their spacing, then triples; the value is what the address holds. */
    /** Returns the usual spacings and those of the sewist's own packets. */
    private static List<Choice> twinChoices(Stock stock) {
        return Stream.concat(NeedleRange.standard().of(NeedleSystem.H_130_705).stream(), stock.needles().stream())
                .filter(it -> it.type().isMultiple())
                .sorted(Comparator.comparing((Needle it) -> it.type()).thenComparing(Needle::spacingMm))
                .map(it -> it.type() == NeedleType.TWIN
                        ? new Choice(Words.mm(it.spacingMm()), "twin, " + Words.mm(it.spacingMm()) + " mm")
                        : new Choice(
                                WorkAsked.TRIPLE + Words.mm(it.spacingMm()),
                                "triple, " + Words.mm(it.spacingMm()) + " mm over all"))
                .distinct()
                .toList();
    }
}
