package belonax.web.shared;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Heads the description of the JSON interface at /v3/api-docs. */
@Configuration
class ApiDescription {
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
}
