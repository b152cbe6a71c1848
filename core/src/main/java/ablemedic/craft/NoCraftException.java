package ablemedic.craft;

/** What was described cannot be a craft. */
public final class NoCraftException extends IllegalArgumentException {
    private static final long serialVersionUID = 1;
    private final String where;

    /**
     * @param where the part of the description that is wrong
     * @param right what would be right, in words
     */
    public NoCraftException(String where, String right) {
        super(right);
        this.where = where;
    }

    public String where() {
        return where;
    }
}
