package belonax.web.shared.api;

import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.cfg.CoercionAction;
import com.fasterxml.jackson.databind.cfg.CoercionInputShape;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.type.LogicalType;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;

/**
 * Reads the bodies of the JSON interface. Anything odd is refused rather than guessed: unknown properties, doubled ones,
 * bytes after the end, texts in the place of numbers, lists longer than their limit (before their entries are looked at).
 */
final class StrictJson {
    private static final int MAX_BYTES = 1 << 20;
    private static final Map<String, Integer> LONGEST_LIST = Map.of(
            "strips", 40,
            "systems", 12,
            "machineSystems", 12,
            "stack", 12,
            "symptoms", 24,
            "past", 200,
            "steps", 60,
            "proven", 40,
            "feet", 20);

    private final JsonMapper mapper = mapper();

    Object read(InputStream in, JavaType type) throws IOException {
        byte[] bytes = in.readNBytes(MAX_BYTES + 1);
        if (bytes.length > MAX_BYTES) {
            throw new ApiRefusal(
                    HttpStatus.PAYLOAD_TOO_LARGE, "The body is larger than 1 MiB. Send less at once.", List.of());
        }
        try {
            JsonNode tree = mapper.readTree(bytes);
            if (tree.isMissingNode()) {
                throw ApiRefusal.malformed("", "The body is empty. Send a JSON object.");
            }
            refuseLongLists(tree);
            Object value = mapper.treeToValue(tree, type);
            if (value == null) {
                throw ApiRefusal.malformed("", "The body is null. Send a JSON object.");
            }
            return value;
        } catch (Senseless e) {
            throw ApiRefusal.senseless(path(e), e.getOriginalMessage());
        } catch (UnrecognizedPropertyException e) {
            throw ApiRefusal.malformed(
                    path(e),
                    "“" + abridged(e.getPropertyName()) + "” is no property here. Known are " + known(e) + ".");
        } catch (InvalidFormatException e) {
            throw ApiRefusal.malformed(path(e), unknownWord(e));
        } catch (JsonMappingException e) {
            throw ApiRefusal.malformed(path(e), "This has the wrong type of value. " + hint(e));
        } catch (StreamConstraintsException e) {
            throw ApiRefusal.malformed("", "The body nests too deeply or holds a number with too many digits.");
        } catch (JsonProcessingException e) {
            throw ApiRefusal.malformed(
                    "", "The body is not JSON: look at line " + line(e) + ", column " + column(e) + ".");
        }
    }

    private static JsonMapper mapper() {
        JsonMapper mapper = JsonMapper.builder()
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .enable(DeserializationFeature.FAIL_ON_READING_DUP_TREE_KEY)
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .addModule(Numbers.module())
                .addModule(new SimpleModule("craft")
                        .addDeserializer(NeedleSize.class, new SizeReader())
                        .addDeserializer(NeedleSystem.class, new SystemReader()))
                .build();
        mapper.coercionConfigFor(LogicalType.Textual)
                .setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail);
        return mapper;
    }

    JavaType type(java.lang.reflect.Type type) {
        return mapper.constructType(type);
    }

    private static void refuseLongLists(JsonNode tree) {
        tree.properties().forEach(property -> {
            Integer most = LONGEST_LIST.get(property.getKey());
            if (most != null && property.getValue().size() > most) {
                throw ApiRefusal.senseless(
                        property.getKey(),
                        property.getValue().size() + " entries are too many: send at most " + most + ".");
            }
            refuseLongLists(property.getValue());
        });
        if (tree.isArray()) {
            tree.forEach(StrictJson::refuseLongLists);
        }
    }

    private static String path(JsonMappingException e) {
        StringBuilder path = new StringBuilder();
        for (JsonMappingException.Reference reference : e.getPath()) {
            if (reference.getFieldName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(abridged(reference.getFieldName()));
            } else {
                path.append('[').append(reference.getIndex()).append(']');
            }
        }
        return path.toString();
    }

    private static String known(UnrecognizedPropertyException e) {
        return e.getKnownPropertyIds() == null
                ? "those of the description at /v3/api-docs"
                : e.getKnownPropertyIds().stream().map(String::valueOf).sorted().collect(Collectors.joining(", "));
    }

    private static String unknownWord(InvalidFormatException e) {
        String given = "“" + abridged(String.valueOf(e.getValue())) + "” is not known here.";
        if (e.getTargetType().isEnum() && e.getTargetType() != NeedleSystem.class) {
            return given + " The words are "
                    + Stream.of(e.getTargetType().getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "))
                    + ".";
        }
        return e.getTargetType() == NeedleSystem.class
                ? given + " The systems are "
                        + Stream.of(NeedleSystem.values())
                                .map(NeedleSystem::label)
                                .collect(Collectors.joining(", "))
                        + "."
                : given + (e.getTargetType() == String.class ? " Send a text." : " Send another kind of value.");
    }

    private static String hint(JsonMappingException e) {
        String path = path(e);
        return path.isEmpty()
                ? "Send a JSON object as the description at /v3/api-docs has it."
                : "See “" + path + "” in the description at /v3/api-docs.";
    }

    private static int line(JsonProcessingException e) {
        return e.getLocation() == null ? 1 : e.getLocation().getLineNr();
    }

    private static int column(JsonProcessingException e) {
        return e.getLocation() == null ? 1 : e.getLocation().getColumnNr();
    }

    private static String abridged(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
