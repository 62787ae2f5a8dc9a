package belonax.web.match;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.endsWith;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThanOrEqualTo;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.lessThan;
import static org.hamcrest.Matchers.nullValue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.web.WebSlice;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
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

@WebMvcTest(MatchApi.class)
@Import(WebSlice.class)
class MatchApiTest {
    private static final String NEEDLE = ",\"needle\":{\"system\":\"130/705 H\",\"type\":\"UNIVERSAL\",\"size\":80}";

    @Autowired
    private MockMvc mvc;

    @Test
    void a_swim_knit_gets_a_stretch_needle_with_both_windows_and_reasons() throws Exception {
        send("/api/v1/match", "{\"fabric\":{\"id\":\"swim-knit\"},\"thread\":{\"tex\":25}}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.clothWindow.min").value(75))
                .andExpect(jsonPath("$.clothWindow.max").value(90))
                .andExpect(jsonPath("$.threadWindow.min").value(70))
                .andExpect(jsonPath("$.threadWindow.max").value(100))
                .andExpect(jsonPath("$.conflict").value(nullValue()))
                .andExpect(jsonPath("$.recommendations.length()", greaterThanOrEqualTo(3)))
                .andExpect(jsonPath("$.recommendations[0].rank").value(1))
                .andExpect(jsonPath("$.recommendations[0].label").value("130/705 H-S 75/11"))
                .andExpect(jsonPath("$.recommendations[0].size.trade").value(11))
                .andExpect(jsonPath("$.recommendations[0].twin").value(nullValue()))
                .andExpect(jsonPath("$.recommendations[0].hazards.break").isNumber())
                .andExpect(jsonPath("$.recommendations[0].reasons[0].direction").value("LOWERS"))
                .andExpect(jsonPath("$.stitch.kind").value("ZIGZAG"))
                .andExpect(jsonPath("$.foot.pressure").value("LIGHT"))
                .andExpect(jsonPath("$.startingDial.lower").isNumber());
    }

    @Test
    void what_no_needle_changes_is_told_with_its_way_out() throws Exception {
        send(
                        "/api/v1/match",
                        "{\"fabric\":{\"id\":\"webbing-nylon\"},\"layers\":4,\"thread\":{\"tex\":60},\"machinePower\":\"LIGHT\","
                                + "\"footLiftMm\":8,\"thickestTex\":40,\"feet\":[\"STANDARD\",\"WALKING\"],"
                                + "\"dial\":{\"min\":0,\"max\":5,\"step\":0.25}}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.limits[*].kind", hasItem("PIERCING")))
                .andExpect(jsonPath("$.limits[*].kind", hasItem("THREAD")))
                .andExpect(jsonPath("$.limits[0].wayOut").isNotEmpty())
                .andExpect(jsonPath("$.recommendations[*].verdict", everyItem(is("AVOID"))))
                .andExpect(jsonPath("$.recommendations.length()", greaterThanOrEqualTo(3)))
                .andExpect(jsonPath("$.foot.kind").value("STANDARD"))
                .andExpect(jsonPath("$.startingDial.upper", lessThan(4.0)));
    }

    @Test
    void helpers_are_told_and_a_described_one_may_say_so() throws Exception {
        send(
                        "/api/v1/match",
                        "{\"stack\":[{\"fabric\":{\"id\":\"single-jersey\"},\"layers\":2},{\"fabric\":{\"structure\":\"FILM\","
                                + "\"weightGsm\":35,\"traits\":[\"STICKY\"],\"part\":\"HELPS\"}}],\"thread\":{\"tex\":25},"
                                + "\"stitchingAlready\":2,\"strands\":1}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.recommendations[0].type").value("JERSEY"))
                .andExpect(jsonPath("$.limits.length()").value(0));
    }

    @Test
    void an_overlocker_sews_an_overlock_seam_unless_asked_and_refuses_other_work() throws Exception {
        String jersey = "{\"fabric\":{\"id\":\"single-jersey\"},\"thread\":{\"tex\":25},\"systems\":[\"HAx1SP\"],"
                + "\"machineKind\":\"OVERLOCKER\"";
        send("/api/v1/match", jersey + "}")
                .andExpect(jsonPath("$.stitch.kind").value("OVERLOCK"))
                .andExpect(jsonPath("$.limits.length()").value(0));
        send("/api/v1/match", jersey + ",\"purpose\":\"BUTTONHOLE\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.limits[0].kind").value("MACHINE"))
                .andExpect(jsonPath("$.recommendations[*].verdict", everyItem(is("AVOID"))));
    }

    @Test
    void what_worked_counts_for_its_like_alone() throws Exception {
        String poplin =
                "{\"fabric\":{\"id\":\"poplin\"},\"thread\":{\"tex\":25},\"proven\":[{\"type\":\"STRETCH\",\"size\":75";
        send("/api/v1/match", poplin + ",\"layers\":2,\"tex\":25,\"purpose\":\"SEAM\"}]}")
                .andExpect(jsonPath("$.recommendations[0].type").value("STRETCH"));
        send("/api/v1/match", poplin + ",\"layers\":8}]}")
                .andExpect(jsonPath("$.recommendations[0].type").value("UNIVERSAL"));
    }

    @Test
    void a_ready_batting_sandwich_is_one_layer_unless_told() throws Exception {
        send(
                        "/api/v1/match",
                        "{\"fabric\":{\"id\":\"batting-sandwich\"},\"thread\":{\"tex\":30},\"purpose\":\"QUILTING\"}")
                .andExpect(jsonPath("$.clothWindow.min").value(75))
                .andExpect(jsonPath("$.foot.kind").value("WALKING"))
                .andExpect(jsonPath("$.warnings", hasItem(containsString("whole stack by itself"))));
    }

    @Test
    void a_described_stack_with_a_label_and_a_proven_set_up_is_taken_as_the_contract_has_it() throws Exception {
        String body = """
                {"stack":[{"fabric":{"structure":"KNIT","weightGsm":220,"stretchPercent":30,"traits":["PILE"]},"layers":2},
                          {"fabric":{"id":"poplin","weightGsm":90},"layers":1}],
                 "thread":{"label":"Tkt 120"},"crossingLayers":6,"purpose":"HEM","systems":["130/705 H"],
                 "machinePower":"NORMAL","plate":"ZIGZAG","stitchWidthMm":0,
                 "proven":[{"type":"STRETCH","size":{"nm":90,"trade":14}}],"school":"CLOTH_FIRST"}""";

        send("/api/v1/match", body)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.recommendations[0].type").value("STRETCH"))
                .andExpect(jsonPath("$.recommendations[0].size.nm").value(90))
                .andExpect(jsonPath("$.recommendations[0].reasons[0].text").value(containsString("worked for you")));
    }

    @Test
    void a_twin_is_answered_with_its_spacing_and_point() throws Exception {
        send(
                        "/api/v1/match",
                        "{\"fabric\":{\"id\":\"single-jersey\"},\"thread\":{\"tex\":25},\"twin\":{\"spacingMm\":4.0}}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.recommendations[*].type", everyItem(org.hamcrest.Matchers.is("TWIN"))))
                .andExpect(jsonPath("$.recommendations[0].twin.spacingMm").value(4.0))
                .andExpect(jsonPath("$.recommendations[0].twin.point").value("STRETCH"));
    }

    @Test
    void a_fitted_needle_is_judged_and_something_better_named_without_a_rank() throws Exception {
        send(
                        "/api/v1/match/check",
                        "{\"fabric\":{\"id\":\"swim-knit\"},\"thread\":{\"tex\":25},\"needle\":{\"system\":\"130/705 H\","
                                + "\"type\":\"UNIVERSAL\",\"size\":{\"nm\":80,\"trade\":12},\"hours\":3.5},"
                                + "\"machineSystems\":[\"130/705 H\"]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.verdict").value("AVOID"))
                .andExpect(jsonPath("$.better.type").value("STRETCH"))
                .andExpect(jsonPath("$.better.rank").doesNotExist());
    }

    @Test
    void a_good_needle_has_nothing_better() throws Exception {
        send("/api/v1/match/check", "{\"fabric\":{\"id\":\"quilting-cotton\"},\"thread\":{\"tex\":25}" + NEEDLE + "}")
                .andExpect(jsonPath("$.verdict").value("GOOD"))
                .andExpect(jsonPath("$.better").value(nullValue()));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("badBodies")
    void bad_input_is_told_as_a_problem_with_a_useful_sentence(String what, int expected, String path, String body)
            throws Exception {
        send(path, body)
                .andExpect(status().is(expected))
                .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.status").value(expected))
                .andExpect(jsonPath("$.title").isNotEmpty())
                .andExpect(jsonPath("$.detail", endsWith(".")));
    }

    @Test
    void several_kinds_of_bad_input_name_their_field() throws Exception {
        send("/api/v1/match", "{\"fabric\":{\"structure\":\"WOVEN\",\"weightGsm\":-3},\"thread\":{\"tex\":25}}")
                .andExpect(jsonPath("$.errors[*].field", hasItem("fabric.weightGsm")));
        send("/api/v1/match", "{\"fabric\":{\"id\":\"poplin\"},\"thread\":{\"tex\":900}}")
                .andExpect(jsonPath("$.errors[*].field", hasItem("thread.tex")))
                .andExpect(jsonPath("$.detail", containsString("tex = 1000 × grams ÷ metres")));
        send("/api/v1/match", "{\"fabric\":{\"id\":\"poplin\"},\"thread\":{\"tex\":25},\"colour\":\"red\"}")
                .andExpect(jsonPath("$.errors", hasSize(1)))
                .andExpect(jsonPath("$.errors[0].field").value("colour"));
    }

    @Test
    void other_methods_and_media_are_problem_documents_too() throws Exception {
        mvc.perform(post("/api/v1/match").contentType(MediaType.TEXT_PLAIN).content("x"))
                .andExpect(status().isUnsupportedMediaType());
        mvc.perform(post("/api/v1/match")
                        .contentType(MediaType.APPLICATION_JSON)
                        .accept(MediaType.APPLICATION_XML)
                        .content("{}"))
                .andExpect(status().isNotAcceptable());
    }

    private ResultActions send(String path, String body) throws Exception {
        return mvc.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    /** More than forty kinds, each sent to both paths. */
    static Stream<Arguments> badBodies() {
        List<Arguments> all = new ArrayList<>();
        for (String path : List.of("/api/v1/match", "/api/v1/match/check")) {
            String rest = path.endsWith("check") ? NEEDLE : "";
            wellFormedAndSenseless(all, path, rest);
            malformed(all, path, rest);
        }
        badNeedles(all);
        return all.stream();
    }

    private static void malformed(List<Arguments> all, String path, String rest) {
        String cloth = "\"fabric\":{\"id\":\"poplin\"}";
        String thread = "\"thread\":{\"tex\":25}";
        add(all, path, 400, "nothing", "");
        add(all, path, 400, "blanks", "   ");
        add(all, path, 400, "null", "null");
        add(all, path, 400, "a list", "[]");
        add(all, path, 400, "a text", "\"poplin\"");
        add(all, path, 400, "a number", "7");
        add(all, path, 400, "not JSON", "cloth=poplin");
        add(all, path, 400, "cut short", "{" + cloth + "," + thread);
        add(all, path, 400, "bytes after the end", "{" + cloth + "," + thread + rest + "} and more");
        add(all, path, 400, "two objects", "{" + cloth + "," + thread + rest + "}{}");
        add(all, path, 400, "a trailing comma", "{" + cloth + "," + thread + rest + ",}");
        add(all, path, 400, "single quotes", "{'fabric':{'id':'poplin'}}");
        add(all, path, 400, "no fabric", "{" + thread + rest + "}");
        add(all, path, 400, "no thread", "{" + cloth + rest + "}");
        for (String word : List.of(
                "\"machineKind\":\"TRACTOR\"",
                "\"feet\":[\"LEFT\"]",
                "\"feet\":[null]",
                "\"purpose\":\"NAPPING\"",
                "\"dial\":{\"min\":0}",
                "\"footLiftMm\":\"high\"",
                "\"fabric\":{\"id\":\"poplin\",\"part\":\"LEADS\"}")) {
            add(
                    all,
                    path,
                    400,
                    word,
                    "{" + (word.contains("fabric") ? "" : cloth + ",") + word + "," + thread + rest + "}");
        }
        for (String number : List.of(
                "\"footLiftMm\":0.5",
                "\"thickestTex\":1",
                "\"slotMm\":0.1",
                "\"footSlotMm\":40",
                "\"stitchingAlready\":9",
                "\"stitchingAlready\":-1",
                "\"strands\":3",
                "\"dial\":{\"min\":9,\"max\":0,\"step\":1}",
                "\"proven\":[{\"type\":\"JEANS\",\"size\":90,\"layers\":99}]")) {
            add(all, path, 422, number, "{" + cloth + "," + number + "," + thread + rest + "}");
        }
        add(all, path, 400, "thread null", "{" + cloth + ",\"thread\":null" + rest + "}");
        add(all, path, 400, "thread without tex or label", "{" + cloth + ",\"thread\":{}" + rest + "}");
        add(all, path, 400, "fabric a text", "{\"fabric\":\"poplin\"," + thread + rest + "}");
        add(all, path, 400, "fabric a list", "{\"fabric\":[]," + thread + rest + "}");
        add(all, path, 400, "fabric empty", "{\"fabric\":{}," + thread + rest + "}");
        add(all, path, 400, "weight missing", "{\"fabric\":{\"structure\":\"KNIT\"}," + thread + rest + "}");
        add(all, path, 400, "id a number", "{\"fabric\":{\"id\":7}," + thread + rest + "}");
        add(all, path, 400, "a doubled property", "{" + cloth + "," + cloth + "," + thread + rest + "}");
        add(all, path, 400, "an unknown property", "{" + cloth + "," + thread + ",\"layer\":2" + rest + "}");
        add(
                all,
                path,
                400,
                "an unknown inner property",
                "{" + cloth + ",\"thread\":{\"tex\":25,\"teks\":1}" + rest + "}");
        add(
                all,
                path,
                400,
                "an unknown structure",
                "{\"fabric\":{\"structure\":\"SPUN\",\"weightGsm\":9}," + thread + rest + "}");
        add(
                all,
                path,
                400,
                "a structure in lower case",
                "{\"fabric\":{\"structure\":\"knit\",\"weightGsm\":90}," + thread + rest + "}");
        add(
                all,
                path,
                400,
                "a number for a structure",
                "{\"fabric\":{\"structure\":1,\"weightGsm\":90}," + thread + rest + "}");
        add(all, path, 400, "an unknown purpose", "{" + cloth + "," + thread + ",\"purpose\":\"DANCE\"" + rest + "}");
        add(
                all,
                path,
                400,
                "an unknown system",
                "{" + cloth + "," + thread + ",\"systems\":[\"130/706\"]" + rest + "}");
        add(
                all,
                path,
                400,
                "a null among the systems",
                "{" + cloth + "," + thread + ",\"systems\":[null]" + rest + "}");
        add(all, path, 400, "a text for a number", "{" + cloth + ",\"thread\":{\"tex\":\"25\"}" + rest + "}");
        add(all, path, 400, "a bare NaN", "{" + cloth + ",\"thread\":{\"tex\":NaN}" + rest + "}");
        add(all, path, 400, "true for a number", "{" + cloth + ",\"thread\":{\"tex\":true}" + rest + "}");
        add(
                all,
                path,
                400,
                "a text for a truth",
                "{" + cloth + ",\"thread\":{\"tex\":25,\"keptInSun\":\"yes\"}" + rest + "}");
        add(all, path, 400, "an object for a number", "{" + cloth + "," + thread + ",\"layers\":{}" + rest + "}");
        add(
                all,
                path,
                400,
                "a proven set-up without a size",
                "{" + cloth + "," + thread + ",\"proven\":[{\"type\":\"JEANS\"}]" + rest + "}");
        add(all, path, 400, "a twin without spacing", "{" + cloth + "," + thread + ",\"twin\":{}" + rest + "}");
        add(all, path, 400, "deep nesting", "[".repeat(3000) + "]".repeat(3000));
    }

    private static void wellFormedAndSenseless(List<Arguments> all, String path, String rest) {
        String cloth = "\"fabric\":{\"id\":\"poplin\"}";
        String thread = "\"thread\":{\"tex\":25}";
        add(all, path, 422, "an unknown cloth", "{\"fabric\":{\"id\":\"moon\"}," + thread + rest + "}");
        add(all, path, 422, "weight 0", "{\"fabric\":{\"structure\":\"KNIT\",\"weightGsm\":0}," + thread + rest + "}");
        add(
                all,
                path,
                422,
                "weight 1e999",
                "{\"fabric\":{\"structure\":\"KNIT\",\"weightGsm\":1e999}," + thread + rest + "}");
        add(
                all,
                path,
                422,
                "weight “NaN”",
                "{\"fabric\":{\"structure\":\"KNIT\",\"weightGsm\":\"NaN\"}," + thread + rest + "}");
        add(
                all,
                path,
                422,
                "weight “-Infinity”",
                "{\"fabric\":{\"structure\":\"KNIT\",\"weightGsm\":\"-Infinity\"}," + thread + rest + "}");
        add(all, path, 422, "stretch -5", "{\"fabric\":{\"id\":\"rib\",\"stretchPercent\":-5}," + thread + rest + "}");
        add(
                all,
                path,
                422,
                "thickness 1000",
                "{\"fabric\":{\"id\":\"rib\",\"thicknessMm\":1000}," + thread + rest + "}");
        add(all, path, 422, "tex 0", "{" + cloth + ",\"thread\":{\"tex\":0}" + rest + "}");
        add(all, path, 422, "tex 900", "{" + cloth + ",\"thread\":{\"tex\":900}" + rest + "}");
        add(all, path, 422, "an unreadable label", "{" + cloth + ",\"thread\":{\"label\":\"sky blue\"}" + rest + "}");
        add(all, path, 422, "age -1", "{" + cloth + ",\"thread\":{\"tex\":25,\"ageYears\":-1}" + rest + "}");
        add(all, path, 422, "no layers", "{" + cloth + "," + thread + ",\"layers\":0" + rest + "}");
        add(all, path, 422, "33 layers", "{" + cloth + "," + thread + ",\"layers\":33" + rest + "}");
        add(all, path, 422, "half a layer", "{" + cloth + "," + thread + ",\"layers\":1.5" + rest + "}");
        add(
                all,
                path,
                422,
                "layers beyond counting",
                "{" + cloth + "," + thread + ",\"layers\":99999999999" + rest + "}");
        add(all, path, 422, "fewer at the crossing", "{" + cloth + "," + thread + ",\"crossingLayers\":1" + rest + "}");
        add(all, path, 422, "an empty stack", "{\"stack\":[]," + thread + rest + "}");
        add(
                all,
                path,
                422,
                "a stack and a fabric",
                "{" + cloth + ",\"stack\":[{" + cloth + "}]," + thread + rest + "}");
        add(all, path, 422, "no systems", "{" + cloth + "," + thread + ",\"systems\":[]" + rest + "}");
        add(
                all,
                path,
                422,
                "13 systems, unread",
                "{" + cloth + "," + thread + ",\"systems\":[" + String.join(",", Collections.nCopies(13, "\"x\"")) + "]"
                        + rest + "}");
        add(
                all,
                path,
                422,
                "13 cloths, unread",
                "{\"stack\":[" + String.join(",", Collections.nCopies(13, "7")) + "]," + thread + rest + "}");
        add(all, path, 422, "width -1", "{" + cloth + "," + thread + ",\"stitchWidthMm\":-1" + rest + "}");
        add(
                all,
                path,
                422,
                "a twin nobody makes",
                "{" + cloth + "," + thread + ",\"twin\":{\"spacingMm\":5}" + rest + "}");
        add(
                all,
                path,
                422,
                "four needles",
                "{" + cloth + "," + thread + ",\"twin\":{\"spacingMm\":4,\"needles\":4}" + rest + "}");
        add(
                all,
                path,
                422,
                "a proven size nobody knows",
                "{" + cloth + "," + thread + ",\"proven\":[{\"type\":\"JEANS\",\"size\":85}]" + rest + "}");
        add(
                all,
                path,
                422,
                "a proven size of two sizes",
                "{" + cloth + "," + thread + ",\"proven\":[{\"type\":\"JEANS\",\"size\":{\"nm\":80,\"trade\":14}}]"
                        + rest + "}");
    }

    private static void badNeedles(List<Arguments> all) {
        String path = "/api/v1/match/check";
        String start = "{\"fabric\":{\"id\":\"poplin\"},\"thread\":{\"tex\":25}";
        add(all, path, 400, "no needle", start + "}");
        add(all, path, 400, "a needle without a type", start + ",\"needle\":{\"system\":\"130/705 H\",\"size\":80}}");
        add(
                all,
                path,
                400,
                "a needle without a size",
                start + ",\"needle\":{\"system\":\"130/705 H\",\"type\":\"JEANS\"}}");
        add(
                all,
                path,
                400,
                "a size object without nm",
                start + ",\"needle\":{\"system\":\"130/705 H\",\"type\":\"JEANS\",\"size\":{}}}");
        add(
                all,
                path,
                422,
                "size 81",
                start + ",\"needle\":{\"system\":\"130/705 H\",\"type\":\"JEANS\",\"size\":81}}");
        add(
                all,
                path,
                422,
                "negative hours",
                start + ",\"needle\":{\"system\":\"130/705 H\",\"type\":\"JEANS\",\"size\":90,\"hours\":-1}}");
        add(
                all,
                path,
                422,
                "a twin without spacing",
                start + ",\"needle\":{\"system\":\"130/705 H\",\"type\":\"TWIN\",\"size\":90}}");
    }

    private static void add(List<Arguments> to, String path, int status, String what, String body) {
        to.add(Arguments.of(what, status, path, body));
    }
}
