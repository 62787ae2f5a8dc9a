package belonax.web.shared.api;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.JsonMappingException;

/** A value that can be read and makes no sense; Jackson adds the path to it. */
final class Senseless extends JsonMappingException {
    Senseless(JsonParser parser, String message) {
        super(parser, message);
    }
}
