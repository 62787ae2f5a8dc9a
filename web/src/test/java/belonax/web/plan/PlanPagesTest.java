package belonax.web.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.room.card.Kept;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.plan.Project;
import belonax.room.plan.ProjectBook;
import belonax.room.plan.ProjectStep;
import belonax.room.plan.ShoppingList;
import belonax.room.plan.ShoppingNote;
import belonax.web.InTheDemoRoom;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.UriUtils;

/** A project is told step by step, put in order, sewn, and taken back. */
@InTheDemoRoom
class PlanPagesTest {
    private static final String ON_HERON = "machine=heron%26spool=%26number=25%26purpose=SEAM";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private ProjectBook projects;

    @Autowired
    private SewingRoom room;

    @Autowired
    private WorkLog log;

    @Autowired
    private ShoppingList shopping;

    private String said = "";

    @Test
    void steps_are_told_put_in_order_and_every_change_is_taken_back() throws Exception {
        UUID id = begun("coat");
        add(id, "lining", "lining-viscose", "4");
        add(id, "cuffs", "swim-knit", "1");
        String last = add(id, "hood lining", "lining-viscose", "2");

        String page = page("/plan/" + id);
        assertThat(page)
                .contains(
                        "coat</strong>",
                        "3 steps",
                        "proven the fewest",
                        "Start step 1",
                        "lining",
                        "cuffs",
                        "hood lining");
        assertThat(page).containsPattern("[12] needle changes?, not [23]");

        send("/plan/" + id + "/undo", "change=" + last.replaceAll(".*done=", ""));
        assertThat(project(id).steps()).hasSize(2);
        String told = send(
                        "/plan/" + id + "/step/s1",
                        "revision=" + revision(id) + "&called=long+lining&metres=5&passes=2&table="
                                + "cloth=lining-viscose%26layers=2%26" + ON_HERON)
                .getRedirectedUrl();
        assertThat(told).contains("done=");
        assertThat(project(id).get("s1").name()).isEqualTo("long lining");
        assertThat(project(id).get("s1").passes()).isEqualTo(2);
        send("/plan/" + id + "/drop", "step=s2&revision=" + revision(id));
        assertThat(project(id).steps()).hasSize(1);
    }

    @Test
    void a_step_is_put_on_the_table_sewn_by_the_timers_minutes_and_the_rest_is_planned_anew() throws Exception {
        UUID id = begun("cape");
        add(id, "seams", "poplin", "6");
        add(id, "hem", "poplin", "3");

        String started = send("/plan/" + id + "/start", "step=s1&revision=" + revision(id))
                .getRedirectedUrl();

        assertThat(started).endsWith("machine=heron");
        assertThat(room.get("heron").table().orElseThrow().setup().cloth()).isEqualTo("poplin");
        assertThat(page("/plan/" + id)).contains("seams</span> on <span>Heron", "Foot: ", "Dial: from ", "Sew it");
        log.sewn("heron", 7.5, project(id).get("s1").work());
        assertThat(page("/plan/" + id)).contains("empty for the 8 that the timer counted");
        String done = send("/plan/" + id + "/done", "step=s1&minutes=&revision=" + revision(id))
                .getRedirectedUrl();

        assertThat(project(id).get("s1").tookMinutes()).isEqualTo(7.5);
        assertThat(page("/plan/" + id)).contains("1 of 2 steps to sew", "Sewn", "8 min", "Start step 1");
        send("/plan/" + id + "/undo", "change=" + String.valueOf(done).replaceAll(".*done=", ""));
        assertThat(project(id).get("s1").isUnderWay()).isTrue();
        double before = room.get("heron").work().sewnMinutes();
        String counted = String.valueOf(send("/plan/" + id + "/done", "step=s1&minutes=12&revision=" + revision(id))
                .getRedirectedUrl());
        assertThat(room.get("heron").work().sewnMinutes()).isCloseTo(before + 4.5, within(1e-6));
        assertThat(counted).contains("&work=");
        send("/plan/" + id + "/undo", counted.replaceAll(".*done=", "change="));
        assertThat(room.get("heron").work().sewnMinutes()).isCloseTo(before, within(1e-6));
        send("/plan/" + id + "/done", "step=s1&minutes=12&revision=" + revision(id));
        send("/plan/" + id + "/start", "step=s2&revision=" + revision(id));
        send("/plan/" + id + "/done", "step=s2&minutes=4&revision=" + revision(id));
        assertThat(page("/plan/" + id)).contains("All is sewn");
        send("/plan/" + id + "/again", "step=s2&revision=" + revision(id));
        assertThat(project(id).get("s2").isDone()).isFalse();
    }

