package belonax.web.drawer.tools;

import belonax.BadInput;
import belonax.cloth.Stretch;
import belonax.cloth.SwatchWeight;
import belonax.cloth.WeightClass;
import belonax.match.Clearance;
import belonax.needle.NeedleSize;
import belonax.web.shared.api.ApiBody;
import belonax.web.shared.api.ApiRefusal;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Measuring over JSON. */
@RestController
@RequestMapping(path = "/api/v1/measure", produces = MediaType.APPLICATION_JSON_VALUE)
@Tag(name = "Measuring", description = "What a swatch weighs and gives, and what clears plate and foot")
class MeasureApi {

    /** A swatch on a scale. */
    record WeightBody(
            @Nullable Double grams,
            @Nullable Double lengthCm,
            @Nullable Double widthCm,
            @Nullable Double scaleStepGrams)
            implements ApiBody {}

    /** A mark at rest, pulled, and let go. */
    record StretchBody(
            @Nullable Double restMm,
            @Nullable Double stretchedMm,
            @Nullable Double afterMm) implements ApiBody {}

    /** What is to pass plate and foot. */
    record ClearanceBody(
            @Nullable Double slotMm,
            @Nullable Double footSlotMm,
            @Nullable Double spacingMm,
            @Nullable Integer nm,
            @Nullable Integer needles,
            @Nullable Double wingMm,
            @Nullable Double needleOffsetMm,
            @Nullable Double stitchWidthMm)
            implements ApiBody {
        Clearance.Passage passage() {
            double spacing = required("spacingMm", spacingMm, "Say 0 for one needle.");
            if (nm == null) {
                throw ApiRefusal.missing("nm", "Send the needle's size, such as 80.");
            }
            return new Clearance.Passage(
                    required("slotMm", slotMm, "Measure the slot of the plate, such as 7."),
                    optional(footSlotMm),
                    spacing,
                    size(nm),
                    needles == null ? (spacing > 0 ? 2 : 1) : needles,
                    optional(wingMm),
                    needleOffsetMm == null ? 0 : needleOffsetMm,
                    optional(stitchWidthMm));
        }

        private static NeedleSize size(int nm) {
            try {
                return NeedleSize.ofNm(nm);
            } catch (BadInput e) {
                throw e.under("nm");
            }
        }
    }

    /** The weight with its band. */
    record WeightAnswer(
            double gsm,
            double low,
            double high,
            @JsonProperty("class") WeightClass weightClass,
            boolean certain,
            String advice) {}

    /** The widest safe stitch. */
    record ClearanceAnswer(
            double maxStitchWidthMm, @Nullable Boolean clears, String advice) {}

    @PostMapping(path = "/weight", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Works out g/m² from a swatch, with the band that the scale's step leaves")
    WeightAnswer weight(@RequestBody WeightBody body) {
        SwatchWeight swatchWeight = SwatchWeight.measure(
                required("grams", body.grams(), "Read the scale."),
                required("lengthCm", body.lengthCm(), "Measure the swatch."),
                required("widthCm", body.widthCm(), "Measure the swatch."),
                required("scaleStepGrams", body.scaleStepGrams(), "Kitchen scales show whole grams: 1."));
        return new WeightAnswer(
                swatchWeight.gsm(),
                swatchWeight.low(),
                swatchWeight.high(),
                swatchWeight.weightClass(),
                swatchWeight.certain(),
                swatchWeight.advice());
    }

    @PostMapping(path = "/stretch", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Works out stretch and recovery from three measures of one mark")
    Stretch stretch(@RequestBody StretchBody body) {
        return Stretch.measure(
                required("restMm", body.restMm(), "Mark 100 mm on the cloth."),
                required("stretchedMm", body.stretchedMm(), "Measure the mark while you pull."),
                required("afterMm", body.afterMm(), "Measure the mark after letting go."));
    }

    @PostMapping(path = "/clearance", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Tells whether a needle clears plate and foot, and the widest safe stitch")
    ClearanceAnswer clearance(@RequestBody ClearanceBody body) {
        Clearance clearance = Clearance.of(body.passage());
        return new ClearanceAnswer(
                clearance.maxStitchWidthMm(), clearance.clears().orElse(null), clearance.advice());
    }

    private static double required(String field, @Nullable Double value, String whatToSend) {
        if (value == null) {
            throw ApiRefusal.missing(field, whatToSend);
        }
        return value;
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
