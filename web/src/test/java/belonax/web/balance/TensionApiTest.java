package belonax.web.balance;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.lessThan;
import static org.hamcrest.Matchers.lessThanOrEqualTo;
import static org.hamcrest.Matchers.nullValue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.web.BadBodies;
import belonax.web.InTheDemoRoom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** {@code POST /tension/next} as callers see it. */
@InTheDemoRoom
class TensionApiTest {
    private static final String PATH = "/api/v1/tension/next";
    private static final String CLEAN_4 = "{\"dial\":4,\"top\":\"CLEAN\",\"underside\":\"CLEAN\"}";

    @Autowired
    private MockMvc mvc;

    @Test
    void the_first_strip_the_way_and_the_end_are_answered() throws Exception {
        next("{}")
                .andExpect(jsonPath("$.action").value("SEW_STRIP"))
                .andExpect(jsonPath("$.dial").value(4.0));
        next("{\"strips\":[]}")
                .andExpect(jsonPath("$.action").value("SEW_STRIP"))
                .andExpect(jsonPath("$.dial").value(4.0))
                .andExpect(jsonPath("$.suspicion").value(nullValue()));
        next("{\"strips\":[{\"dial\":4,\"top\":\"DOTS\",\"underside\":\"CLEAN\"}]}")
                .andExpect(jsonPath("$.dial").value(lessThan(4.0)))
                .andExpect(jsonPath("$.why").value(containsString("the top pulls too hard")));
        next("{\"strips\":[{\"dial\":4,\"top\":\"CLEAN\",\"underside\":\"LOOPS\"}]}")
                .andExpect(jsonPath("$.dial").value(greaterThan(4.0)));
        next("{\"strips\":[" + CLEAN_4 + "," + CLEAN_4 + "]}")
                .andExpect(jsonPath("$.action").value("KEEP"))
                .andExpect(jsonPath("$.confidence").value(greaterThan(0.9)))
                .andExpect(jsonPath("$.balancedDial.low").value(lessThan(4.0)))
                .andExpect(jsonPath("$.balancedDial.high").value(greaterThan(4.0)));
        next("{\"strips\":[{\"dial\":4,\"top\":\"CLEAN\",\"underside\":\"NEST\"}]}")
                .andExpect(jsonPath("$.action").value("RETHREAD"))
                .andExpect(jsonPath("$.dial").value(nullValue()));
    }

    @Test
    void everything_that_may_be_sent_is_read() throws Exception {
        next("""
                {"dial":{"kind":"AUTO","min":0,"max":9,"step":0.5,"normalLow":3,"normalHigh":5},"bobbin":"SEALED",
                 "stackMm":0.7,"stitchWidthMm":2,"top":{"label":"Tkt 120"},"bobbinThread":{"tex":20},
                 "past":[{"dial":4,"stackMm":0.5,"topTex":25,"stitchWidthMm":0,"topBuild":"SPUN"}],
                 "strips":[{"dial":4,"top":"CLEAN","underside":"CLEAN","also":["BOBBIN_BROKE"]}]}""")
                .andExpect(jsonPath("$.action").value("BOBBIN"))
                .andExpect(jsonPath("$.why").value(containsString("This case is sealed")));
    }

