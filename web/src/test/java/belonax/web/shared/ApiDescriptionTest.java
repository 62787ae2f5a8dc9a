package belonax.web.shared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.web.InTheDemoRoom;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What the description of the JSON interface shows can be sent as it stands. */
@InTheDemoRoom
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ApiDescriptionTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Autowired
    private MockMvc mvc;

    private JsonNode description = JSON.nullNode();

    @BeforeAll
    void read() throws Exception {
        description = JSON.readTree(ask(get("/v3/api-docs")).getContentAsByteArray());
    }

    private Stream<String> pathsWithBodies() {
        return paths("post");
    }

    private Stream<String> pathsWithout() {
        return paths("get");
    }

    @ParameterizedTest
    @MethodSource("pathsWithBodies")
    void an_example_of_a_body_is_answered(String path) throws Exception {
        JsonNode example = operation(path, "post").at("/requestBody/content/application~1json/example");
        assertThat(example.isObject()).as("has an example").isTrue();

        MockHttpServletResponse answer = ask(post(path)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(JSON.writeValueAsBytes(example)));

        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(200);
    }

    @ParameterizedTest
    @MethodSource("pathsWithout")
    void an_address_with_its_examples_is_answered(String path) throws Exception {
        String address = path;
        for (JsonNode node : operation(path, "get").path("parameters")) {
            address = address.replace(
                    "{" + node.get("name").asText() + "}", node.path("example").asText());
        }

        assertThat(ask(get(address)).getStatus()).as(address).isEqualTo(200);
    }

    @Test
    void a_size_is_described_as_a_number() {
        assertThat(description
                        .at("/components/schemas/NeedleBody/properties/size/type")
                        .asText())
                .isEqualTo("integer");
        assertThat(description
                        .at("/components/schemas/ProvenBody/properties/size/type")
                        .asText())
                .isEqualTo("integer");
    }

    private Stream<String> paths(String method) {
        return description.get("paths").properties().stream()
                .filter(property -> property.getValue().has(method))
                .map(Map.Entry::getKey);
    }

    private JsonNode operation(String path, String method) {
        return description.get("paths").get(path).get(method);
    }

    private MockHttpServletResponse ask(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request).andReturn().getResponse();
    }
}
