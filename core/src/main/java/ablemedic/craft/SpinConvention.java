package ablemedic.craft;

import ablemedic.catalogue.Names;

/** The two usual ways to turn the four props. Either flies; the board must be told which it is. */
public enum SpinConvention {
    INWARD,
    OUTWARD;

    public String label() {
        return Names.of(this);
    }

    /** Which way the prop at this corner turns. Neighbours turn against each other. */
    public Spin at(Corner corner) {
        Spin inward = corner.ordinal() % 2 == 0 ? Spin.COUNTER_CLOCKWISE : Spin.CLOCKWISE;
        return this == INWARD ? inward : inward.reversed();
    }

    public SpinConvention other() {
        return this == INWARD ? OUTWARD : INWARD;
    }
}
