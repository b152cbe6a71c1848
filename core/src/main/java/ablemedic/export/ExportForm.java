package ablemedic.export;

import ablemedic.catalogue.Names;

/** How a settings export is written. */
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
