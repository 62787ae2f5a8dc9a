package belonax.web.shared.api;

import belonax.needle.NeedleSystem;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import java.io.IOException;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads a needle system by its exact name. */
final class SystemReader extends JsonDeserializer<NeedleSystem> {
    @Override
    public NeedleSystem deserialize(JsonParser parser, DeserializationContext context) throws IOException {
        if (parser.currentToken() != JsonToken.VALUE_STRING) {
            return (NeedleSystem) context.handleUnexpectedToken(NeedleSystem.class, parser);
        }
        String name = parser.getText();
        for (NeedleSystem system : NeedleSystem.values()) {
            if (system.label().equals(name)) {
                return system;
            }
        }
        return (NeedleSystem) context.handleWeirdStringValue(
                NeedleSystem.class,
                name,
                "The systems are %s.",
                Stream.of(NeedleSystem.values()).map(NeedleSystem::label).collect(Collectors.joining(", ")));
    }
}
