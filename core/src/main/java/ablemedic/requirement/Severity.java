package ablemedic.requirement;

import ablemedic.catalogue.Names;

/** How bad it is that a requirement is violated. */
public enum Severity {
    /** It hurts somebody or destroys something. */
    HAZARD,
    /** It can't work. */
    CANNOT_WORK,
    /** It may be meant. */
    DOUBTFUL;

    public String label() {
        return Names.of(this);
    }

    /** Whether nothing is expected of a craft that violates it. */
    public boolean isBinding() {
        return this != DOUBTFUL;
    }
}