    @Test
    void a_step_that_no_needle_suits_says_why_and_what_to_do_instead() throws Exception {
        UUID id = begun("cushions");
        add(id, "edges", "upholstery-chenille", "2");
        send(
                "/plan/" + id + "/step/s1",
                "revision=" + revision(id)
                        + "&called=edges&metres=2&passes=1&table=cloth=upholstery-chenille%26layers=2%26"
                        + ON_HERON.replace("SEAM", "ROLLED_HEM"));

        assertThat(page("/plan/" + id))
                .contains(
                        "turn the edge once, or leave it raw. Turn the edge and sew a plain hem instead of a rolled hem");
    }

    @Test
    void what_to_heed_while_a_step_is_sewn_stands_beside_it() throws Exception {
        UUID id = begun("pouch");
        add(id, "sides", "leather-thin", "2");

        assertThat(page("/plan/" + id)).contains("plan-care").contains("no back-stitching");
    }

    @Test
    void a_wish_for_another_order_is_kept_and_what_it_costs_is_said() throws Exception {
        UUID id = begun("bags");
        add(id, "first canvas", "canvas", "2");
        add(id, "swim knit", "swim-knit", "2");
        add(id, "second canvas", "canvas", "2");

        send("/plan/" + id + "/pin", "step=s2&after=s1&revision=" + revision(id));
        send("/plan/" + id + "/pin", "step=s3&after=s2&revision=" + revision(id));

        assertThat(page("/plan/" + id)).contains("Your own order of some steps costs 1 needle change");
        send("/plan/" + id + "/unpin", "revision=" + revision(id));
        assertThat(page("/plan/" + id)).doesNotContain("Your own order");
    }

    @Test
    void evenings_are_cut_and_stand_in_a_calendar_with_what_to_lay_out() throws Exception {
        UUID id = begun("quilt");
        add(id, "rows", "quilting-cotton", "30");
        add(id, "borders", "quilting-cotton", "30");

        send("/plan/" + id + "/evening", "evening=30&days=TUESDAY&days=THURSDAY&revision=" + revision(id));

        assertThat(page("/plan/" + id)).contains("rows (goes on)");
        String calendar = page("/plan/" + id + "/evenings.ics");
        assertThat(calendar).contains("BEGIN:VEVENT", "quilt\\, evening 1", "rows: ", "dial from");
        send("/plan/" + id + "/evening", "evening=3&revision=" + revision(id));
        assertThat(project(id).eveningMinutes()).isEqualTo(30);
    }

    @Test
    void a_plan_lies_beside_the_machine_on_paper_and_its_steps_in_a_table() throws Exception {
        UUID id = begun("apron");
        add(id, "=ties", "poplin", "3");

        assertThat(mvc.perform(get("/plan/" + id + "/plan.pdf"))
                        .andReturn()
                        .getResponse()
                        .getContentAsByteArray())
                .startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
        assertThat(page("/plan/" + id + "/steps.csv"))
                .startsWith("id,name,machine")
                .contains("s1,'=ties,heron,\"2 layers of poplin, a seam\"", ",3.0,1,,");
    }

