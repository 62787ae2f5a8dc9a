package belonax.web.match;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.hazard.SizeSchool;
import belonax.machine.Machine;
import belonax.machine.Plate;
import belonax.match.MatchRequest;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.ThreadNumbering;
import belonax.web.shared.room.MachineNow;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * The set-up sentence as it stands in the address, word for word as it was typed, so that nothing is lost when a part of it
 * will not do.
 */
record MatchForm(
        String cloth,
        String find,
        String layers,
        String crossing,
        String number,
        String numbering,
        String fibre,
        String build,
        String purpose,
        String width,
        String twin,
        String school,
        String machine) {

    private static final String USUAL_CLOTH = "quilting-cotton";

    /** Fills what the address leaves out with what is on the table. */
    static MatchForm of(Typed typed, Optional<MachineNow> onTheTable) {
        Optional<SewingThread> thread = onTheTable.flatMap(MachineNow::thread);
        boolean threadTold = typed.number() != null;
        return new MatchForm(
                or(typed.cloth(), () -> USUAL_CLOTH),
                or(typed.find(), () -> ""),
                or(typed.layers(), () -> "2"),
                or(typed.crossing(), () -> ""),
                or(typed.number(), () -> thread.map(it -> it.tex().shown()).orElse("25")),
                or(typed.numbering(), ThreadNumbering.TEX::name),
                or(typed.fibre(), () -> fibre(thread, threadTold)),
                or(typed.build(), () -> build(thread, threadTold)),
                or(typed.purpose(), Purpose.SEAM::name),
                or(typed.width(), () -> ""),
                or(typed.twin(), () -> ""),
                or(typed.school(), SizeSchool.INTERSECT::name),
                onTheTable.map(MachineNow::id).orElse(""));
    }

    /** What stood in the address; nothing where a part was left out. */
    record Typed(
            @Nullable String cloth,
            @Nullable String find,
            @Nullable String layers,
            @Nullable String crossing,
            @Nullable String number,
            @Nullable String numbering,
            @Nullable String fibre,
            @Nullable String build,
            @Nullable String purpose,
            @Nullable String width,
            @Nullable String twin,
            @Nullable String school,
            @Nullable String machine) {}

    /** Returns the cloth, if the sentence names one that there is. */
    Optional<Cloth> cloth(ClothCatalogue cloths) {
        return cloths.find(cloth);
    }

    /**
     * Returns the thread.
     *
     * @throws BadInput if number, numbering, fibre or build will not do
     */
    SewingThread thread() {
        double value = number("number", number, "Type the number on the spool, such as 25, 120 or 40.");
        BadInput.unless(value > 0, "number", () -> "A thread's number is above 0. Look at the spool again.");
        return new SewingThread(
                word("numbering", ThreadNumbering.class, numbering).tex(value, 1),
                word("fibre", Fibre.class, fibre),
                word("build", Build.class, build),
                OptionalDouble.empty(),
                Quality.GOOD,
                false);
    }

    /**
     * Returns the question to the matcher.
     *
     * @throws BadInput naming the part of the sentence that will not do
     */
    MatchRequest request(ClothCatalogue cloths, Optional<Machine> machine) {
        Cloth chosen = cloth(cloths)
                .orElseThrow(
                        () -> new BadInput("cloth", "No cloth is called “" + cloth + "”. Choose one from the list."));
        Job.Builder job = Job.sewing(Stack.of(chosen, whole("layers", layers)), thread())
                .purpose(word("purpose", Purpose.class, purpose))
                .school(word("school", SizeSchool.class, school))
                .stitchWidthMm(width.isBlank() ? 0 : number("width", width, "Type the stitch width in mm, such as 3."));
        if (!crossing.isBlank()) {
            job.crossingLayers(whole("crossing", crossing));
        }
        machine.ifPresent(it -> onMachine(job, it));
        return new MatchRequest(job.build(), wish(), List.of());
    }

    /** Returns the address that holds this sentence. */
    String address() {
        UriComponentsBuilder uri = UriComponentsBuilder.fromPath("/match")
                .queryParam("cloth", "{cloth}")
                .queryParam("layers", "{layers}")
                .queryParam("crossing", "{crossing}")
                .queryParam("number", "{number}")
                .queryParam("numbering", "{numbering}")
                .queryParam("fibre", "{fibre}")
                .queryParam("build", "{build}")
                .queryParam("purpose", "{purpose}")
                .queryParam("width", "{width}")
                .queryParam("twin", "{twin}")
                .queryParam("school", "{school}")
                .queryParam("machine", "{machine}");
        return uri.encode()
                .buildAndExpand(
                        cloth, layers, crossing, number, numbering, fibre, build, purpose, width, twin, school, machine)
                .toUriString();
    }

    private static void onMachine(Job.Builder job, Machine machine) {
        job.systems(machine.systems())
                .power(machine.power())
                .plate(machine.passage())
                .twinsAllowed(machine.takesTwins());
        if (machine.passage() == Plate.ZIGZAG) {
            job.slotMm(machine.slotMm());
        }
    }

    private Optional<MatchRequest.TwinWish> wish() {
        return twin.isBlank()
                ? Optional.empty()
                : Optional.of(new MatchRequest.TwinWish(
                        number("twin", twin, "Type the distance between the needles in mm, such as 4."), 2));
    }

    private static double number(String field, String text, String advice) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            BadInput.unless(Double.isFinite(value), field, () -> advice);
            return value;
        } catch (NumberFormatException e) {
            throw new BadInput(field, "“" + text + "” is not a number. " + advice);
        }
    }

    private static int whole(String field, String text) {
        double value = number(field, text, "Count the layers under the foot.");
        BadInput.unless(
                value == Math.rint(value) && Math.abs(value) < 1000, field, () -> "Layers are counted whole: 1 to 32.");
        return (int) value;
    }

    private static <E extends Enum<E>> E word(String field, Class<E> type, String text) {
        return Stream.of(Objects.requireNonNull(type.getEnumConstants()))
                .filter(it -> it.name().equals(text))
                .findFirst()
                .orElseThrow(
                        () -> new BadInput(field, "“" + text + "” is not one of the choices. Pick one from the list."));
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
