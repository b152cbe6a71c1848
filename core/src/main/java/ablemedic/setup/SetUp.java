package ablemedic.setup;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import java.util.ArrayList;
import java.util.List;

/**
 * The set-up of a craft for an occasion.
 *
 * @param steps those that are made, in the order of the table
 * @param leftOut those that are not, each with the reason
 */
public record SetUp(List<Made> steps, List<LeftOut> leftOut) {
    private static final Words WORDS = Catalogue.beside(SetUp.class, "names").of("left-out");

    public SetUp {
        steps = List.copyOf(steps);
        leftOut = List.copyOf(leftOut);
    }

    /**
     * A step on this craft.
     *
     * @param id of the step, with that of its check where it has several
     */
    public record Made(String id, SetUpStep step, Check<Craft> check) {
        /** Whether it waits for another one. */
        public boolean comesAfter(Made other) {
            return step.comesAfter(other.step.id());
        }
    }

    /** A step that is not made. */
    public record LeftOut(SetUpStep step, String why) {}

    /** @param book what is known of the craft */
    public static SetUp of(Book<Craft> book, SetUpOccasion occasion) {
        List<Made> made = new ArrayList<>();
        List<LeftOut> out = new ArrayList<>();
        for (SetUpStep step : SetUpStep.all()) {
            List<Check<Craft>> checks =
                    book.checks().stream().filter(check -> step.is(check.id())).toList();
            if (checks.isEmpty()) {
                out.add(new LeftOut(step, WORDS.line("nothing").plain()));
            } else if (!step.occasions().contains(occasion)) {
                out.add(new LeftOut(
                        step,
                        WORDS.with("occasion", occasion.label())
                                .line("untouched")
                                .plain()));
            } else {
                checks.forEach(check ->
                        made.add(new Made(checks.size() == 1 ? step.id() : step.id() + " " + check.id(), step, check)));
            }
        }
        return new SetUp(made, out);
    }
}
