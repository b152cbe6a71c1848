package ablemedic.craft;

import ablemedic.catalogue.Names;

/** Whether a UART does something with its line by itself, as the format on it wants, or was told to. */
public enum AsFormat {
    BY_FORMAT,
    ON,
    OFF;

    public String label() {
        return Names.of(this);
    }

    /** Whether it is done on a line of a format that wants it or not. */
    public boolean done(boolean wanted) {
        return this == BY_FORMAT ? wanted : this == ON;
    }
}
