package belonax.room;

import belonax.BadInput;
import belonax.machine.Reach;
import belonax.needle.NeedleSystem;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Writes and reads what the sewist keeps as JSON. Systems are written by the trade's names. */
public final class CraftJson {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .addModule(new JavaTimeModule())
            .addModule(new Jdk8Module())
            .addModule(new SimpleModule("craft")
                    .addSerializer(NeedleSystem.class, new SystemWriter())
                    .addDeserializer(NeedleSystem.class, new SystemReader())
                    .addDeserializer(Reach.class, new ReachReader()))
            // Only what a record is made of is kept, not what it can tell about itself.
            .disable(MapperFeature.AUTO_DETECT_IS_GETTERS)
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            // A text is no number, an empty one least of all.
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            // Half a needle is no count.
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .defaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_ABSENT, JsonInclude.Include.NON_ABSENT))
            .build();

    private CraftJson() {}

    /** Returns the mapper, for files that hold many things. */
    public static JsonMapper mapper() {
        return MAPPER;
    }

    /** Writes a value whole. */
    public static String write(@Nullable Object value) {
        try {
            return MAPPER.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws BadInput if a value in it makes no sense
     */
    public static <T> T read(String json, Class<T> type) {
        try {
            return MAPPER.readValue(json, type);
        } catch (JsonMappingException e) {
            if (e.getCause() instanceof BadInput bad) {
                throw bad;
            }
            throw new IllegalStateException(e);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Returns what {@link #write} wrote as a tree. */
    public static JsonNode tree(String json) {
        try {
            return MAPPER.readTree(json);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static final class SystemWriter extends JsonSerializer<NeedleSystem> {
        @Override
        public void serialize(NeedleSystem system, JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeString(system.label());
        }
    }

    private static final class SystemReader extends JsonDeserializer<NeedleSystem> {
        @Override
        public NeedleSystem deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            return NeedleSystem.of(parser.getText());
        }
    }

    /** Before version 0.2 nothing was known of what a machine takes; then the usual numbers count. */
    private static final class ReachReader extends JsonDeserializer<Reach> {
        @Override
        public Reach deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            JsonNode tree = parser.readValueAsTree();
            return new Reach(number(tree, "footLiftMm"), number(tree, "thickestTex"));
        }

        @Override
        public Reach getNullValue(DeserializationContext context) {
            return Reach.USUAL;
        }

        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return Reach.USUAL;
        }

        private static OptionalDouble number(JsonNode tree, String field) {
            JsonNode told = tree.path(field);
            return told.isNumber() ? OptionalDouble.of(told.asDouble()) : OptionalDouble.empty();
        }
    }
}
