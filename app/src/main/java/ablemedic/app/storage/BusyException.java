package ablemedic.app.storage;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;

/** Too many writes are waiting. */
public final class BusyException extends RuntimeException {
    private static final Words SAID =
            Catalogue.beside(BusyException.class, "words").of("busy-exception");
    private static final long serialVersionUID = 1;

    BusyException() {
        super(SAID.line("busy").plain());
    }
}
