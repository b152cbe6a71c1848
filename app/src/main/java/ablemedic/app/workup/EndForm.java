package ablemedic.app.workup;

import ablemedic.app.storage.StoredForm;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How what was shown of a closed work-up is kept. */
final class EndForm {
    private static final Words SAID = Catalogue.beside(EndForm.class, "words").of("end-form");
    static final StoredForm<WorkUpView> END =
            StoredForm.of(SAID.line("end").plain(), WorkUpView.class, EndForm::toSecond, EndForm::toThird);

    private static final Map<String, String> RENAMED =
            Map.of("leads", "wires", "takesListing", "takesExport", "packIn", "batteryIn");
    private static final Set<String> STEPS = Set.of("instruction", "steps");

    private EndForm() {}

    /** Form 1 had steps as mere text, and other names for wires, battery and exports. */
    private static void toSecond(ObjectNode end) {
        RENAMED.forEach((from, to) -> StoredForm.rename(end, from, to));
        for (Map.Entry<String, JsonNode> field : List.copyOf(end.properties())) {
            if (STEPS.contains(field.getKey())) {
                end.set(field.getKey(), inParts(end, field.getValue()));
            } else {
                below(field.getValue());
            }
        }
    }

    /** Form 2 called the craft ID a mark. */
    private static void toThird(ObjectNode end) {
        StoredForm.rename(end, "mark", "craftId");
    }

    private static void below(JsonNode value) {
        if (value instanceof ObjectNode object) {
            toSecond(object);
        } else if (value.isArray()) {
            value.forEach(EndForm::below);
        }
    }

    /** A text, or several, as steps of one stretch of words each; what is no text stays as it is. */
    private static JsonNode inParts(ObjectNode of, JsonNode written) {
        ArrayNode steps = of.arrayNode();
        for (JsonNode step : written.isString() ? List.of(written) : List.copyOf(written.values())) {
            if (!step.isString()) {
                below(written);
                return written;
            }
            steps.addArray().addObject().put("text", step.asString());
        }
        return steps;
    }
}
