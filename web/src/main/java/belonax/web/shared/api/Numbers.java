package belonax.web.shared.api;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.Set;

/**
 * Reads numbers strictly: a text in a number's place is malformed, but “NaN” or “Infinity” there, a number too large to
 * hold, and a fraction where a whole number is meant are well formed and make no sense.
 */
final class Numbers {
    private static final Set<String> NO_NUMBERS = Set.of("NaN", "Infinity", "+Infinity", "-Infinity", "INF", "-INF");

    private Numbers() {}

    static SimpleModule module() {
        return new SimpleModule("strict numbers")
                .addDeserializer(Double.class, new DoubleReader())
                .addDeserializer(Integer.class, new IntegerReader());
    }

    /** Refuses what is not a number at all, and gives back nothing. */
    private static void requireNumber(JsonParser parser, DeserializationContext context, Class<?> type)
            throws IOException {
        if (parser.currentToken() == JsonToken.VALUE_STRING && NO_NUMBERS.contains(parser.getText())) {
            throw new Senseless(parser, parser.getText() + " is not a quantity. Send a number.");
        }
        if (!parser.currentToken().isNumeric()) {
            context.handleUnexpectedToken(type, parser);
        }
    }

    private static final class DoubleReader extends JsonDeserializer<Double> {
        @Override
        public Double deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            requireNumber(parser, context, Double.class);
            double value = parser.getDoubleValue();
            if (!Double.isFinite(value)) {
                throw new Senseless(parser, "That number is too large to hold. Send an ordinary number.");
            }
            return value;
        }
    }

    private static final class IntegerReader extends JsonDeserializer<Integer> {
        private static final BigDecimal LARGEST = BigDecimal.valueOf(Integer.MAX_VALUE);

        @Override
        public Integer deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            requireNumber(parser, context, Integer.class);
            double value = parser.getDoubleValue();
            if (!(Math.abs(value) <= LARGEST.doubleValue())) {
                throw new Senseless(parser, "That number is too large. Send an ordinary whole number.");
            }
            if (value != Math.rint(value)) {
                throw new Senseless(parser, "A whole number is meant here, without a fraction.");
            }
            return (int) value;
        }
    }
}
