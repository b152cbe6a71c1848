package ablemedic.app.routine;

import ablemedic.app.storage.Settings;
import ablemedic.app.storage.StoredForm;
import ablemedic.family.PrePowerConvention;
import org.springframework.stereotype.Component;

/**
 * The convention of routine that the owner holds to: the quick one where the occasion allows it, or always the full
 * one.
 */
@Component
public class OwnersConvention {
    private static final String NAME = "routine-school";
    private static final StoredForm<Held> FORM =
            StoredForm.of(NAME, Held.class, first -> StoredForm.rename(first, "school", "convention"));

    private final Settings settings;

    OwnersConvention(Settings settings) {
        this.settings = settings;
    }

    private record Held(PrePowerConvention convention) {}

    public PrePowerConvention get() {
        return settings.get(NAME, FORM, new Held(PrePowerConvention.QUICK)).convention();
    }

    void set(PrePowerConvention convention) {
        settings.set(NAME, FORM, new Held(convention));
    }
}
