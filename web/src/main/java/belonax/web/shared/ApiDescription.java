package belonax.web.shared;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.MediaType;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Optional;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;

/** Heads the description of the JSON interface at /v3/api-docs, and gives each body in it an example that can be sent as it is. */
@Configuration
class ApiDescription {
    private static final String API = "/api/v1/";

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info()
                        .title("Belonax")
                        .version("1")
                        .description(
                                "What is in the machine, what to fit, and why. Everything that is wrong is told as a"
                                        + " problem document (RFC 9457)."));
    }

    /** The examples are files, one for each path that takes a body: match-check.json belongs to /api/v1/match/check. */
    @Bean
    OpenApiCustomizer examples(ObjectMapper json) {
        return api -> api.getPaths()
                .forEach((path, item) ->
                        Optional.ofNullable(item.getPost()).ifPresent(post -> addExample(post, example(path, json))));
    }

    private static void addExample(Operation post, JsonNode example) {
        for (MediaType type : post.getRequestBody().getContent().values()) {
            type.setExample(example);
        }
    }

    private static JsonNode example(String path, ObjectMapper json) {
        String name = path.substring(API.length()).replace('/', '-');
        try (InputStream in = new ClassPathResource("belonax/web/api-examples/" + name + ".json").getInputStream()) {
            return json.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException("Add an example for " + path + " as api-examples/" + name + ".json.", e);
        }
    }
}
