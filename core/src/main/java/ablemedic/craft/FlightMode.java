package ablemedic.craft;

import ablemedic.catalogue.Names;

/** What the sticks ask for. */
public enum FlightMode {
    LEVEL,
    RATE;

    public String label() {
        return Names.of(this);
    }
}
