package belonax.web.mend;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.nullValue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.web.InTheDemoRoom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** {@code POST /faults/rank} as callers see it. */
@InTheDemoRoom
class FaultApiTest {
    private static final String PATH = "/api/v1/faults/rank";

    @Autowired
    private MockMvc mvc;

    @Test
    void the_check_to_do_now_stands_first_with_how_and_why() throws Exception {
        rank("{\"symptoms\":[\"NEST_BELOW\"],\"when\":[\"AFTER_THREADING\"]}")
                .andExpect(jsonPath("$.checks[0].id").value("RETHREAD_TOP"))
                .andExpect(jsonPath("$.checks[0].who").value("OWNER"))
                .andExpect(jsonPath("$.checks[0].minutes").value(2.5))
                .andExpect(jsonPath("$.checks[0].probability").value(greaterThan(0.5)))
                .andExpect(jsonPath("$.checks[0].steps[0]").value(containsString("Foot up")))
                .andExpect(jsonPath("$.checks[0].foundWhen").isNotEmpty())
                .andExpect(jsonPath("$.causes[*].id").value(hasItems("NOT_IN_DISCS", "TAKE_UP_MISSED")))
                .andExpect(jsonPath("$.stop").value(nullValue()));
    }

    @Test
    void the_set_up_s_own_hazards_are_read_backwards() throws Exception {
        rank("""
                {"symptoms":["SKIPPED_STITCHES"],"setup":{"fabric":{"id":"swim-knit"},"thread":{"tex":25},"layers":2,
                 "needle":{"system":"130/705 H","type":"UNIVERSAL","size":80}}}""").andExpect(jsonPath("$.checks[0].id").value("NEEDLE_TYPE"));
    }

    @Test
    void the_machine_decides_who_may_do_what_and_which_case_there_is() throws Exception {
        rank("""
                {"symptoms":["GRUNT","JAM"],"setup":{"needleHours":7,"needleStruck":false},
                 "machine":{"kind":"COMPUTER_CONTROLLED","bobbin":"SEALED","systems":["130/705 H"],"power":"NORMAL",
                 "monthsSinceService":14,"neverServiced":false,"hoursSinceCleaning":30,"dial":4},
                 "ruledOut":["CLEAN_HOOK_AREA"],"foundAndCured":["FEED_DOGS"]}""")
                .andExpect(jsonPath("$.checks[?(@.id == 'OIL')].who").value(everyItem(is("TECHNICIAN"))))
                .andExpect(jsonPath("$.checks[*].id").value(not(hasItem(is("CLEAN_HOOK_AREA")))))
                .andExpect(jsonPath("$.checks[*].id").value(not(hasItem(is("BOBBIN_CASE_POSITION")))));
    }

