package ablemedic.app.routine;

import ablemedic.app.storage.Settings;
import ablemedic.app.storage.StoredForm;
import ablemedic.speciality.RoutineSchool;
import org.springframework.stereotype.Component;

/**
 * The school of routine that the owner holds to: the quick one where the occasion allows it, or always the full one.
 */
@Component
public class OwnersSchool {
    private static final String NAME = "routine-school";
    private static final StoredForm<Held> FORM = StoredForm.of(NAME, Held.class);

    private final Settings settings;

    OwnersSchool(Settings settings) {
        this.settings = settings;
    }

    private record Held(RoutineSchool school) {}

    public RoutineSchool get() {
        return settings.get(NAME, FORM, new Held(RoutineSchool.QUICK)).school();
    }

    void set(RoutineSchool school) {
        settings.set(NAME, FORM, new Held(school));
    }
}
