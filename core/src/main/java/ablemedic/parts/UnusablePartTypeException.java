package ablemedic.parts;

import java.util.List;
import java.util.stream.Collectors;

/** What is written describes no sort of part. */
public final class UnusablePartTypeException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient List<Wrong> wrong;

    /** A place, such as {@code pads[2].name}, and what would be right there. */
    public record Wrong(String where, String right) {}

    public UnusablePartTypeException(List<Wrong> wrong) {
        super(wrong.stream().map(w -> w.where() + ": " + w.right()).collect(Collectors.joining("; ")));
        this.wrong = List.copyOf(wrong);
    }

    public List<Wrong> wrong() {
        return wrong;
    }
}
