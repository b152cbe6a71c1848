package ablemedic.requirement;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Proof;
import ablemedic.diagnosis.Reading;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a check of a set-up, a proof or a routine should give. It is taken from the craft as required and from nothing
 * else: what depends on an open conflict of the record waits for it, and nobody ever expects what tells of a hazard or
 * a failure.
 */
public sealed interface Expectation {

    /** A craft that gives it: the one as required. */
    record Gives(Craft craft) implements Expectation {}

    /**
     * Nothing is expected yet.
     *
     * @param on what has to be put right, or corrected on the record, first; empty where by the sheet the check would
     *     fail, and no rule says why
     */
    record Waits(List<Violation> on, String would) implements Expectation {
        public Waits {
            on = List.copyOf(on);
        }

        /** Why, in a sentence. */
        public String why() {
            return on.isEmpty()
                    ? EditWords.of("expectation")
                            .with("given", Param.written(would))
                            .line("step")
                            .plain()
                    : EditWords.of("expectation")
                            .with("cause", on.get(0).cause())
                            .line("waits")
                            .plain();
        }
    }

    /** What a check should give on a craft. */
    static Expectation of(Check<Craft> check, Required required) {
        Craft right = required.craft();
        List<Violation> on = required.conflicts().stream()
                .filter(conflict -> differs(check, right, conflict.on(right)))
                .map(Conflict::root)
                .toList();
        if (!on.isEmpty()) {
            return new Waits(on, "");
        }
        if (forbidden(check, right).isPresent()) {
            return new Waits(required.unsolved(), Proof.expected(check, right).plain(right.naming()));
        }
        return new Gives(right);
    }

    /**
     * What a check waits for after repairs.
     *
     * @param now the craft as required, with the repairs made
     * @param done ids of the faults that were put right, those of conflicts among them
     */
    static Optional<Waits> after(Check<Craft> check, Required required, Craft now, Set<String> done) {
        List<Violation> on = required.conflicts().stream()
                .filter(conflict -> !done.contains(conflict.id()) && differs(check, now, conflict.on(now)))
                .map(Conflict::root)
                .toList();
        return on.isEmpty() && forbidden(check, now).isEmpty()
                ? Optional.empty()
                : Optional.of(new Waits(
                        on.isEmpty() ? required.unsolved() : on,
                        Proof.expected(check, now).plain(now.naming())));
    }

    /** What a check tells of by what a craft most probably gives; nothing where that may be expected. */
    static Optional<Severity> forbidden(Check<Craft> check, Craft craft) {
        return Forbidden.of(check.kind(), check.outlook(craft).mode());
    }

    /** What a reading of a check tells of; nothing where it may be expected. */
    public static Optional<Severity> forbidden(Check<Craft> check, Reading reading) {
        return Forbidden.of(check.kind(), reading);
    }

    private static boolean differs(Check<Craft> check, Craft right, Craft recorded) {
        return !check.reads().of(recorded).equals(check.reads().of(right))
                && !check.outlook(recorded).isLike(check.outlook(right));
    }
}