    @Test
    void strips_that_contradict_and_a_readers_own_table_are_answered() throws Exception {
        String tightBelowLoose = """
                "strips":[{"dial":2.5,"top":"DOTS","underside":"CLEAN"},{"dial":6,"top":"CLEAN","underside":"LOOPS"}]""";
        next("{" + tightBelowLoose + "}")
                .andExpect(jsonPath("$.action").value("SEW_STRIP"))
                .andExpect(jsonPath("$.confidence").value(lessThanOrEqualTo(0.6), Double.class))
                .andExpect(jsonPath("$.contradiction").value(containsString("one of them was misread")));
        next("{\"strips\":[{\"dial\":4,\"top\":\"CLEAN\",\"underside\":\"TIGHT\"}]}")
                .andExpect(jsonPath("$.action").value("SEW_STRIP"))
                .andExpect(jsonPath("$.contradiction").value(nullValue()));
        next("{\"strips\":[" + CLEAN_4 + "," + CLEAN_4 + "],\"reader\":{\"DOTS\":{\"DOTS\":0.5,\"CLEAN\":0.5}}}")
                .andExpect(jsonPath("$.action").value("SEW_STRIP"))
                .andExpect(jsonPath("$.dial").value(4.0));
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', textBlock = """
            422 | {"reader":{"DOTS":{"DOTS":0.5}}}                                                 | reader.DOTS
            422 | {"reader":{"DOTS":{"DOTS":1.5,"CLEAN":-0.5}}}                                    | reader.DOTS
            400 | {"reader":{"DOTS":null}}                                                         | reader.DOTS
            400 | {"reader":{"DOTS":{"DOTS":null}}}                                                | reader.DOTS
            400 | {"reader":{"SPOTS":{"DOTS":1}}}                                                  | reader
            422 | {"strips":[{"dial":12,"top":"CLEAN","underside":"CLEAN"}]}                       | strips[0].dial
            400 | {"strips":[{"dial":4,"underside":"CLEAN"}]}                                      | strips[0].top
            400 | {"strips":[{"dial":4,"top":"LOOPS","underside":"CLEAN"}]}                        | strips[0].top
            400 | {"strips":[null]}                                                                | strips[0]
            400 | {"strips":[{"dial":4,"top":"CLEAN","underside":"CLEAN","also":[null]}]}          | strips[0].also
            422 | {"dial":{"min":5,"max":5,"step":1},"strips":[]}                                  | dial
            422 | {"dial":{"min":0,"max":9,"step":0},"strips":[]}                                  | dial
            422 | {"dial":{"min":0,"max":9,"step":1,"normalLow":8,"normalHigh":2},"strips":[]}     | dial
            400 | {"dial":{"min":0,"max":9},"strips":[]}                                           | dial.step
            400 | {"bobbin":"NONE","strips":[]}                                                    | bobbin
            422 | {"past":[{"dial":4,"stackMm":0,"topTex":25,"stitchWidthMm":0}],"strips":[]}      | past[0]
            422 | {"top":{"tex":0},"strips":[]}                                                    | top.tex
            422 | {"stitchWidthMm":40,"strips":[]}                                                 | stitchWidthMm
            """)
    void what_will_not_do_is_named(int status, String body, String field) throws Exception {
        mvc.perform(post(PATH).contentType("application/json").content(body))
                .andExpect(status().is(status))
                .andExpect(content().contentType("application/problem+json"))
                .andExpect(jsonPath("$.errors[0].field").value(containsString(field)));
    }

    @Test
    void lists_longer_than_their_limit_are_refused_before_they_are_looked_at() throws Exception {
        mvc.perform(post(PATH).contentType("application/json").content("{\"strips\":[" + many("7", 41) + "]}"))
                .andExpect(status().is(422));
        mvc.perform(post(PATH)
                        .contentType("application/json")
                        .content("{\"strips\":[],\"past\":[" + many("7", 201) + "]}"))
                .andExpect(status().is(422));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("badBodies")
    void a_spoilt_body_is_a_problem_document(String what, int status, String path, String body) throws Exception {
        mvc.perform(post(path).contentType("application/json").content(body))
                .andExpect(status().is(status))
                .andExpect(content().contentType("application/problem+json"));
    }

    static Stream<Arguments> badBodies() {
        BadBodies bodies = BadBodies.of(PATH)
                .optionalNumber("stackMm", "0.7", "0", "-1", "61")
                .optionalNumber("stitchWidthMm", "0", "-1", "13");
        return bodies.stream()
                .map(bodies::whole)
                .filter(arguments -> !String.valueOf(arguments.get()[3]).contains("\"a\""));
    }

    private ResultActions next(String body) throws Exception {
        return mvc.perform(post(PATH).contentType("application/json").content(body))
                .andExpect(status().isOk());
    }

    private static String many(String entry, int count) {
        return IntStream.range(0, count).mapToObj(i -> entry).collect(Collectors.joining(","));
    }
}
