package ablemedic.craft;

import ablemedic.catalogue.Names;

/** Where a board takes the battery's voltage from. */
public enum VoltageSource {
    DIVIDER,
    CONTROLLERS,
    NONE;

    public String label() {
        return Names.of(this);
    }
}
