package ablemedic.app.transfer;

import java.util.Arrays;
import java.util.List;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;

/** A list of texts, or what stood for it before: one text, joined by semicolons. */
class JoinedList extends ValueDeserializer<List<String>> {
    private final String between;

    JoinedList() {
        this("; ");
    }

    private JoinedList(String between) {
        this.between = between;
    }

    @Override
    public List<String> deserialize(JsonParser parser, DeserializationContext context) {
        if (parser.currentToken() == JsonToken.VALUE_STRING) {
            String joined = parser.getString();
            return joined.isEmpty() ? List.of() : Arrays.asList(joined.split(between));
        }
        return List.of(context.readValue(parser, String[].class));
    }

    /** The same of ids, joined by spaces. */
    static final class OfIds extends JoinedList {
        OfIds() {
            super(" ");
        }
    }
}
