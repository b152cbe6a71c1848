package ablemedic.app.entry;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The way up from older forms of a reading as it was entered, wherever one is kept. */
public final class EnteredForm {
    private EnteredForm() {}

    /** From the first form, outcomes with one value and its text, to numbers by question. */
    public static ObjectNode second(ObjectNode first) {
        ObjectNode entered = JsonNodeFactory.instance.objectNode();
        JsonNode outcomes = first.get("outcomes");
        entered.set(
                "outcomes", outcomes == null || outcomes.isNull() ? JsonNodeFactory.instance.objectNode() : outcomes);
        ObjectNode numbers = entered.putObject("numbers");
        JsonNode value = first.get("value");
        if (value != null && value.isNumber()) {
            JsonNode written = first.get("written");
            numbers.putObject(Entered.ONLY)
                    .put("value", value.asDouble())
                    .put("written", written == null || written.isNull() ? value.asString() : written.asString());
        }
        return entered;
    }
}
