package belonax.web.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import belonax.BadInput;
import belonax.room.archive.Archive;
import belonax.web.InTheDemoRoom;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Archives of which one value was made nonsense: each is refused with a sentence, or every page still opens. */
@Tag("thorough")
@InTheDemoRoom
class HostileArchiveTest {
    private static final int SEED = 20261127;
    private static final int TRIES = Integer.getInteger("belonax.hostile", 40);
    private static final List<String> PAGES = List.of(
            "/bench",
            "/plan",
            "/match",
            "/fit",
            "/balance",
            "/mend",
            "/mend/care",
            "/needles",
            "/needles/log",
            "/drawer",
            "/drawer/buy",
            "/settings",
            "/sewing");
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final List<String> NONSENSE = List.of(
            "-1",
            "0",
            "1e300",
            "-1e300",
            "99999999999",
            "null",
            "true",
            "\"\"",
            "\"<b>x</b>\"",
            "[]",
            "{}",
            "\"" + "x".repeat(70_000) + "\"",
            "\"\\u0000\\u0007\"",
            "\"9999-12-31T23:59:59Z\"",
            "\"-99999-01-01\"",
            "1.5",
            "[".repeat(40) + "]".repeat(40));

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Archive archive;

    @TempDir
    private Path temporary;

    @Test
    void each_is_refused_with_a_sentence_or_every_page_still_opens() throws Exception {
        byte[] good = written();
        Path before = Files.write(temporary.resolve("good.zip"), good);
        Random random = new Random(Integer.getInteger("belonax.hostile.seed", SEED));
        List<String> wrong = new ArrayList<>();
        int accepted = 0;
        for (int i = 0; i < TRIES; i++) {
            JsonNode tree = JSON.readTree(document(good));
            String change = makeNonsense(tree, random);
            try {
                archive.replace(zip(tree));
                accepted++;
                for (String page : PAGES) {
                    checkOpens(page, change, wrong);
                }
                archive.replace(before);
            } catch (BadInput told) {
                if (!String.valueOf(told.getMessage()).endsWith(".")) {
                    wrong.add(change + ": no sentence: " + told.getMessage());
                }
            } catch (RuntimeException e) {
                wrong.add(change + ": " + e);
            }
        }
        archive.replace(before);
        System.out.println("hostile archives: " + TRIES + ", accepted " + accepted + ", wrong " + wrong.size());
        assertThat(wrong).isEmpty();
    }

    private void checkOpens(String page, String change, List<String> wrong) {
        try {
            int status = mvc.perform(get(page)).andReturn().getResponse().getStatus();
            if (status >= 500) {
                wrong.add(change + ": " + page + " answers " + status);
            }
        } catch (Exception e) {
            wrong.add(change + ": " + page + ": " + e.getMessage());
        }
    }

    /** Puts nonsense in the place of one value, anywhere in the document, and returns where and what. */
    private static String makeNonsense(JsonNode root, Random random) throws IOException {
        List<Runnable> changes = new ArrayList<>();
        List<String> where = new ArrayList<>();
        JsonNode nonsense = JSON.readTree(NONSENSE.get(random.nextInt(NONSENSE.size())));
        collect(root, "", nonsense, changes, where);
        int at = random.nextInt(changes.size());
        changes.get(at).run();
        String value = nonsense.toString();
        return where.get(at) + " = " + value.substring(0, Math.min(40, value.length()));
    }

    private static void collect(JsonNode node, String path, JsonNode with, List<Runnable> changes, List<String> where) {
        if (node instanceof ObjectNode object) {
            object.fieldNames().forEachRemaining(name -> {
                changes.add(() -> object.set(name, with));
                where.add(path + "/" + name);
                collect(object.get(name), path + "/" + name, with, changes, where);
            });
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int at = i;
                changes.add(() -> array.set(at, with));
                where.add(path + "/" + i);
                collect(array.get(i), path + "/" + i, with, changes, where);
            }
        }
    }

    private Path zip(JsonNode document) throws IOException {
        Path file = Files.createTempFile(temporary, "hostile", ".zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry(ArchiveDocument.NAME));
            zip.write(JSON.writeValueAsBytes(document));
        }
        return file;
    }

    private byte[] written() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        archive.write(out);
        return out.toByteArray();
    }

    private static byte[] document(byte[] archive) throws IOException {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            ZipEntry first = zip.getNextEntry();
            assertThat(first).isNotNull();
            return zip.readAllBytes();
        }
    }
}
