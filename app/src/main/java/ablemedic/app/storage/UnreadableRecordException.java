package ablemedic.app.storage;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;

/** A record in the database is not what this version can read. */
public final class UnreadableRecordException extends RuntimeException {
    private static final Words SAID =
            Catalogue.beside(UnreadableRecordException.class, "words").of("unreadable-record-exception");
    private static final long serialVersionUID = 1;

    /** @param what the record, as people call it */
    public UnreadableRecordException(String what) {
        super(SAID.with("what", what).line("unreadable").plain());
    }

    public UnreadableRecordException(String what, Throwable cause) {
        super(SAID.with("what", what).line("unreadable").plain(), cause);
    }
}
