package belonax.web.practice;

import belonax.BadInput;
import belonax.needle.NeedleOutline.Place;
import belonax.practice.Drill;
import belonax.practice.DrillId;
import belonax.practice.DrillKind;
import belonax.practice.Drills;
import belonax.practice.NeedleDrawing;
import belonax.practice.StripDrawing;
import belonax.room.practice.DrillAnswer;
import belonax.room.practice.PracticeBook;
import belonax.room.practice.PracticeBook.Given;
import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Practice over JSON. */
@RestController
@RequestMapping(path = "/api/v1/practice", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Practice", description = "Drills made from the models, and what is right about them")
class PracticeApi {
    private final PracticeBook practice;

    PracticeApi(PracticeBook practice) {
        this.practice = practice;
    }

    /**
     * A drill as it is asked: all that is drawn in figures, nothing that tells the answer.
     *
     * @param strip in millimetres
     * @param needle in millimetres
     */
    record Asked(
            String id,
            DrillKind kind,
            String question,
            List<String> choices,
            @Nullable StripDrawn strip,
            @Nullable NeedleDrawn needle,
            @Nullable String text) {

        static Asked of(Drill drill) {
            return new Asked(
                    drill.id().toString(),
                    drill.id().kind(),
                    drill.question(),
                    drill.choices(),
                    drill.strip().map(StripDrawn::of).orElse(null),
                    drill.needle().map(NeedleDrawn::of).orElse(null),
                    drill.text().isEmpty() ? null : drill.text());
        }
    }

    /** Both faces of a strip. */
    record StripDrawn(
            double widthMm,
            double heightMm,
            String cloth,
            double threadMm,
            double fuzz,
            boolean rippled,
            boolean tangled,
            List<StitchDrawn> stitches) {

        static StripDrawn of(StripDrawing stripDrawing) {
            return new StripDrawn(
                    stripDrawing.widthMm(),
                    stripDrawing.heightMm(),
                    stripDrawing.cloth(),
                    stripDrawing.threadMm(),
                    stripDrawing.fuzz(),
                    stripDrawing.drawnUp(),
                    stripDrawing.nest(),
                    stripDrawing.locks().stream()
                            .map(lock -> new StitchDrawn(
                                    lock.xMm(),
                                    lock.yMm(),
                                    lock.above(),
                                    lock.below(),
                                    lock.size(),
                                    lock.speckAbove(),
                                    lock.speckBelow()))
                            .toList());
        }
    }

    /**
     * One hole.
     *
     * @param above how much of the bobbin's thread shows there on top: 0 nothing, 1 a dot, 2 a loop; and so below
     * @param hairAbove whether a hair of the bobbin's thread stands up there on top, and so below
     */
    record StitchDrawn(
            double xMm, double yMm, int above, int below, double size, boolean hairAbove, boolean hairBelow) {}

    /** A needle's outlines, from the front and from the side. */
    record NeedleDrawn(
            int needles, double spacingMm, List<Place> front, List<Place> side, double eyeLengthMm, double eyeWidthMm) {
        static NeedleDrawn of(NeedleDrawing needleDrawing) {
            return new NeedleDrawn(
                    needleDrawing.needle().count(),
                    needleDrawing.needle().spacingMm(),
                    needleDrawing.front(),
                    needleDrawing.side(),
                    needleDrawing.needle().point().eye().lengthMm(),
                    needleDrawing.needle().eyeWidthMm());
        }
    }

    /**
     * An answer.
     *
     * @param choice the words of one of the choices, or its place among them, counted from 0
     * @param reader whose answer it is; left out for whoever gives no name
     */
    record AnswerBody(
            @Nullable String id,
            @Nullable JsonNode choice,
            @Nullable String reader) {}

    /** What is right, and why. */
    record Told(boolean right, String answer, String why, LocalDate due) {}

    @GetMapping("/drill")
    @Operation(summary = "Asks the next drill; asking changes nothing")
    Asked drill(@RequestParam Optional<DrillKind> kind, @RequestParam(defaultValue = "") String reader) {
        return Asked.of(practice.next(named(reader), kind));
    }

    @PostMapping(path = "/answer", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Takes an answer and tells what is right; the first answer to a drill stands")
    Told answer(@RequestBody AnswerBody body) {
        if (body.id() == null) {
            throw new BadInput("id", "Name the drill that is answered, by the id with which it was asked.");
        }
        Drill drill = Drills.make(DrillId.read(body.id()));
        String reader = named(body.reader() == null ? "" : body.reader());
        Given given = practice.answer(reader, drill.id().toString(), choice(drill, body.choice()));
        return new Told(given.answer().right(), drill.answer(), drill.why(), given.due());
    }

    private static int choice(Drill drill, @Nullable JsonNode said) {
        if (said != null && said.isInt()) {
            return said.intValue();
        }
        int choice = said != null && said.isTextual() ? drill.choices().indexOf(said.textValue()) : -1;
        BadInput.unless(
                choice >= 0, "choice", () -> "Send one of the four choices, in its words or by its place from 0 to 3.");
        return choice;
    }

    private static String named(String reader) {
        BadInput.unless(
                reader.length() <= DrillAnswer.LONGEST_NAME,
                "reader",
                () -> "A reader's name has at most " + DrillAnswer.LONGEST_NAME + " characters.");
        return reader.strip();
    }
}
