package ablemedic.export;

/** What was given holds no setting at all. Its message says what a listing looks like. */
public final class NoExportException extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    NoExportException(String message) {
        super(message);
    }
}
