package belonax.web.listen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.room.event.Event;
import belonax.room.event.EventKind;
import belonax.room.event.EventRepository;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.sound.Loudness;
import belonax.sound.SimulatedRoom;
import belonax.web.InTheDemoRoom;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.data.domain.Limit;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;

/** Listening as a tab and a sewist see it: loudness goes in, stitches come out, and nothing is kept until she says so. */
@InTheDemoRoom
class ListenPagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private SewingRoom room;

    @Autowired
    private WorkLog work;

    @Autowired
    private EventRepository events;

    @Autowired
    private ObjectMapper json;

    @Autowired
    private Ears ears;

    @AfterEach
    void nothingIsListenedToAnyMore() {
        Silence.over(ears);
    }

    @Test
    void what_is_heard_waits_until_it_is_counted_and_one_press_takes_it_back() throws Exception {
        MachineNow before = badger();
        String id = begin("badger");
        SimulatedRoom sewn = tell(id, Scene.SEAMS, 60, 0);

        assertThat(badger()).as("nothing is kept yet").isEqualTo(before);
        assertThat(page("/listen/ear?machine=badger"))
                .contains(" stitches in 0:")
                .contains("the count is clear")
                .contains("No more knock than with the fresh needle, as far as it was heard.")
                .contains("Count it")
                .contains("Listen on");

        String counted = press("/listen/" + id + "/count", Map.of());

        assertThat(counted).startsWith("/sewing?done=");
        assertThat(badger().work().sewnMinutes() - before.work().sewnMinutes())
                .isCloseTo(sewn.runningSeconds() / 60, within(0.06));
        Event.Heard heard = (Event.Heard)
                events.newestOn("badger", EventKind.HEARD, Limit.of(1)).get(0).event();
        assertThat(heard.stitches()).isCloseTo(sewn.stitches(), within(0.05 * sewn.stitches()));
        assertThat(page(counted)).contains("Counted.");
        assertThat(page("/listen/ear?machine=badger")).doesNotContain("Count it");
        assertThat(page("/needles/log")).contains("heard ").contains("stitches, ");

        assertThat(press("/listen/" + id + "/count", Map.of()))
                .as("the same again is counted once")
                .isEqualTo(counted);
        press("/sewing/undo", Map.of("change", counted.replaceAll(".*done=", "")));
        assertThat(badger()).isEqualTo(before);
        assertThat(page("/listen/ear?machine=badger"))
                .as("taken back, it waits again")
                .contains("Count it");
    }

    @Test
    void what_was_thrown_away_can_be_brought_back() throws Exception {
        String id = begin("heron");
        tell(id, Scene.SEAMS, 40, 0);

        press("/listen/" + id + "/away", Map.of());
        assertThat(page("/listen/ear?machine=heron")).doesNotContain("Count it").contains("Bring back what was thrown");
        press("/listen/" + id + "/back", Map.of());

        assertThat(page("/listen/ear?machine=heron")).contains("Count it");
        press("/listen/" + id + "/away", Map.of());
        assertThat(begin("heron")).as("it begins anew").isNotEqualTo(id);
    }

    @Test
    void a_fresh_needle_is_learnt_by_being_counted() throws Exception {
        press("/listen/" + begin("heron") + "/away", Map.of());
        MachineNow heron = room.find("heron").orElseThrow();
        room.fit(
                "heron",
                0,
                heron.fitted().orElseThrow().needle().needle(),
                Optional.empty(),
                heron.fitted().map(MachineNow.Fitted::needleId));
        String id = begin("heron");
        tell(id, Scene.SEAMS, 40, 0);

        assertThat(page("/listen/ear?machine=heron"))
                .contains("This needle is fresh: how it knocks is learnt when you");
        press("/listen/" + id + "/count", Map.of());

        assertThat(page("/listen?machine=heron")).contains("A fresh needle&#39;s knock on such cloth is known");
    }

    @Test
    void the_clock_is_counted_and_stands_still_from_where_it_begins_to_listen() throws Exception {
        work.startTimer("heron", Optional.empty());

        begin("heron");

        assertThat(work.running("heron")).isEmpty();
    }

    @Test
    void what_is_sent_twice_is_heard_once_and_a_gap_is_told() throws Exception {
        String id = begin("old-tin");
        tell(id, Scene.SEAMS, 20, 0);
        JsonNode again = json.readTree(answer(id, steps(Scene.SEAMS, 20, 0)).getContentAsString());
        assertThat(again.get("received").asInt()).isEqualTo(20 * Loudness.PER_SECOND);

        MockHttpServletResponse gap = answer(id, steps(Scene.SEAMS, 1, 5000));

        assertThat(gap.getStatus()).isEqualTo(422);
        assertThat(gap.getContentAsString()).contains("A part of what was heard did not arrive.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{}",
                "{\"from\":0,\"loud\":[0.1],\"bright\":[]}",
                "{\"from\":0,\"loud\":[-1],\"bright\":[0]}",
                "{\"from\":0,\"loud\":[5],\"bright\":[0]}",
                "{\"from\":0,\"loud\":[null],\"bright\":[0]}",
                "{\"from\":-1,\"loud\":[0.1],\"bright\":[0]}"
            })
    void only_loudness_is_taken(String body) throws Exception {
        String id = begin("old-tin");

        assertThat(answer(id, body).getStatus()).isEqualTo(422);
        assertThat(answer(
                                id,
                                body.replace("\"from\"", "\"samples\":[0.1],\"from\"")
                                        .replace("{}", "{\"samples\":[1]}"))
                        .getStatus())
                .isEqualTo(400);
    }

    @ParameterizedTest
    @CsvSource({
        "SEAMS,  the count is clear, 'No more knock than with the fresh needle, as far as it was heard.'",
        "RADIO,  the count is , It ran ",
        "TALK,   No machine was heard, Simulated",
        "KNOCK,  More knock than with the fresh needle: listen yourself., the count is clear",
        "STRUCK, 'A sound as of metal. Stop, power off, look at needle, plate and bobbin case.', It ran "
    })
    void simulated_rooms_sound_as_they_say_and_are_never_counted(Scene scene, String told, String more)
            throws Exception {
        String page = page("/listen?machine=badger&tried=" + scene).replace("&#39;", "'");

        assertThat(page)
                .contains(told)
                .contains(more)
                .contains("Simulated: this machine is not there, so it is not counted.");
    }

    @Test
    void a_machine_with_loopers_says_why_it_is_not_listened_to() throws Exception {
        assertThat(page("/listen?machine=sparrow"))
                .contains("A machine with loopers sounds several times a stitch, so its stitches cannot be told.")
                .doesNotContain("data-ear-begin");
        assertThat(mvc.perform(post("/listen/begin").with(csrf()).param("machine", "sparrow"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(422);
    }

    @Test
    void what_was_heard_before_stands_there_with_its_speed() throws Exception {
        assertThat(page("/listen?machine=badger"))
                .contains("You sew 320 stitches a minute on it, guiding and turning included; plans reckon with that.")
                .contains("1,840")
                .contains("A fresh needle&#39;s knock on such cloth is known");
        assertThat(page("/listen?machine=old-tin")).contains("Nothing yet.");
    }

    @Test
    void what_is_gone_is_told() throws Exception {
        MockHttpServletResponse gone = answer(UUID.randomUUID().toString(), steps(Scene.SEAMS, 1, 0));

        assertThat(gone.getStatus()).isEqualTo(422);
        assertThat(gone.getContentAsString()).contains("What was heard is gone: Belonax was started anew.");
    }

    private MachineNow badger() {
        return room.find("badger").orElseThrow();
    }

    private String begin(String machine) throws Exception {
        return json.readTree(mvc.perform(post("/listen/begin").with(csrf()).param("machine", machine))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .get("id")
                .asText();
    }

    /** Sends what a tab would of so many seconds of a scene. */
    private SimulatedRoom tell(String id, Scene scene, int seconds, long from) throws Exception {
        SimulatedRoom sounds = new SimulatedRoom(scene.setting(), new SplittableRandom(scene.seed()));
        for (int at = 0; at < seconds; at += 20) {
            assertThat(answer(id, steps(sounds, 20, from + (long) at * Loudness.PER_SECOND))
                            .getStatus())
                    .isEqualTo(200);
        }
        return sounds;
    }

    private String steps(Scene scene, int seconds, long from) throws Exception {
        return steps(new SimulatedRoom(scene.setting(), new SplittableRandom(scene.seed())), seconds, from);
    }

    private String steps(SimulatedRoom sounds, int seconds, long from) throws Exception {
        List<Double> loud = new ArrayList<>();
        List<Double> bright = new ArrayList<>();
        for (int i = 0; i < seconds * Loudness.PER_SECOND; i++) {
            Loudness step = sounds.next();
            loud.add(step.loud());
            bright.add(step.bright());
        }
        return json.writeValueAsString(Map.of("from", from, "loud", loud, "bright", bright));
    }

    private MockHttpServletResponse answer(String id, String body) throws Exception {
        return mvc.perform(post("/listen/" + id + "/steps")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body))
                .andReturn()
                .getResponse();
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(address)).andReturn().getResponse().getContentAsString();
    }

    private String press(String address, Map<String, String> entries) throws Exception {
        var request = post(address).with(csrf());
        entries.forEach(request::param);
        return Objects.requireNonNull(
                mvc.perform(request).andReturn().getResponse().getRedirectedUrl());
    }
}
