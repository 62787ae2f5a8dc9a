package belonax.web.shared.api;

import belonax.BadInput;
import belonax.needle.NeedleSize;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import org.jspecify.annotations.Nullable;

/** Reads a needle's size, either as a plain NM or as {@code {"nm": 80, "trade": 12}}. */
final class SizeReader extends JsonDeserializer<NeedleSize> {

    /** The longer of the two notations. */
    record Both(@Nullable Integer nm, @Nullable Integer trade) {}

    @Override
    public NeedleSize deserialize(JsonParser parser, DeserializationContext context) throws IOException {
        if (!parser.isExpectedStartObjectToken()) {
            return size(parser, context.readValue(parser, Integer.class));
        }
        JsonNode tree = context.readTree(parser);
        Both both = context.readTreeAsValue(tree, Both.class);
        if (both.nm() == null) {
            return context.reportInputMismatch(NeedleSize.class, "A size needs its nm, such as 80.");
        }
        NeedleSize size = size(parser, both.nm());
        if (both.trade() != null && both.trade() != size.trade()) {
            throw new Senseless(
                    parser,
                    both.nm() + "/" + both.trade() + " names two sizes; " + both.nm() + " goes with " + size.trade()
                            + ".");
        }
        return size;
    }

    private static NeedleSize size(JsonParser parser, int nm) throws Senseless {
        try {
            return NeedleSize.ofNm(nm);
        } catch (BadInput e) {
            throw new Senseless(parser, String.valueOf(e.getMessage()));
        }
    }
}
