package belonax.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;

/** Every case of four trades, asked of the application as anybody outside would: the reason stands in the case. */
@InTheDemoRoom
class TradeCasesTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Autowired
    private MockMvc mvc;

    static Stream<Named<JsonNode>> cases() {
        return Stream.of("craft", "dress", "labels", "technician").flatMap(TradeCasesTest::cases);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void a_practitioner_accepts_the_answer(JsonNode node) {
        List<String> wrong = new TradeCases(this::ask).wrong(node);

        assertThat(wrong).as(node.get("why").asText()).isEmpty();
    }

    private JsonNode ask(String path, JsonNode body) {
        try {
            byte[] answer = mvc.perform(post("/api/v1/" + path)
                            .contentType(MediaType.APPLICATION_JSON)
                            .content(JSON.writeValueAsBytes(body)))
                    .andReturn()
                    .getResponse()
                    .getContentAsByteArray();
            return JSON.readTree(answer);
        } catch (Exception e) {
            throw new IllegalStateException(path, e);
        }
    }

    private static Stream<Named<JsonNode>> cases(String trade) {
        try (var in =
                Objects.requireNonNull(TradeCasesTest.class.getResourceAsStream("trade-cases/" + trade + ".jsonl"))) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return text.lines().filter(line -> !line.isBlank()).map(TradeCasesTest::read);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Named<JsonNode> read(String line) {
        try {
            JsonNode node = JSON.readTree(line);
            return Named.of(node.get("id").asText(), node);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
