package ablemedic.catalogue;

import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * What was entered, or a file that was given, can't be taken: every place that is wrong, each with what is wrong there
 * and what would be right. Nothing was changed.
 */
public class Rejected extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient List<Wrong> wrong;

    /**
     * One thing that is wrong.
     *
     * @param where such as {@code pads[2].name}; empty for the whole
     * @param rule the one that it breaks, by its line in the catalogue; empty where none is named
     */
    public record Wrong(String where, String rule, String right) {
        public Wrong(String where, String right) {
            this(where, "", right);
        }
    }

    public Rejected(List<Wrong> wrong) {
        super(wrong.stream().map(Wrong::right).collect(Collectors.joining("; ")));
        this.wrong = List.copyOf(wrong);
    }

    public Rejected(String where, String right) {
        this(List.of(new Wrong(where, right)));
    }

    public Rejected(String where, Text right) {
        this(where, right.plain());
    }

    /** @param rule the line of the catalogue that says it */
    public Rejected(String where, String rule, Text right) {
        this(List.of(new Wrong(where, rule, right.plain())));
    }

    /** The rule that is broken first; empty where none is named. */
    public String rule() {
        return wrong.get(0).rule();
    }

    /** The same of a part of something larger. */
    public Rejected within(String outer) {
        return new Rejected(wrong.stream()
                .map(one -> new Wrong(outer + one.where(), one.rule(), one.right()))
                .toList());
    }

    public List<Wrong> wrong() {
        return wrong;
    }

    /** The first place that is wrong. */
    public String where() {
        return wrong.get(0).where();
    }

    /** What is wrong, and never nothing. */
    public String right() {
        return Objects.requireNonNull(getMessage());
    }
}
