package ablemedic.export;

import ablemedic.catalogue.Names;

/** How a listing is written. */
public enum ExportForm {
    LINES,
    TABLE,
    JSON,
    PARAMETERS,
    MESSAGES;

    public String label() {
        return Names.of(this);
    }
}
