package belonax.web.shared.sentence;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothPart;
import belonax.cloth.Crossing;
import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.MachineKind;
import belonax.match.SpoolRank;
import belonax.needle.Needle;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSystem;
import belonax.room.Choice;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.machine.MachineName;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.ThreadNumbering;
import belonax.thread.UsualThread;
import belonax.web.shared.drawing.ThreadColour;
import belonax.web.shared.drawing.ThreadLook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What can be picked for each part of the sentence: the sewist's own first. */
public record Pickers(
        Sentence form,
        List<ClothChoice> cloths,
        List<SpoolChoice> spools,
        List<ThreadLook> looks,
        List<PurposeGroup> purposes,
        List<Choice> twinHems,
        List<MachineName> machines,
        List<Choice> bobbins,
        List<Choice> numberings,
        List<Choice> fibres,
        List<Choice> builds,
        List<Choice> schools,
        List<Choice> twins,
        List<Choice> structures,
        List<Choice> densities,
        List<Choice> traits,
        List<Choice> parts,
        List<Choice> makes,
        List<Choice> crossings,
        List<Choice> allCloths,
        List<FurtherCloth> further,
        Units units) {

    private static final int MAX_CLOTHS = 8;
    private static final int FURTHER_CLOTHS = 3;

    /** Returns on what sewists differ when they choose a spool. */
    public List<String> spoolHints() {
        return List.of(SpoolRank.SHADES, SpoolRank.FIBRES, SpoolRank.BOBBIN);
    }

    /** A cloth of the list, with what is worth knowing before choosing it. */
    public record ClothChoice(String id, String name, String facts, String note, boolean isMine) {}

    /** A spool of the drawer, with what speaks for it or against it. */
    public record SpoolChoice(
            String id, String name, String facts, String colour, boolean isChosen, String why, boolean suits) {}

    /** Purposes of one group: join, finish, decorate, mend. */
    public record PurposeGroup(String words, List<Choice> purposes) {}

    /** A further cloth of the stack, as it was typed. */
    public record FurtherCloth(int number, String cloth, String layers) {}

    static Pickers of(Sentence form, Stock stock, Optional<MachineNow> machine, List<MachineName> all) {
        List<SpoolChoice> spools = spools(form, stock);
        return new Pickers(
                form,
                choices(form, stock),
                spools,
                ThreadLook.all(),
                purposes(machine.map(machineNow -> machineNow.machine().kind())),
                twinHems(stock, machine),
                all,
                spools.stream()
                        .map(spoolChoice ->
                                new Choice(spoolChoice.id(), spoolChoice.name() + ", " + spoolChoice.facts()))
                        .toList(),
                List.of(
                        new Choice(ThreadNumbering.TEX.name(), "tex"),
                        new Choice(ThreadNumbering.TICKET.name(), "ticket (Tkt, No.)"),
                        new Choice(ThreadNumbering.WEIGHT.name(), "weight (wt)")),
                Choice.of(Fibre.values(), Fibre::words),
                Choice.of(Build.values(), Build::words),
                Choice.of(SizeSchool.values(), SizeSchool::words),
                twinChoices(stock),
                Choice.of(Structure.values(), Structure::words),
                Choice.of(Density.values(), Density::words),
                Choice.of(Trait.values(), Trait::words),
                Choice.of(ClothPart.values(), ClothPart::words),
                Choice.of(Make.values(), Make::words),
                crossings(form, stock),
                stock.clothChoices(),
                further(form),
                stock.units());
    }

    /** Returns the cloths that fit the words of the sentence, the chosen one first. */
    static List<ClothChoice> choices(Sentence form, Stock stock) {
        return choices(form, stock, form.cloth().find(stock));
    }

    /** A hem with each twin that is owned, so that it takes one press. */
    private static List<Choice> twinHems(Stock stock, Optional<MachineNow> machine) {
        return stock.left().stream()
                .filter(left -> left.needle().count() == 2 && left.count() > 0)
                .filter(left -> machine.map(now -> now.machine().takesTwins()).orElse(true))
                .map(left -> Words.mm(left.needle().spacingMm()))
                .distinct()
                .map(text -> new Choice(
                        Purpose.HEM.name() + WorkAsked.WITH_TWIN + text, "a hem with your " + text + " mm twin"))
                .toList();
    }

    /** Returns what can be sewn on this machine, by groups. */
    private static List<PurposeGroup> purposes(Optional<MachineKind> kind) {
        return Stream.of(Purpose.Group.values())
                .map(group -> new PurposeGroup(
                        group.words(),
                        group.purposes().stream()
                                .filter(purpose -> kind.map(purpose::isSewnOn).orElse(true))
                                .map(purpose -> new Choice(purpose.name(), purpose.words()))
                                .toList()))
                .filter(purposeGroup -> !purposeGroup.purposes().isEmpty())
                .toList();
    }

    /** Crossings by their names, each with the layers that it has in this stack; one given as a number stays. */
    private static List<Choice> crossings(Sentence form, Stock stock) {
        Optional<Stack> stack = form.stack().find(form.cloth(), stock);
        List<Choice> all = new ArrayList<>();
        if (!form.stack().crossing().isBlank()
                && !SentenceWords.isNamed(form.stack().crossing())) {
            all.add(new Choice(form.stack().crossing(), form.stack().crossing().strip() + " layers, as counted"));
        }
        for (Crossing crossing : Crossing.values()) {
            if (crossing != Crossing.NONE) {
                int layers = stack.map(crossing::layers).orElse(crossing.layers());
                all.add(new Choice(crossing.name(), crossing.words() + ": " + layers + " layers"));
            }
        }
        return all;
    }

    /** The spools that suit the cloth first, the chosen one before all; each with what speaks for it or against it. */
    private static List<SpoolChoice> spools(Sentence form, Stock stock) {
        List<Kept<Spool>> spools = stock.spools();
        List<SpoolChoice> ranked = ranked(form, stock, spools).stream()
                .map(spoolRank ->
                        choice(form, stock, spools.get(spoolRank.spool()), spoolRank.why(), spoolRank.suits()))
                .toList();
        return Stream.concat(
                        ranked.stream().filter(SpoolChoice::isChosen),
                        ranked.stream().filter(spoolChoice -> !spoolChoice.isChosen()))
                .toList();
    }

    private static List<SpoolRank> ranked(Sentence form, Stock stock, List<Kept<Spool>> spools) {
        List<SpoolRank.Spool> asked = spools.stream()
                .map(kept -> new SpoolRank.Spool(
                        stock.thread(kept.card()), kept.card().colour()))
                .toList();
        try {
            Job job = Job.sewing(form.sewn(stock), UsualThread.ORDINARY.thread())
                    .purpose(form.work().purposeRead())
                    .build();
            return SpoolRank.rank(job, form.cloth().find(stock).map(Cloth::name).orElse(""), asked);
        } catch (BadInput notYet) {
            return IntStream.range(0, asked.size())
                    .mapToObj(number -> new SpoolRank(number, true, ""))
                    .toList();
        }
    }

    private static SpoolChoice choice(Sentence form, Stock stock, Kept<Spool> kept, String why, boolean suits) {
        return new SpoolChoice(
                kept.id().toString(),
                Words.capital(kept.card().colour()),
                stock.thread(kept.card()).words(),
                ThreadColour.of(kept.card().colour()),
                kept.id().toString().equals(form.thread().spool()),
                why,
                suits);
    }

    private static List<FurtherCloth> further(Sentence form) {
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

    /** Returns the cloths that fit some words, the sewist's own first. */
    static List<ClothChoice> found(String words, Stock stock) {
        return allFound(words, stock).distinct().limit(MAX_CLOTHS).toList();
    }

    private static Stream<ClothChoice> allFound(String words, Stock stock) {
        return Stream.concat(
                stock.ownCloths(words).stream().map(cloth -> choice(cloth, true, stock.units())),
                stock.catalogueCloths(words).stream().map(cloth -> choice(cloth, false, stock.units())));
    }

    private static List<ClothChoice> choices(Sentence form, Stock stock, Optional<Cloth> chosen) {
        Stream<ClothChoice> now = chosen.filter(cloth -> !form.cloth().isDescribed()).stream()
                .map(cloth -> choice(cloth, cloth.id().length() == 36, stock.units()));
        // Who searches sees what was found first, so that it can be taken at once.
        Stream<ClothChoice> all =
                form.find().isBlank() ? Stream.concat(now, allFound(form.find(), stock)) : allFound(form.find(), stock);
        return all.distinct().limit(MAX_CLOTHS + 1L).toList();
    }

    private static ClothChoice choice(Cloth cloth, boolean isMine, Units units) {
        return new ClothChoice(
                cloth.id(),
                cloth.name(),
                cloth.structure().words() + ", " + SentenceWords.facts(cloth, units),
                cloth.note(),
                isMine);
    }

    /** Returns the usual spacings and those of the sewist's own packets. */
    private static List<Choice> twinChoices(Stock stock) {
        return Stream.concat(NeedleRange.standard().of(NeedleSystem.H_130_705).stream(), stock.needles().stream())
                .filter(needle -> needle.type().isMultiple())
                .sorted(Comparator.comparing((Needle needle) -> needle.type()).thenComparing(Needle::spacingMm))
                .map(needle -> needle.count() == 2
                        ? new Choice(Words.mm(needle.spacingMm()), "twin, " + Words.mm(needle.spacingMm()) + " mm")
                        : new Choice(
                                WorkAsked.TRIPLE + Words.mm(needle.spacingMm()),
                                "triple, " + Words.mm(needle.spacingMm()) + " mm over all"))
                .distinct()
                .toList();
    }
}
