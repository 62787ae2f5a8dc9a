package belonax.web.start;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/** A sewing room carried to another computer in one file: every page there says what it said here. */
class MovedRoomIT {
    private static final String SMALL_HEAP = "-Xmx384m";
    private static final int PICTURES = 2_000;
    private static final int NEEDLES = 2_827;
    private static final Duration WITHIN = Duration.ofMinutes(2);
    private static final List<String> PAGES = List.of(
            "/bench",
            "/match?cloth=swim-knit&machine=heron",
            "/fit?step=1",
            "/balance/sampler",
            "/mend/history",
            "/mend/care",
            "/needles",
            "/needles/log",
            "/plan",
            "/drawer",
            "/drawer/machine/heron",
            "/drawer/machine/badger",
            "/drawer/buy",
            "/settings");

    private final ObjectMapper json = new ObjectMapper();

    @TempDir
    private Path folder;

    @Test
    void a_room_on_a_second_computer_is_the_same_page_by_page() throws Exception {
        try (InItsOwnProcess here = InItsOwnProcess.over(folder.resolve("here"), "demo");
                InItsOwnProcess there = InItsOwnProcess.over(folder.resolve("there"), "own")) {
            Path archive = fetched(here, folder.resolve("room.zip"));

            sent(there, archive);

            for (String page : PAGES) {
                assertThat(words(there, page)).as(page).isEqualTo(words(here, page));
            }
            ObjectNode again = document(fetched(there, folder.resolve("again.zip")));
            ObjectNode first = document(archive);
            again.remove("madeAt");
            first.remove("madeAt");
            assertThat(again).isEqualTo(first);
        }
    }

    /** Two thousand photographs through a small heap, and a needle changed twice a week for a quarter of a century. */
    @Test
    @EnabledIfSystemProperty(named = "belonax.big", matches = "true")
    void a_large_room_goes_in_and_out_with_a_small_heap() throws Exception {
        try (InItsOwnProcess here = InItsOwnProcess.over(folder.resolve("here"), "demo", SMALL_HEAP);
                InItsOwnProcess there = InItsOwnProcess.over(folder.resolve("there"), "own", SMALL_HEAP)) {
            Path large = large(fetched(here, folder.resolve("room.zip")));

            Duration in = sent(there, large);
            Path out = fetched(there, folder.resolve("out.zip"));

            try (ZipFile zip = new ZipFile(out.toFile())) {
                assertThat(zip.stream().filter(zipEntry -> zipEntry.getName().endsWith(".jpg")))
                        .hasSize(PICTURES);
            }
            assertThat(document(out).get("room").get("needles")).hasSizeGreaterThan(NEEDLES);
            assertThat(words(there, "/needles")).contains("Needle book");
            assertThat(in).isLessThan(WITHIN);
        }
    }

    private static String words(InItsOwnProcess belonax, String page) throws Exception {
        HttpResponse<String> answer = belonax.get(page);
        assertThat(answer.statusCode()).as(page).isIn(200, 302);
        Document shown = Jsoup.parse(answer.body());
        // Where the data lies, and when a page was asked, differ.
        shown.select("code, time").remove();
        return shown.select("main").text();
    }

    private static Path fetched(InItsOwnProcess belonax, Path into) throws Exception {
        return belonax.browser()
                .send(belonax.request("/drawer/files/archive.zip").build(), BodyHandlers.ofFile(into))
                .body();
    }

    private static Duration sent(InItsOwnProcess belonax, Path archive) throws Exception {
        String edge = "edge-of-a-part";
        String head = "--%s\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n%s\r\n--%s\r\n"
                        .formatted(edge, belonax.token(), edge)
                + "Content-Disposition: form-data; name=\"archiveFile\"; filename=\"room.zip\"\r\n\r\n";
        BodyPublisher body = BodyPublishers.concat(
                BodyPublishers.ofString(head),
                BodyPublishers.ofFile(archive),
                BodyPublishers.ofString("\r\n--" + edge + "--\r\n"));
        long before = System.nanoTime();
        HttpResponse<String> answer = belonax.browser()
                .send(
                        belonax.request("/drawer/files/archive")
                                .header("Content-Type", "multipart/form-data; boundary=" + edge)
                                .POST(body)
                                .build(),
                        BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(302);
        return Duration.ofNanos(System.nanoTime() - before);
    }

    private ObjectNode document(Path archive) throws IOException {
        try (ZipFile zip = new ZipFile(archive.toFile());
                InputStream in = zip.getInputStream(zip.getEntry("belonax.json"))) {
            return (ObjectNode) json.readTree(in);
        }
    }

    private Path large(Path small) throws IOException {
        ObjectNode document = document(small);
        addNeedles((ObjectNode) document.get("room"));
        ArrayNode drawer = (ArrayNode) document.get("drawer");
        Path large = folder.resolve("large.zip");
        try (OutputStream out = Files.newOutputStream(large);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            byte[] photograph = photograph();
            for (int i = 0; i < PICTURES; i++) {
                String id = new UUID(77, i).toString();
                drawer.add(json.createObjectNode()
                        .put("id", id)
                        .put("kind", "SHELF")
                        .set(
                                "card",
                                json.createObjectNode().put("shows", "spools").put("takenOn", "2026-03-09")));
                zip.putNextEntry(new ZipEntry("pictures/" + id + ".jpg"));
                zip.write(photograph);
            }
            zip.putNextEntry(new ZipEntry("belonax.json"));
            zip.write(json.writeValueAsBytes(document));
        }
        return large;
    }

    /** Each was in a machine once, sewed and went out again, long before those of today. */
    private void addNeedles(ObjectNode room) {
        ArrayNode needles = (ArrayNode) room.get("needles");
        ArrayNode events = json.createArrayNode();
        for (int i = 0; i < NEEDLES; i++) {
            String id = new UUID(88, i).toString();
            String day = LocalDate.of(1999, 1, 1).plusDays(3L * i) + "T1%d:00:00Z";
            needles.add(((ObjectNode) needles.get(0).deepCopy()).put("id", id));
            ObjectNode where = json.createObjectNode()
                    .put("machine", "sparrow")
                    .put("place", 1)
                    .put("needle", id);
            events.add(event("NEEDLE_IN", day.formatted(0), where));
            events.add(event(
                    "SEWN",
                    day.formatted(1),
                    where.deepCopy()
                            .put("minutes", 90.0)
                            .put("effectiveHours", 1.5)
                            .put("wear", "ORDINARY")
                            .put("sheds", false)));
            events.add(event("NEEDLE_OUT", day.formatted(2), where));
        }
        events.addAll((ArrayNode) room.get("events"));
        room.set("events", events);
    }

    private ObjectNode event(String kind, String at, ObjectNode event) {
        return json.createObjectNode()
                .put("action", UUID.randomUUID().toString())
                .put("at", at)
                .put("kind", kind)
                .set("event", event);
    }

    private static byte[] photograph() throws IOException {
        BufferedImage picture = new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB);
        Random grain = new Random(7);
        for (int i = 0; i < 640 * 480; i++) {
            picture.setRGB(i % 640, i / 640, 0x404040 + grain.nextInt(0x3F) * 0x010101);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(picture, "jpg", out);
        return out.toByteArray();
    }
}