    @Test
    void an_overlocker_a_stack_signs_and_a_proven_dial_are_known() throws Exception {
        rank("{\"symptoms\":[\"LOOPS_OFF_EDGE\"],\"machine\":{\"kind\":\"OVERLOCKER\"}}")
                .andExpect(jsonPath("$.checks[0].id").value("LOOPER_TENSION"))
                .andExpect(jsonPath("$.checks[*].id").value(not(hasItem(is("BOBBIN_SEATED")))));
        rank("""
                {"symptoms":["PUCKER"],"signs":["THUMP"],"setup":{"stack":[{"fabric":{"id":"canvas"},"layers":2},
                 {"fabric":{"id":"poplin"},"layers":1}],"thread":{"tex":25},"purpose":"TOPSTITCH","stitchWidthMm":0,
                 "needleHours":9}}""")
                .andExpect(jsonPath("$.checks[0].id").value("NEEDLE_REPLACE"))
                .andExpect(jsonPath("$.checks[*].id").value(not(hasItem(is("THREAD_SHRINKS")))));
        rank("{\"symptoms\":[\"LOOPS_BELOW\"],\"machine\":{\"dial\":6.5},\"setup\":{\"provenDial\":6.5}}")
                .andExpect(jsonPath("$.checks[0].id").value("RETHREAD_TOP"));
        rank("{\"symptoms\":[\"HOT_OR_SMOKE\",\"JAM\"]}")
                .andExpect(jsonPath("$.checks").isEmpty())
                .andExpect(jsonPath("$.causes").isEmpty())
                .andExpect(jsonPath("$.stop").value(containsString("Plug out at once")));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "NEEDLE_FIRST, NEEDLE_REPLACE",
        "RETHREAD_FIRST, RETHREAD_TOP",
        "CLEAN_FIRST, CLEAN_HOOK_AREA",
        "AS_FOUND, TOP_DIAL"
    })
    void rival_orders_can_be_chosen(String school, String first) throws Exception {
        rank("{\"symptoms\":[\"PUCKER\"],\"school\":\"" + school + "\"}")
                .andExpect(jsonPath("$.checks[0].id").value(first));
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', textBlock = """
            400 | {}                                                                        | symptoms
            400 | {"symptoms":null}                                                         | symptoms
            422 | {"symptoms":[]}                                                           | symptoms
            400 | {"symptoms":["SNEEZES"]}                                                  | symptoms
            400 | {"symptoms":[7]}                                                          | symptoms
            400 | {"symptoms":[null]}                                                       | symptoms[0]
            400 | {"symptoms":"JAM"}                                                        | symptoms
            400 | {"symptoms":["JAM"],"colour":"red"}                                       | colour
            400 | {"symptoms":["JAM"],"when":["OFTEN"]}                                     | when
            400 | {"symptoms":["JAM"],"school":"MY_OWN"}                                    | school
            422 | {"symptoms":["JAM"],"ruledOut":["KICK_IT"]}                               | ruledOut[0]
            422 | {"symptoms":["JAM"],"foundAndCured":["OIL","KICK_IT"]}                    | foundAndCured[1]
            400 | {"symptoms":["JAM"],"ruledOut":[null]}                                    | ruledOut[0]
            422 | {"symptoms":["JAM"],"setup":{"needleHours":-1}}                           | setup.needleHours
            422 | {"symptoms":["JAM"],"setup":{"needleHours":1e999}}                        | setup.needleHours
            400 | {"symptoms":["JAM"],"setup":{"needleHours":"7"}}                          | setup.needleHours
            422 | {"symptoms":["JAM"],"setup":{"fabric":{"id":"thimble"}}}                  | setup.fabric.id
            422 | {"symptoms":["JAM"],"setup":{"fabric":{"id":"thimble"},"layers":2}}       | setup.fabric.id
            422 | {"symptoms":["JAM"],"setup":{"thread":{"tex":-3}}}                        | setup.thread.tex
            422 | {"symptoms":["JAM"],"setup":{"fabric":{"id":"poplin"},"layers":99}}       | layers
            400 | {"symptoms":["JAM"],"setup":{"needle":{"type":"JEANS","size":90}}}        | setup.needle.system
            400 | {"symptoms":["JAM"],"machine":{"kind":"LOOM"}}                            | machine.kind
            400 | {"symptoms":["JAM"],"signs":["SNEEZE"]}                                   | signs
            422 | {"symptoms":["JAM"],"setup":{"provenDial":40}}                            | setup.provenDial
            422 | {"symptoms":["JAM"],"setup":{"stitchWidthMm":40}}                         | stitchWidthMm
            422 | {"symptoms":["JAM"],"setup":{"stack":[{"fabric":{"id":"thimble"},"layers":2}]}} | stack[0]
            400 | {"symptoms":["JAM"],"machine":{"bobbin":"NONE"}}                          | machine.bobbin
            422 | {"symptoms":["JAM"],"machine":{"monthsSinceService":-2}}                  | machine.monthsSinceService
            422 | {"symptoms":["JAM"],"machine":{"hoursSinceCleaning":1e9}}                 | machine.hoursSinceCleaning
            422 | {"symptoms":["JAM"],"machine":{"dial":21}}                                | machine.dial
            """)
    void what_will_not_do_is_named(int status, String body, String field) throws Exception {
        mvc.perform(post(PATH).contentType("application/json").content(body))
                .andExpect(status().is(status))
                .andExpect(content().contentType("application/problem+json"))
                .andExpect(jsonPath("$.errors[0].field").value(containsString(field)));
    }

    @ParameterizedTest(name = "body {0}")
    @CsvSource(delimiter = '|', textBlock = """
            ''
            null
            []
            7
            {"symptoms":["JAM"]
            {"symptoms":["JAM"]} more
            {"symptoms":["JAM"],"symptoms":["GRUNT"]}
            {"symptoms":["JAM",]}
            {"symptoms":["JAM"],"setup":[]}
            {"symptoms":["JAM"],"setup":{"needleStruck":"yes"}}
            {"symptoms":["JAM"],"machine":{"neverServiced":1}}
            {"symptoms":["JAM"],"machine":{"colour":"red"}}
            """)
    void what_cannot_be_read_is_malformed(String body) throws Exception {
        mvc.perform(post(PATH).contentType("application/json").content(body))
                .andExpect(status().isBadRequest())
                .andExpect(content().contentType("application/problem+json"));
    }

    @Test
    void a_list_longer_than_its_limit_is_refused() throws Exception {
        mvc.perform(post(PATH).contentType("application/json").content("{\"symptoms\":[" + "7,".repeat(24) + "7]}"))
                .andExpect(status().is(422));
    }

    private ResultActions rank(String body) throws Exception {
        return mvc.perform(post(PATH).contentType("application/json").content(body))
                .andExpect(status().isOk());
    }
}
