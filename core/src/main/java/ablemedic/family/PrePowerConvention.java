package ablemedic.family;

import ablemedic.catalogue.Words;
import java.util.Locale;

/**
 * Two conventions of what is done before the battery goes in. Both allow the battery; the occasion says which is asked
 * for.
 */
public enum PrePowerConvention {
    QUICK,
    FULL;

    public String label() {
        return words().name(this);
    }

    /** When it is the one to take. */
    public String reason() {
        return words().line(name().toLowerCase(Locale.ROOT)).plain();
    }

    private static Words words() {
        return SharedSteps.name("pre-power");
    }
}
