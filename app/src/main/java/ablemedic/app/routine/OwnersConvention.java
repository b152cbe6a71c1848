package ablemedic.app.routine;

import ablemedic.app.storage.Settings;
import ablemedic.app.storage.StoredForm;
import ablemedic.family.PrePowerConvention;
import org.springframework.stereotype.Component;

/**
 * The school of routine that the owner holds to: the quick one where the occasion allows it, or always the full one.
 */
@Component
public class OwnersConvention {
    private static final String NAME = "routine-school";
    private static final StoredForm<Held> FORM = StoredForm.of(NAME, Held.class);

    private final Settings settings;

    OwnersConvention(Settings settings) {
        this.settings = settings;
    }

    private record Held(PrePowerConvention school) {}

    public PrePowerConvention get() {
        return settings.get(NAME, FORM, new Held(PrePowerConvention.QUICK)).school();
    }

    void set(PrePowerConvention school) {
        settings.set(NAME, FORM, new Held(school));
    }
}
