package belonax.web.drawer.tools;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.endsWith;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.nullValue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.web.BadBodies;
import belonax.web.WebSlice;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Labels and measures over JSON, as the contract has them. */
@WebMvcTest({LabelsApi.class, MeasureApi.class})
@Import(WebSlice.class)
class ReadingApiTest {
    @Autowired
    private MockMvc mvc;

    @Test
    void a_packet_is_read() throws Exception {
        send("/api/v1/labels/needle", "{\"text\":\"130/705 H-S ZWI 4.0/75\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.system").value("130/705 H"))
                .andExpect(jsonPath("$.type").value("TWIN"))
                .andExpect(jsonPath("$.size.nm").value(75))
                .andExpect(jsonPath("$.size.trade").value(11))
                .andExpect(jsonPath("$.size.length()").value(2))
                .andExpect(jsonPath("$.twin.spacingMm").value(4.0))
                .andExpect(jsonPath("$.twin.point").value("STRETCH"))
                .andExpect(jsonPath("$.unread", hasSize(0)));
        send("/api/v1/labels/needle", "{\"text\":\"100/15\"}")
                .andExpect(jsonPath("$.system").value(nullValue()))
                .andExpect(jsonPath("$.size.trade").value(16))
                .andExpect(jsonPath("$.corrections", hasSize(1)));
    }

    @Test
    void a_spool_is_read_with_its_question_or_its_weight() throws Exception {
        send("/api/v1/labels/thread", "{\"text\":\"No. 120\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.readings[0].system").value("TICKET"))
                .andExpect(jsonPath("$.readings[0].tex").value(25.0))
                .andExpect(jsonPath("$.readings[0].likelihood", greaterThan(0.7)))
                .andExpect(jsonPath("$.question", endsWith(".")));
        send("/api/v1/labels/thread", "{\"metres\":200,\"grams\":5}")
                .andExpect(jsonPath("$.readings[0].system").value("WEIGHED"))
                .andExpect(jsonPath("$.readings[0].tex").value(25.0))
                .andExpect(jsonPath("$.question").value(nullValue()));
    }

    @Test
    void a_loose_needle_is_named() throws Exception {
        send("/api/v1/needles/identify", "{\"shank\":\"ROUND\",\"shankMm\":2.0,\"buttToEyeMm\":38.5}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.candidates", hasSize(2)))
                .andExpect(jsonPath("$.candidates[0].system").value("130 R"))
                .andExpect(jsonPath("$.candidates[0].domestic").value(true))
                .andExpect(jsonPath("$.candidates[1].system").value("135x17"))
                .andExpect(jsonPath("$.advice", containsString("manual")));
    }

    @Test
    void a_swatch_is_weighed_and_stretched_and_a_needle_cleared() throws Exception {
        send("/api/v1/measure/weight", "{\"grams\":3,\"lengthCm\":20,\"widthCm\":20,\"scaleStepGrams\":1}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.gsm", closeTo(75.0, 1e-9)))
                .andExpect(jsonPath("$.low", closeTo(62.5, 1e-9)))
                .andExpect(jsonPath("$.high", closeTo(87.5, 1e-9)))
                .andExpect(jsonPath("$.class").value("LIGHT"))
                .andExpect(jsonPath("$.certain").value(true));
        send("/api/v1/measure/stretch", "{\"restMm\":100,\"stretchedMm\":150,\"afterMm\":103}")
                .andExpect(jsonPath("$.stretchPercent", closeTo(50, 1e-9)))
                .andExpect(jsonPath("$.recoveryPercent", closeTo(94, 1e-9)));
        send("/api/v1/measure/clearance", "{\"slotMm\":7,\"spacingMm\":3,\"nm\":80}")
                .andExpect(jsonPath("$.maxStitchWidthMm", closeTo(2.2, 1e-9)))
                .andExpect(jsonPath("$.clears").value(nullValue()));
        send("/api/v1/measure/clearance", "{\"slotMm\":5,\"spacingMm\":6,\"nm\":100,\"stitchWidthMm\":0}")
                .andExpect(jsonPath("$.maxStitchWidthMm").value(0.0))
                .andExpect(jsonPath("$.clears").value(false))
                .andExpect(jsonPath("$.advice", containsString("Do not sew with it")));
    }

    @Tag("thorough")
    @ParameterizedTest(name = "{2}: {0}")
    @MethodSource("badBodies")
    void bad_input_is_told_as_a_problem_with_a_useful_sentence(String what, int expected, String path, String body)
            throws Exception {
        send(path, body)
                .andExpect(status().is(expected))
                .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.title").isNotEmpty())
                .andExpect(jsonPath("$.detail", endsWith(".")));
    }

    static Stream<Arguments> badBodies() {
        return Stream.of(
                        BadBodies.of("/api/v1/labels/needle")
                                .text(
                                        "text",
                                        "80/12",
                                        "",
                                        " ",
                                        "thimble",
                                        "????",
                                        "0",
                                        "-1",
                                        "999/99",
                                        "\\u0000",
                                        "\\ud83e\\udea1",
                                        "needle needle",
                                        "9".repeat(10_000),
                                        "5 pieces",
                                        "///",
                                        "№"),
                        BadBodies.of("/api/v1/labels/thread")
                                .text(
                                        "text",
                                        "Tkt 120",
                                        "",
                                        "sky blue",
                                        "x".repeat(10_000),
                                        "Tkt 0",
                                        "tex 9000",
                                        "100 %"),
                        BadBodies.of("/api/v1/labels/thread")
                                .number("metres", "200", "0", "-5", "1e9")
                                .number("grams", "5", "0", "-5", "1e9"),
                        BadBodies.of("/api/v1/needles/identify")
                                .word("shank", "FLAT")
                                .number("shankMm", "2.0", "0", "-1", "40", "0.4")
                                .number("buttToEyeMm", "38.5", "0", "-1", "900", "9"),
                        BadBodies.of("/api/v1/measure/weight")
                                .number("grams", "3", "0", "-3", "99999")
                                .number("lengthCm", "20", "0", "-1", "501")
                                .number("widthCm", "20", "0", "-1", "501")
                                .number("scaleStepGrams", "1", "0", "-1", "101"),
                        BadBodies.of("/api/v1/measure/stretch")
                                .number("restMm", "100", "0", "-1", "5000", "200")
                                .number("stretchedMm", "150", "0", "90", "900")
                                .number("afterMm", "103", "99", "151", "-1"),
                        BadBodies.of("/api/v1/measure/clearance")
                                .number("slotMm", "7", "0", "-1", "16")
                                .number("spacingMm", "3", "-1", "11", "0")
                                .number("nm", "80", "81", "0", "-80", "80.5", "99999999999")
                                .optionalNumber("needles", "2", "0", "4", "1", "1.5")
                                .optionalNumber("footSlotMm", "7", "0", "-1", "99")
                                .optionalNumber("wingMm", "2.8", "0", "-1", "9")
                                .optionalNumber("needleOffsetMm", "0", "-7", "7")
                                .optionalNumber("stitchWidthMm", "2", "-1", "13"))
                .flatMap(badBodies ->
                        List.copyOf(badBodies.stream().toList()).stream().map(badBodies::whole));
    }

    private ResultActions send(String path, String body) throws Exception {
        return mvc.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }
}
