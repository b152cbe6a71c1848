package ablemedic.family;

import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading;
import ablemedic.family.CraftCheck.Task;
import java.util.List;
import java.util.Optional;

/**
 * A sort of complaint that opens a work-up.
 *
 * @param id stable name in kebab case
 * @param label what the owner says
 * @param seen what is asked at intake
 * @param amiss what stands known when nobody saw how it shows: that the complaint is true; nothing where it says no
 *     more than that something is wrong
 * @param fine what is answered of a craft without this complaint; nothing where there is no such answer
 * @param proof the checks that end the proof, in their order
 */
public record Complaint(
        String id,
        Text label,
        Check<Craft> seen,
        Optional<Check<Craft>> amiss,
        Optional<Reading> fine,
        List<Check<Craft>> proof) {
    /** The outcome of {@link #amiss} that bears the complaint out. */
    public static final String TRUE = "true";

    private static final Words WORDS = SharedSteps.name("complaint");
    private static final Choices IS_IT_SO = CheckBuilder.asked(WORDS, WORDS.outcomes());

    public Complaint {
        proof = List.copyOf(proof);
        if (proof.isEmpty()) {
            throw new IllegalArgumentException("a complaint is proven cured by at least one check");
        }
    }

    /**
     * A complaint of what an owner saw.
     *
     * @param fine what is answered of a craft without this complaint; nothing where there is no such answer
     */
    public static Complaint told(
            String id,
            Text label,
            Answers answers,
            Prediction<Craft, ?> prediction,
            Optional<Reading> fine,
            List<Check<Craft>> proof) {
        Prediction<Craft, ?> seldomMadeUp = fine.<Prediction<Craft, ?>>map(reading -> seldomMadeUp(prediction, reading))
                .orElse(prediction);
        return new Complaint(
                id,
                label,
                told("told-" + id, label, answers, seldomMadeUp),
                fine.map(reading -> amiss(id, label, seldomMadeUp, reading)),
                fine,
                proof);
    }

    private static <V> Prediction<Craft, V> seldomMadeUp(Prediction<Craft, V> told, Reading fine) {
        return new Prediction<>(
                told.facet(), read -> ComplaintCredibility.of(told.from().apply(read), fine));
    }

    /** Whether somebody who says this has nothing of the sort to complain of. */
    public boolean isFine(Reading seen) {
        return fine.filter(seen::holds).isPresent();
    }

    /** Whether the owner of a craft like this would most probably make it. */
    public boolean isMadeOf(Craft craft) {
        return amiss.filter(check -> check.outlook(craft).likelihood(Reading.Chosen.of(TRUE)) > 0.5)
                .isPresent();
    }

    /**
     * What stands known of a complaint when nobody saw how it shows.
     *
     * @param seen what is predicted of it
     * @param fine what is answered of a craft without it
     */
    public static <V> Check<Craft> amiss(String id, Text label, Prediction<Craft, V> seen, Reading fine) {
        return told(
                "amiss-" + id,
                label,
                IS_IT_SO,
                new Prediction<>(
                        seen.facet(), read -> isAmiss(seen.from().apply(read).likelihood(fine))));
    }

    private static CraftCheck told(String id, Text label, Answers answers, Prediction<Craft, ?> prediction) {
        List<Text> steps = WORDS.steps("ask");
        return CraftCheck.of(id, "told", new Task(craft -> label, craft -> steps), answers, prediction, 0.5)
                .exploringNothing();
    }

    private static Distribution isAmiss(double fine) {
        return Categorical.of(IS_IT_SO, 1 - fine, fine);
    }
}