    @Test
    void steps_that_went_out_come_in_again_as_a_table_and_as_json_and_are_taken_back_as_one() throws Exception {
        UUID id = begun("apron");
        add(id, "=ties", "poplin", "3");
        String second = add(id, "hem, the long way", "swim-knit", "2.5");
        assertThat(second).contains("done=");
        send(
                "/plan/" + id + "/step/s2",
                "revision=" + revision(id) + "&called=hem&metres=2.5&passes=2&after=s1&table="
                        + "cloth=swim-knit%26layers=3%26crossing=6%26" + ON_HERON);
        String before = page("/plan/" + id + "/steps.json");

        for (String name : List.of("steps.csv", "steps.json")) {
            UUID copy = begun("copy");
            String told = file(copy, page("/plan/" + id + "/" + name).getBytes(StandardCharsets.UTF_8));
            assertThat(page("/plan/" + copy + "/steps.json")).as(name).isEqualTo(before);
            assertThat(project(copy).get("s2").work().setup())
                    .isEqualTo(project(id).get("s2").work().setup());
            send("/plan/" + copy + "/undo", "change=" + told.replaceAll(".*done=", ""));
            assertThat(project(copy).steps()).isEmpty();
        }
        assertThat(mvc.perform(post("/api/v1/plan")
                                .contentType("application/json")
                                .content(before))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("\"optimal\":true");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            ''                                               | Choose a file of steps first
            name;cloth;seam_m\\nhem;poplin;2                  | parted by semicolons
            name,cloth,cloth\\nhem,poplin,jersey              | names “cloth” twice
            name,cloth,seam_m\\nhem,poplin,2,5                | Row 2 has more cells
            name,cloth,seam_m\\nhem,,2                        | Row 2: Name the cloth by its id
            name,cloth,seam_m\\nhem,moon-dust,2               | Row 2:
            name,cloth,seam_m\\nhem,poplin,far                | Row 2: “far” is not a number
            name,cloth,seam_m,after\\nhem,poplin,2,x9         | No step is called “x9”
            name,cloth,seam_m,machine\\nhem,poplin,2,Nobody   | Row 2: No machine is called “Nobody”
            {"steps":[]}                                     | A job has at least one step
            {"steps":[{"id":"a"}]}                           | steps[0].name
            {"steps":[{"id":"a","name":"x","fabric":{"id":"poplin"},"layers":2,"thread":{"tex":27},"seamMetres":0}]} | steps[0]
            """)
    void a_file_of_steps_that_will_not_do_is_told_and_nothing_is_added(String text, String why) throws Exception {
        UUID id = begun("refused");

        String to = file(id, text.replace("\\n", "\n").getBytes(StandardCharsets.UTF_8));

        assertThat(to).doesNotContain("done=");
        assertThat(said).contains(why);
        assertThat(project(id).steps()).isEmpty();
    }

    @Test
    void what_is_missing_goes_on_the_shopping_list_by_one_press_is_struck_out_and_taken_back() throws Exception {
        Kept<Project> harness = demo("drum harness");
        String page = page("/plan/" + harness.id());
        assertThat(page).contains("To buy", "a spool of at least", "Put on the shopping");

        String written =
                String.valueOf(send("/plan/" + harness.id() + "/shopping", "").getRedirectedUrl());

        assertThat(page("/plan/" + harness.id())).contains("On the <a href=\"/drawer/buy\">shopping list</a>");
        assertThat(page("/drawer/buy")).contains("drum harness</a>", "a spool of at least", "Bought");
        Kept<ShoppingNote> note = shopping.of(harness.id()).orElseThrow();
        String bought = String.valueOf(send(
                        "/drawer/buy/bought",
                        "note=" + note.id() + "&revision=" + note.revision() + "&thing="
                                + UriUtils.encode(note.card().things().get(0), StandardCharsets.UTF_8))
                .getRedirectedUrl());
        assertThat(page("/plan/" + harness.id())).contains("Put on the shopping");
        send("/drawer/buy/undo", bought.replaceAll(".*done=", "change="));
        assertThat(shopping.of(harness.id()).orElseThrow().card()).isEqualTo(note.card());
        UUID change = UUID.fromString(written.replaceAll(".*done=", ""));
        assertThat(change).isNotNull();
    }

    @Test
    void a_wish_that_would_go_in_a_circle_is_refused_by_the_names_of_its_steps() throws Exception {
        UUID id = begun("circle");
        add(id, "pockets", "poplin", "1");
        add(id, "sides", "poplin", "2");
        add(id, "hem", "poplin", "2");
        send("/plan/" + id + "/pin", "step=s2&after=s1&revision=" + revision(id));
        send("/plan/" + id + "/pin", "step=s3&after=s2&revision=" + revision(id));

        String to = String.valueOf(send("/plan/" + id + "/pin", "step=s1&after=s3&revision=" + revision(id))
                .getRedirectedUrl());

        assertThat(to).doesNotContain("done=");
        assertThat(project(id).get("s1").pinned()).isEmpty();
    }

    private Kept<Project> demo(String name) {
        return projects.all().stream()
                .filter(kept -> kept.card().name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private String file(UUID id, byte[] file) throws Exception {
        MvcResult sent = mvc.perform(multipart("/plan/" + id + "/steps")
                        .file(new MockMultipartFile("file", "steps", "text/plain", file))
                        .with(csrf()))
                .andReturn();
        said = String.valueOf(sent.getFlashMap());
        return String.valueOf(sent.getResponse().getRedirectedUrl());
    }

    @Test
    void what_cannot_be_done_is_said_in_its_place() throws Exception {
        Kept<Project> harness = demo("drum harness");

        assertThat(page("/plan/" + harness.id()))
                .contains(
                        "These steps wait for each other in a circle: “sew the straps”, then “set the rings”",
                        "Ember red will not reach: ",
                        "It does not go under the foot");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            metres=                  | Type how long the seam is in metres
            metres=0                 | above 0 and at most 10 000 m
            metres=1e999             | metres
            metres=2&passes=0        | sewn over 1 to 100 times
            metres=2&passes=often    | Type how often it is sewn over
            """)
    void what_will_not_do_is_told_and_stays_typed(String typed, String why) throws Exception {
        UUID id = begun("refused");

        MockHttpServletResponse refused = send(
                "/plan/" + id + "/step", "called=odd+seams&" + typed + "&table=cloth=poplin%26layers=2%26" + ON_HERON);

        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentAsString()).contains(why, "odd seams");
        assertThat(project(id).steps()).isEmpty();
    }

