package ablemedic.firmware;

/** A table that is no firmware family. Its message says what would be right. */
public final class BadDialectException extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    private final int row;

    BadDialectException(int row, String right) {
        super("Line " + row + ": " + right);
        this.row = row;
    }

    /** The line of the table, counted from 1. */
    public int row() {
        return row;
    }
}
