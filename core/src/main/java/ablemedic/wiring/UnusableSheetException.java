package ablemedic.wiring;

import java.util.List;

/** What was entered can be no electrical side of a craft: every place that is wrong, with what would be right. */
public final class UnusableSheetException extends IllegalArgumentException {
    private static final long serialVersionUID = 1;
    private final transient List<Wrong> wrong;

    /** One thing that is wrong. */
    public record Wrong(String where, String right) {}

    public UnusableSheetException(List<Wrong> wrong) {
        super(String.join("; ", wrong.stream().map(Wrong::right).toList()));
        this.wrong = List.copyOf(wrong);
    }

    public UnusableSheetException(String where, String right) {
        this(List.of(new Wrong(where, right)));
    }

    public List<Wrong> wrong() {
        return wrong;
    }
}
