package belonax.web.match;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.BrokenBefore;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.Machine;
import belonax.match.MatchRequest;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.ThreadNumbering;
import belonax.web.shared.drawer.Spool;
import belonax.web.shared.form.Parsed;
import belonax.web.shared.room.MachineNow;
import belonax.web.shared.settings.Settings;
import belonax.web.shared.settings.Units;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
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
        String layers,
        List<String> also,
        List<String> alsoLayers,
        String crossing,
        String spool,
        String number,
        String numbering,
        String fibre,
        String build,
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
    static MatchForm of(Typed typed, Optional<MachineNow> onTheTable, Settings settings) {
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
                or(typed.layers(), () -> "2"),
                list(typed.also()),
                list(typed.alsoLayers()),
                or(typed.crossing(), () -> ""),
                or(typed.spool(), () -> ""),
                or(typed.number(), () -> thread.map(it -> it.tex().shown()).orElse("25")),
                or(typed.numbering(), ThreadNumbering.TEX::name),
                or(typed.fibre(), () -> fibre(thread, threadTold)),
                or(typed.build(), () -> build(thread, threadTold)),
                or(typed.purpose(), Purpose.SEAM::name),
                or(typed.width(), () -> ""),
                or(typed.offset(), () -> ""),
                or(typed.twin(), () -> ""),
                or(typed.school(), settings.sizeSchool()::name),
                onTheTable.map(MachineNow::id).orElse(""));
    }

    /** What stood in the address; nothing where a part was left out. */
    record Typed(
            @Nullable String cloth,
            @Nullable String find,
            @Nullable String structure,
            @Nullable String weight,
            @Nullable String gives,
            @Nullable String density,
            @Nullable List<String> traits,
            @Nullable String layers,
            @Nullable List<String> also,
            @Nullable List<String> alsoLayers,
            @Nullable String crossing,
            @Nullable String spool,
            @Nullable String number,
            @Nullable String numbering,
            @Nullable String fibre,
            @Nullable String build,
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
        Optional<SewingThread> owned = stock.findSpool(spool).map(stock::thread);
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
                false);
    }

    /**
     * Returns the question to the matcher.
     *
     * @throws BadInput naming the part of the sentence that will not do
     */
    MatchRequest request(
            Stock stock, Optional<Machine> machine, List<BrokenBefore> brokenBefore, List<MatchRequest.Proven> proven) {
        JobBuilder job = Job.sewing(stack(stock), thread(stock))
                .purpose(Parsed.word("purpose", Purpose.class, purpose))
                .school(Parsed.word("school", SizeSchool.class, school))
                .brokenBefore(brokenBefore)
                .stitchWidthMm(millimetres("width", width, stock, "Type the stitch width, such as 3 mm."))
                .offCentreMm(millimetres("offset", offset, stock, "Type how far the needle stands off the middle."));
        stock.findSpool(spool).map(Spool::needleNote).ifPresent(job::spoolNote);
        if (!crossing.isBlank()) {
            job.crossingLayers(Parsed.layers("crossing", crossing));
        }
        machine.ifPresent(job::on);
        return new MatchRequest(job.build(), wish(), proven, stock.needles());
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
        }
        uri.queryParam("layers", value(layers));
        for (int i = 0; i < also.size(); i++) {
            if (!also.get(i).isBlank()) {
                uri.queryParam("also", value(also.get(i))).queryParam("alsoLayers", value(layersOf(i)));
            }
        }
        return uri.queryParam("crossing", value(crossing))
                .queryParam("spool", value(spool))
                .queryParam("number", value(number))
                .queryParam("numbering", value(numbering))
                .queryParam("fibre", value(fibre))
                .queryParam("build", value(build))
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
        return new Cloth(
                Cloth.DESCRIBED,
                "this " + is.words(),
                is,
                gsm,
                OptionalDouble.empty(),
                stretch,
                95,
                Parsed.word("density", Density.class, density),
                has,
                "");
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
