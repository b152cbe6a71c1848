package ablemedic.app.meter;

import ablemedic.app.storage.Settings;
import ablemedic.app.storage.StoredForm;
import ablemedic.reading.Meter;
import org.springframework.stereotype.Component;

/** The meter in the database; a usual one until another is entered. */
@Component
public class MeterStore {
    private static final String NAME = "meter";
    private static final StoredForm<Meter> FORM = StoredForm.of(NAME, Meter.class);

    private final Settings settings;

    MeterStore(Settings settings) {
        this.settings = settings;
    }

    /** The meter that was entered; a usual one where none was, or where it cannot be read. */
    public Meter get() {
        return settings.get(NAME, FORM, Meter.USUAL);
    }

    public void set(Meter meter) {
        settings.set(NAME, FORM, meter);
    }
}