    @Test
    void two_tabs_and_a_project_that_is_gone_are_told() throws Exception {
        UUID id = begun("two tabs");
        add(id, "seams", "poplin", "6");
        int seen = revision(id);
        send("/plan/" + id + "/start", "step=s1&revision=" + seen);

        send("/plan/" + id + "/drop", "step=s1&revision=" + seen);

        assertThat(project(id).find("s1").map(ProjectStep::isUnderWay)).contains(true);
        String removed =
                send("/plan/" + id + "/remove", "revision=" + revision(id)).getRedirectedUrl();
        assertThat(removed).startsWith("/drawer?done=");
        assertThat(mvc.perform(get("/plan/" + id)).andReturn().getResponse().getRedirectedUrl())
                .isEqualTo("/plan");
    }

    private UUID begun(String name) throws Exception {
        String to = String.valueOf(send("/plan", "called=" + name).getRedirectedUrl());
        return UUID.fromString(to.split("/")[2]);
    }

    private String add(UUID id, String name, String cloth, String metres) throws Exception {
        return String.valueOf(send(
                        "/plan/" + id + "/step",
                        "called=" + name.replace(' ', '+') + "&metres=" + metres + "&table=cloth=" + cloth
                                + "%26layers=2%26" + ON_HERON)
                .getRedirectedUrl());
    }

    private Project project(UUID id) {
        return projects.find(id).orElseThrow().card();
    }

    private int revision(UUID id) {
        return projects.find(id).orElseThrow().revision();
    }

    private String page(String path) throws Exception {
        return mvc.perform(get(path)).andReturn().getResponse().getContentAsString();
    }

    private MockHttpServletResponse send(String path, String typed) throws Exception {
        LinkedMultiValueMap<String, String> sent = new LinkedMultiValueMap<>();
        UriComponentsBuilder.newInstance()
                .query(typed.replace("+", "%20"))
                .build()
                .getQueryParams()
                .forEach((name, values) -> values.forEach(
                        value -> sent.add(name, UriUtils.decode(value == null ? "" : value, StandardCharsets.UTF_8))));
        return mvc.perform(post(path).with(csrf()).params(sent)).andReturn().getResponse();
    }
}
