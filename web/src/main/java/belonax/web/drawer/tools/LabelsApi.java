package belonax.web.drawer.tools;

import belonax.needle.LooseNeedle;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleType;
import belonax.needle.Shank;
import belonax.thread.ThreadLabel;
import belonax.thread.ThreadNumbering;
import belonax.web.shared.api.ApiBody;
import belonax.web.shared.api.ApiRefusal;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reading packets, spools and loose needles over JSON. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Labels", description = "What is printed on a packet or a spool, and which needle this is")
class LabelsApi {

    /** A packet's label. */
    record NeedleLabelBody(@Nullable String text) implements ApiBody {}

    /** A spool's label, or what is on it. */
    record ThreadLabelBody(
            @Nullable String text,
            @Nullable Double metres,
            @Nullable Double grams) implements ApiBody {}

    /** A loose needle's measures. */
    record IdentifyBody(
            @Nullable Shank shank,
            @Nullable Double shankMm,
            @Nullable Double buttToEyeMm) implements ApiBody {}

    /** What a packet's label says; null where it says nothing. */
    record NeedleLabelAnswer(
            @Nullable String system,
            @Nullable NeedleType type,
            NeedleLabel.@Nullable PrintedSize size,
            List<NeedleLabel.PrintedSize> sizes,
            @Nullable TwinShown twin,
            List<String> corrections,
            List<String> notes,
            List<String> unread) {
        static NeedleLabelAnswer of(NeedleLabel.Reading reading) {
            return new NeedleLabelAnswer(
                    reading.system().map(system -> system.label()).orElse(null),
                    reading.type().orElse(null),
                    reading.size().orElse(null),
                    reading.sizes(),
                    reading.twin()
                            .map(twin -> new TwinShown(twin.spacingMm(), twin.point()))
                            .orElse(null),
                    reading.corrections(),
                    reading.notes(),
                    reading.unread());
        }
    }

    /** Spacing and point of several needles on one shank. */
    record TwinShown(double spacingMm, NeedleType point) {}

    /** What a spool's label says. */
    record ThreadLabelAnswer(
            List<ReadingShown> readings, @Nullable String question) {}

    /** One way to read it. */
    record ReadingShown(ThreadNumbering system, double tex, double likelihood, String why) {}

    /** Which systems a loose needle may be of. */
    record IdentifyAnswer(List<CandidateShown> candidates, String advice) {}

    /** One of them. */
    record CandidateShown(String system, double likelihood, boolean domestic) {}

    @PostMapping(path = "/labels/needle", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Reads a packet of needles, with corrections and what could not be read")
    NeedleLabelAnswer needle(@RequestBody NeedleLabelBody body) {
        if (body.text() == null) {
            throw ApiRefusal.missing("text", "Send what is printed on the packet.");
        }
        return NeedleLabelAnswer.of(NeedleLabel.read(body.text()));
    }

    @PostMapping(path = "/labels/thread", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Reads a spool's label: every reading that fits, and the question that settles it")
    ThreadLabelAnswer thread(@RequestBody ThreadLabelBody body) {
        if (body.text() == null && body.metres() == null) {
            throw ApiRefusal.missing(
                    body.grams() == null ? "text" : "metres",
                    "Send what is printed on the spool, or metres and grams.");
        }
        if (body.text() == null && body.grams() == null) {
            throw ApiRefusal.missing("grams", "Send what is printed on the spool, or metres and grams.");
        }
        ThreadLabel.Answer answer =
                ThreadLabel.read(Optional.ofNullable(body.text()), optional(body.metres()), optional(body.grams()));
        return new ThreadLabelAnswer(
                answer.readings().stream()
                        .map(reading -> new ReadingShown(
                                reading.numbering(), reading.tex().value(), reading.likelihood(), reading.why()))
                        .toList(),
                answer.question().orElse(null));
    }

    @PostMapping(path = "/needles/identify", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Names the systems that a loose needle may be of")
    IdentifyAnswer identify(@RequestBody IdentifyBody body) {
        if (body.shank() == null) {
            throw ApiRefusal.missing("shank", "Tell whether the shank has a flat side: FLAT or ROUND.");
        }
        if (body.shankMm() == null) {
            throw ApiRefusal.missing("shankMm", "Measure the shank across its round, such as 2.0.");
        }
        if (body.buttToEyeMm() == null) {
            throw ApiRefusal.missing("buttToEyeMm", "Measure from the butt to the top of the eye, such as 38.5.");
        }
        LooseNeedle.Answer answer = LooseNeedle.identify(body.shank(), body.shankMm(), body.buttToEyeMm());
        return new IdentifyAnswer(
                answer.candidates().stream()
                        .map(candidate -> new CandidateShown(
                                candidate.system().label(),
                                candidate.likelihood(),
                                candidate.system().isDomestic()))
                        .toList(),
                answer.advice());
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
