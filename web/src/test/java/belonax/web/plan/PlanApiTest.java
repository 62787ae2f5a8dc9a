package belonax.web.plan;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.web.InTheDemoRoom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** {@code POST /plan} as callers see it. */
@InTheDemoRoom
class PlanApiTest {
    private static final String PATH = "/api/v1/plan";
    private static final String CLOTH = "\"fabric\":{\"id\":\"poplin\"},\"layers\":2,\"thread\":{\"tex\":25}";

    @Autowired
    private MockMvc mvc;

    @Test
    void a_job_is_put_in_order_and_counted() throws Exception {
        plan("""
                {"systems":["130/705 H"],"bobbinCapacity":{"diameterMm":20.5,"coreMm":7,"widthMm":9},"stitchesPerMinute":500,
                 "steps":[
                  {"id":"a","name":"side seams","fabric":{"id":"poplin"},"layers":2,"thread":{"tex":25},
                   "stitch":{"kind":"STRAIGHT","lengthMm":2.5,"widthMm":0},"seamMetres":4.2,"passes":1,"purpose":"SEAM"},
                  {"id":"b","name":"suit","fabric":{"id":"swim-knit"},"layers":2,"thread":{"tex":25},
                   "stitch":{"kind":"ZIGZAG","lengthMm":2.5,"widthMm":1},"seamMetres":2},
                  {"id":"c","name":"hem","fabric":{"id":"poplin"},"layers":3,"thread":{"tex":25},"seamMetres":1,
                   "after":["a"]}]}""")
                .andExpect(jsonPath("$.needleChanges").value(1))
                .andExpect(jsonPath("$.threadChanges").value(0))
                .andExpect(jsonPath("$.optimal").value(true))
                .andExpect(jsonPath("$.groups", hasSize(2)))
                .andExpect(jsonPath("$.groups[0].needle.size.nm").isNumber())
                .andExpect(jsonPath("$.groups[0].needle.rank").doesNotExist())
                .andExpect(jsonPath("$.steps[?(@.id=='a')].stitches", contains(closeTo(1680, 0.01))))
                .andExpect(jsonPath("$.steps[?(@.id=='a')].minutes", contains(closeTo(3.36, 0.001))))
                .andExpect(jsonPath("$.steps[?(@.id=='a')].topThreadMetres", contains(closeTo(5.74, 0.01))))
                .andExpect(jsonPath("$.steps[?(@.id=='a')].effectiveHours", contains(closeTo(0.056, 0.001))))
                .andExpect(jsonPath("$.totals.needles").value(2))
                .andExpect(jsonPath("$.totals.bobbins").value(1))
                .andExpect(jsonPath("$.totals.changeoverMinutes").isNumber());
    }

    @Test
    void sixty_steps_are_planned_and_sixty_one_are_too_many() throws Exception {
        plan(steps(60)).andExpect(jsonPath("$.order", hasSize(60)));
        refused(steps(61), 422, "61 entries are too many");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', quoteCharacter = '~', textBlock = """
            "seamMetres":1,"after":["a"]                                 | cannot come after itself
            "seamMetres":1,"after":["b"]                                 | No step is called “b”
            "seamMetres":1,"stitch":{"kind":"STRAIGHT","widthMm":2}      | A straight stitch has no width
            "seamMetres":1,"stitch":{"kind":"ZIGZAG","widthMm":0}        | A zigzag has a width
            "seamMetres":1,"stitch":{"lengthMm":0}                       | A stitch is 0.2 to 12 mm long
            "seamMetres":1,"passes":0                                    | A seam is sewn over 1 to 100 times
            "seamMetres":0                                               | above 0 and at most 10 000 m
            "seamMetres":1e999                                           | seamMetres
            "seamMetres":10000,"passes":100,"stitch":{"lengthMm":0.2}    | longer than anybody sews
            """)
    void what_makes_no_sense_is_told(String more, String why) throws Exception {
        String step = "{\"id\":\"a\",\"name\":\"a\"," + CLOTH + "," + more + "}";

        refused("{\"stitchesPerMinute\":20,\"steps\":[" + step + "]}", 422, why);
    }

    @Test
    void circles_doubled_ids_and_machines_that_are_none_are_told() throws Exception {
        refused("{\"steps\":[" + step("a", "b") + "," + step("b", "a") + "]}", 422, "“a”, then “b”, then “a”");
        refused("{\"steps\":[]}", 422, "at least one step");
        refused("{}", 400, "steps");
        refused("{\"steps\":[null]}", 400, "steps[0]");
        refused("{\"steps\":[" + step("a", "") + "," + step("a", "") + "]}", 422, "Two steps are called “a”");
        String one = "\"steps\":[" + step("a", "") + "]}";
        refused("{\"stitchesPerMinute\":0," + one, 422, "20 to 2000 stitches");
        refused("{\"bobbinCapacity\":{\"coreMm\":30}," + one, 422, "bobbinCapacity.coreMm");
        refused("{\"systems\":[\"nosuch\"]," + one, 400, "systems");
        refused("{\"sews\":1," + one, 400, "is no property here");
    }

    @ParameterizedTest
    @CsvSource({"id", "name", "fabric", "layers", "thread", "seamMetres"})
    void a_step_that_lacks_something_is_malformed(String field) throws Exception {
        String without = step("a", "")
                .replaceAll("\"" + field + "\":(\\{[^}]*}|\"[^\"]*\"|[0-9.]+),?", "")
                .replace(",}", "}");

        refused("{\"steps\":[" + without + "]}", 400, "steps[0]." + field);
    }

    private static String steps(int count) {
        return IntStream.range(0, count)
                .mapToObj(number -> step("s" + number, number == 0 ? "" : "s" + (number - 1)))
                .collect(Collectors.joining(",", "{\"steps\":[", "]}"));
    }

    private static String step(String id, String after) {
        return "{\"id\":\"" + id + "\",\"name\":\"" + id + "\"," + CLOTH + ",\"after\":["
                + (after.isEmpty() ? "" : "\"" + after + "\"") + "],\"seamMetres\":1}";
    }

    private ResultActions plan(String body) throws Exception {
        return mvc.perform(post(PATH).contentType("application/json").content(body))
                .andExpect(status().isOk());
    }

    private void refused(String body, int status, String why) throws Exception {
        mvc.perform(post(PATH).contentType("application/json").content(body))
                .andExpect(status().is(status))
                .andExpect(content().string(containsString(why)));
    }
}
