package belonax.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.plan.Project;
import belonax.room.trouble.MendCase;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Every page is HTML as its standard has it; what a checker of the registry says of it is an error here. */
@Tag("thorough")
@InTheDemoRoom
class HtmlTest {
    private static final Path CHECKER = Path.of("node_modules/vnu-jar/build/dist/vnu.jar");

    private static final List<String> PAGES = List.of(
            "/welcome",
            "/match?cloth=swim-knit&machine=heron",
            "/match?cloth=canvas&layers=14",
            "/match?cloth=voile&number=80&numbering=TEX",
            "/match?cloth=described&weight=long",
            "/bench",
            "/bench?pick=thread",
            "/match?pick=cloth&cloth=described&weight=100",
            "/sewing",
            "/listen?machine=badger",
            "/listen?tried=KNOCK",
            "/listen?machine=sparrow",
            "/sewing?noticed=CLICK",
            "/bench?cloth=canvas&layers=6",
            "/fit?step=1",
            "/fit?step=4",
            "/fit?step=40",
            "/fit/broken",
            "/balance?cloth=poplin",
            "/balance/sampler",
            "/balance/pull?machine=badger",
            "/drawer/machine/heron/manual",
            "/mend?another=true",
            "/mend/care",
            "/mend/history",
            "/needles",
            "/plan?another=true",
            "/needles/log",
            "/drawer",
            "/drawer?find=navy",
            "/drawer/packet?text=130/705+H-S+75",
            "/drawer/packet?text=thimble",
            "/drawer/spool?text=No.+120,+200+m",
            "/drawer/swatch?grams=3&length=20&width=20&step=1",
            "/drawer/machine",
            "/drawer/machine/heron",
            "/drawer/bobbin",
            "/drawer/stack?cloth=poplin&layers=2",
            "/drawer/clearance",
            "/drawer/loose?shankMm=2.05&buttToEye=38.5",
            "/drawer/list",
            "/drawer/machine/badger/stitches",
            "/drawer/gauge",
            "/drawer/buy",
            "/practice",
            "/practice?kind=NEEDLE",
            "/practice?kind=CHECK",
            "/drawer/files",
            "/settings",
            "/settings/copies",
            "/pair",
            "/error");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private Sampler sampler;

    @TempDir
    private Path folder;

    @Test
    void every_page_is_html_as_its_standard_has_it() throws Exception {
        List<String> paths = new ArrayList<>(PAGES);
        String project = "/plan/" + drawer.all(Project.class).get(0).id();
        paths.add(project);
        paths.add(project + "/step");
        paths.add(project + "/step/s1?cloth=canvas");
        paths.add("/drawer/swatch/" + drawer.all(Swatch.class).get(0).id());
        paths.add("/drawer/spool/" + drawer.all(Spool.class).get(0).id());
        paths.add("/drawer/packet/" + drawer.all(Packet.class).get(0).id());
        paths.add("/balance/" + sampler.search("").get(0).id());
        paths.add("/mend/" + drawer.all(MendCase.class).get(0).id());
        for (int i = 0; i < paths.size(); i++) {
            Files.write(folder.resolve(i + ".html"), page(paths.get(i)));
        }

        assertThat(saidOf(paths)).isEmpty();
    }

    private byte[] page(String path) throws Exception {
        byte[] page = mvc.perform(get(path).accept("text/html"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertThat(page).as(path).isNotEmpty();
        assertThat(Jsoup.parse(new String(page, StandardCharsets.UTF_8))
                        .select("form[method=post]:not(:has(input[name=_csrf]))"))
                .as("forms of %s that no press of a browser would send", path)
                .isEmpty();
        return page;
    }

    private List<String> saidOf(List<String> paths) throws Exception {
        Process checker = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-jar",
                        CHECKER.toString(),
                        "--stdout",
                        "--errors-only",
                        "--exit-zero-always",
                        "--format",
                        "json",
                        folder.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        JsonNode answer = new ObjectMapper().readTree(checker.getInputStream());
        assertThat(checker.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(answer.has("messages")).as("the checker answered").isTrue();
        List<String> said = new ArrayList<>();
        for (JsonNode node : answer.path("messages")) {
            String file = node.path("url").asText().replaceAll(".*/(\\d+)\\.html", "$1");
            said.add(paths.get(Integer.parseInt(file)) + ": "
                    + node.path("message").asText() + " at: "
                    + node.path("extract").asText().strip());
        }
        return said;
    }
}
