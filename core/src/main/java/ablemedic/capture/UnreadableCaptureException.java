package ablemedic.capture;

/** A capture that cannot be read: where, and what would be right. */
public final class UnreadableCaptureException extends RuntimeException {
    private static final long serialVersionUID = 1;

    UnreadableCaptureException(String where, String right) {
        super(where.isEmpty() ? right : where + ": " + right);
    }
}
