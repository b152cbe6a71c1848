package ablemedic.app.storage;

/** Too many writes are waiting. */
public final class BusyException extends RuntimeException {
    private static final long serialVersionUID = 1;

    BusyException() {
        super("Too many writes are waiting. Nothing was written; try again in a moment.");
    }
}
