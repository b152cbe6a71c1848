package ablemedic.app.workup;

import ablemedic.app.entry.EnteredForm;
import ablemedic.app.storage.StoredForm;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import tools.jackson.databind.node.ObjectNode;

/** How the events of a work-up are kept. */
public final class EventForm {
    private static final Words SAID = Catalogue.beside(EventForm.class, "words").of("event-form");
    public static final StoredForm<WorkUpEvent> EVENT = StoredForm.of(
            SAID.line("event").plain(),
            WorkUpEvent.class,
            EventForm::toSecond,
            EventForm::toThird,
            EventForm::toFourth);

    private EventForm() {}

    /** Form 3 had other names for how the bench stands. */
    private static void toFourth(ObjectNode event) {
        if (event.get("state") instanceof ObjectNode state) {
            StoredForm.rename(state, "packIn", "batteryIn");
        }
    }

    /**
     * Form 2 knew no corrected record, no crash from the chart, and did not say of a finding that a guard was passed
     * over for it.
     */
    private static void toThird(ObjectNode event) {}

    /** Form 1 kept outcomes and number side by side, and a number told in the id of the check. */
    private static void toSecond(ObjectNode event) {
        if (event.get("kind").asString().equals("found")) {
            event.set("entered", EnteredForm.second(event));
            event.remove("outcomes");
            event.remove("value");
            event.remove("written");
            String id = event.get("checkId").asString();
            int at = id.indexOf('@');
            if (at >= 0) {
                event.put("checkId", id.substring(0, at));
                event.put("told", Double.parseDouble(id.substring(at + 1)));
            }
        }
    }
}
