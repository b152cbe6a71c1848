package ablemedic.app.storage;

/** A record in the database is not what this version can read. */
public final class UnreadableRecordException extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** @param what the record, as people call it */
    public UnreadableRecordException(String what) {
        super(what + " cannot be read by this version");
    }

    public UnreadableRecordException(String what, Throwable cause) {
        super(what + " cannot be read by this version", cause);
    }
}
