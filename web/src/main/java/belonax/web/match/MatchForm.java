package belonax.web.match;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothPart;
import belonax.cloth.Crossing;
import belonax.cloth.Density;
import belonax.cloth.Layers;
import belonax.cloth.Make;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.BrokenBefore;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.MachineKind;
import belonax.match.MatchRequest;
import belonax.room.drawer.Spool;
import belonax.room.machine.MachineCard;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Settings;
import belonax.room.settings.Units;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.ThreadNumbering;
import belonax.web.shared.form.Parsed;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.UriUtils;

/**
 * The set-up sentence as it stands in the address, word for word as it was typed, so that nothing is lost when a part of it
 * will not do.
 */
record MatchForm(
        String cloth,
        String find,
        String structure,
        String weight,
        String gives,
        String density,
        List<String> traits,
        String part,
        String make,
        String layers,
        List<String> also,
        List<String> alsoLayers,
        String crossing,
        String stitching,
        String spool,
        String number,
        String numbering,
        String fibre,
        String build,
        String strands,
        String purpose,
        String width,
        String offset,
        String twin,
        String school,
        String machine) {

    /** Marks the spacing of a needle with three points. */
    static final String TRIPLE = "triple-";

    private static final String USUAL_CLOTH = "quilting-cotton";

    /** Fills what the address leaves out with what is on the table and what was chosen in the settings. */
    static MatchForm of(
            Typed typed, Optional<MachineNow> onTheTable, Settings settings, UnaryOperator<String> usualLayers) {
        Optional<SewingThread> thread = onTheTable.flatMap(MachineNow::thread);
        boolean threadTold = typed.number() != null;
        return new MatchForm(
                or(typed.cloth(), () -> USUAL_CLOTH),
                or(typed.find(), () -> ""),
                or(typed.structure(), Structure.WOVEN::name),
                or(typed.weight(), () -> ""),
                or(typed.gives(), () -> ""),
                or(typed.density(), Density.NORMAL::name),
                list(typed.traits()),
                or(typed.part(), ClothPart.CARRIES::name),
                or(typed.make(), Make.ORDINARY::name),
                layers(typed, usualLayers),
                list(typed.also()),
                list(typed.alsoLayers()),
                or(typed.crossing(), () -> ""),
                or(typed.stitching(), () -> ""),
                or(typed.spool(), () -> ""),
                or(typed.number(), () -> thread.map(it -> it.tex().shown()).orElse("25")),
                or(typed.numbering(), ThreadNumbering.TEX::name),
                or(typed.fibre(), () -> fibre(thread, threadTold)),
                or(typed.build(), () -> build(thread, threadTold)),
                or(typed.strands(), () -> "1"),
                purpose(typed.purpose(), onTheTable.map(it -> it.machine().kind())),
                or(typed.width(), () -> ""),
                or(typed.offset(), () -> ""),
                or(typed.twin(), () -> ""),
                or(typed.school(), settings.sizeSchool()::name),
                onTheTable.map(MachineNow::id).orElse(""));
    }

    /** Another cloth that was chosen brings its own usual layers, unless other layers were typed. */
    private static String layers(Typed typed, UnaryOperator<String> usualLayers) {
        String cloth = or(typed.cloth(), () -> USUAL_CLOTH);
        boolean asUsual = typed.layers() == null
                || typed.before() != null
                        && !typed.before().equals(cloth)
                        && typed.layers().strip().equals(usualLayers.apply(typed.before()));
        return asUsual || typed.layers() == null ? usualLayers.apply(cloth) : typed.layers();
    }

    /** What is a seam on one machine is an overlock seam on another; other work stays what was asked, and may be refused. */
    private static String purpose(@Nullable String typed, Optional<MachineKind> kind) {
        String asked = typed == null ? Purpose.SEAM.name() : typed;
        boolean ordinary = asked.equals(Purpose.SEAM.name()) || asked.equals(Purpose.OVERLOCK.name());
        return ordinary ? kind.map(Purpose::usualOn).map(Purpose::name).orElse(asked) : asked;
    }

    /** What stood in the address; nothing where a part was left out. */
    record Typed(
            @Nullable String cloth,
            @Nullable String before,
            @Nullable String find,
            @Nullable String structure,
            @Nullable String weight,
            @Nullable String gives,
            @Nullable String density,
            @Nullable List<String> traits,
            @Nullable String part,
            @Nullable String make,
            @Nullable String layers,
            @Nullable List<String> also,
            @Nullable List<String> alsoLayers,
            @Nullable String crossing,
            @Nullable String stitching,
            @Nullable String spool,
            @Nullable String number,
            @Nullable String numbering,
            @Nullable String fibre,
            @Nullable String build,
            @Nullable String strands,
            @Nullable String purpose,
            @Nullable String width,
            @Nullable String offset,
            @Nullable String twin,
            @Nullable String school,
            @Nullable String machine) {}

    /** Tells whether the cloth is described instead of chosen. */
    public boolean isDescribed() {
        return cloth.equals(Cloth.DESCRIBED);
    }

    /** Returns the cloth, if the sentence names one that there is. */
    Optional<Cloth> cloth(Stock stock) {
        try {
            return isDescribed() ? Optional.of(described(stock.units())) : stock.findCloth(cloth);
        } catch (BadInput notYet) {
            return Optional.empty();
        }
    }

    /**
     * Returns the thread.
     *
     * @throws BadInput if number, numbering, fibre or build will not do
     */
    SewingThread thread(Stock stock) {
        int inStrands = strands.strip().equals("2") ? 2 : 1;
        Optional<SewingThread> owned = ownSpool(stock).map(stock::thread).map(it -> it.inStrands(inStrands));
        if (owned.isPresent()) {
            return owned.get();
        }
        double value = Parsed.number("number", number, "Type the number on the spool, such as 25, 120 or 40.");
        BadInput.unless(value > 0, "number", () -> "A thread's number is above 0. Look at the spool again.");
        return new SewingThread(
                Parsed.word("numbering", ThreadNumbering.class, numbering).tex(value, 1),
                Parsed.word("fibre", Fibre.class, fibre),
                Parsed.word("build", Build.class, build),
                OptionalDouble.empty(),
                Quality.GOOD,
                false,
                inStrands);
    }

    /** Returns the address of the snap test that is due on the spool of this sentence, if one is. */
    Optional<String> snapTestDue(Stock stock) {
        return stock.findSpool(spool)
                .filter(it -> it.isSound() && stock.thread(it).wantsSnapTest())
                .map(it -> UriComponentsBuilder.fromPath("/drawer/spool/" + spool)
                        .queryParam("back", value(address()))
                        .build(true)
                        .toUriString());
    }

    /** Returns the spool that the sentence names; one that failed its snap test is out of use. */
    private Optional<Spool> ownSpool(Stock stock) {
        Optional<Spool> owned = stock.findSpool(spool);
        owned.ifPresent(it -> BadInput.unless(
                it.isSound(),
                "spool",
                () -> "That spool failed its snap test (" + it.snap().words()
                        + ") and is out of use. Choose another one."));
        return owned;
    }

    /**
     * Returns the question to the matcher.
     *
     * @throws BadInput naming the part of the sentence that will not do
     */
    MatchRequest request(
            Stock stock,
            Optional<MachineCard> machine,
            List<BrokenBefore> brokenBefore,
            List<MatchRequest.Proven> proven) {
        Stack stack = stack(stock);
        JobBuilder job = Job.sewing(stack, thread(stock))
                .purpose(Parsed.word("purpose", Purpose.class, purpose))
                .school(Parsed.word("school", SizeSchool.class, school))
                .brokenBefore(brokenBefore)
                .stitchWidthMm(millimetres("width", width, stock, "Type the stitch width, such as 3 mm."))
                .offCentreMm(millimetres("offset", offset, stock, "Type how far the needle stands off the middle."));
        stock.findSpool(spool).map(Spool::needleNote).ifPresent(job::spoolNote);
        if (!stitching.isBlank()) {
            job.stitchingAlready(Parsed.layers("stitching", stitching));
        }
        job.crossingLayers(crossingLayers(stack));
        machine.ifPresent(it -> job.on(it.machine()).feet(it.footKinds()));
        return new MatchRequest(job.build(), wish(), proven, stock.needles());
    }

    /** Returns how many layers the crossing has: by its name, or as a number, as addresses of version 0.1 have it. */
    private int crossingLayers(Stack stack) {
        if (crossing.isBlank()) {
            return stack.layers();
        }
        boolean isNumber = crossing.strip().chars().allMatch(Character::isDigit);
        return isNumber
                ? Parsed.layers("crossing", crossing)
                : Parsed.word("crossing", Crossing.class, crossing).layers(stack);
    }

    /** Returns the address that holds this sentence. */
    String address() {
        UriComponentsBuilder uri = UriComponentsBuilder.fromPath("/match").queryParam("cloth", value(cloth));
        if (isDescribed()) {
            uri.queryParam("structure", value(structure))
                    .queryParam("weight", value(weight))
                    .queryParam("gives", value(gives))
                    .queryParam("density", value(density));
            traits.forEach(it -> uri.queryParam("traits", value(it)));
            uri.queryParam("part", value(part)).queryParam("make", value(make));
        }
        uri.queryParam("layers", value(layers));
        for (int i = 0; i < also.size(); i++) {
            if (!also.get(i).isBlank()) {
                uri.queryParam("also", value(also.get(i))).queryParam("alsoLayers", value(layersOf(i)));
            }
        }
        return uri.queryParam("crossing", value(crossing))
                .queryParam("stitching", value(stitching))
                .queryParam("spool", value(spool))
                .queryParam("number", value(number))
                .queryParam("numbering", value(numbering))
                .queryParam("fibre", value(fibre))
                .queryParam("build", value(build))
                .queryParam("strands", value(strands))
                .queryParam("purpose", value(purpose))
                .queryParam("width", value(width))
                .queryParam("offset", value(offset))
                .queryParam("twin", value(twin))
                .queryParam("school", value(school))
                .queryParam("machine", value(machine))
                .build(true)
                .toUriString();
    }

    /** Returns how many layers of the further cloth were typed. */
    String layersOf(int further) {
        return further < alsoLayers.size() && !alsoLayers.get(further).isBlank() ? alsoLayers.get(further) : "1";
    }

    /** Returns the stack, if the sentence names one that there can be. */
    Optional<Stack> findStack(Stock stock) {
        try {
            return Optional.of(stack(stock));
        } catch (BadInput notYet) {
            return Optional.empty();
        }
    }

    private static String value(String text) {
        return UriUtils.encode(text, StandardCharsets.UTF_8);
    }

    private Stack stack(Stock stock) {
        List<Layers> all = new ArrayList<>();
        Cloth main = isDescribed()
                ? described(stock.units())
                : stock.findCloth(cloth)
                        .orElseThrow(() ->
                                new BadInput("cloth", "No cloth is called “" + cloth + "”. Choose one from the list."));
        all.add(new Layers(main, Parsed.layers("layers", layers)));
        for (int i = 0; i < also.size(); i++) {
            String id = also.get(i);
            if (!id.isBlank()) {
                Cloth further = stock.findCloth(id)
                        .orElseThrow(() ->
                                new BadInput("also", "No cloth is called “" + id + "”. Choose one from the list."));
                all.add(new Layers(further, Parsed.layers("alsoLayers", layersOf(i))));
            }
        }
        return Stack.of(all);
    }

    private Cloth described(Units units) {
        Structure is = Parsed.word("structure", Structure.class, structure);
        double gsm =
                units.toGsm(Parsed.number("weight", weight, "Type the cloth's weight in " + units.weightUnit() + "."));
        OptionalDouble stretch = gives.isBlank()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Parsed.number("gives", gives, "Type how far it gives in per cent."));
        Set<Trait> has = traits.stream()
                .map(it -> Parsed.word("traits", Trait.class, it))
                .collect(Collectors.toSet());
        return Cloth.described(is, gsm)
                .stretchPercent(stretch)
                .density(Parsed.word("density", Density.class, density))
                .traits(has)
                .part(Parsed.word("part", ClothPart.class, part))
                .make(Parsed.word("make", Make.class, make))
                .build();
    }

    private static double millimetres(String field, String text, Stock stock, String advice) {
        return text.isBlank() ? 0 : stock.units().toMm(Parsed.number(field, text, advice));
    }

    private static List<String> list(@Nullable List<String> typed) {
        return typed == null ? List.of() : typed.stream().limit(12).toList();
    }

    private Optional<MatchRequest.TwinWish> wish() {
        if (twin.isBlank()) {
            return Optional.empty();
        }
        boolean triple = twin.startsWith(TRIPLE);
        String spacing = triple ? twin.substring(TRIPLE.length()) : twin;
        return Optional.of(new MatchRequest.TwinWish(
                Parsed.number("twin", spacing, "Type the distance between the needles in mm, such as 4."),
                triple ? 3 : 2));
    }

    private static String or(@Nullable String text, Supplier<String> otherwise) {
        return text == null ? otherwise.get() : text;
    }

    private static String fibre(Optional<SewingThread> thread, boolean threadTold) {
        return threadTold
                ? Fibre.POLYESTER.name()
                : thread.map(it -> it.fibre().name()).orElse(Fibre.POLYESTER.name());
    }

    private static String build(Optional<SewingThread> thread, boolean threadTold) {
        return threadTold
                ? Build.SPUN.name()
                : thread.map(it -> it.build().name()).orElse(Build.SPUN.name());
    }
}
