package ablemedic.family;

import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import java.util.List;
import java.util.Optional;

/**
 * A complaint that no family has: the owner's words stand, and of what is wrong it says nothing, so that a work-up
 * begins with the general checks and by what happened to the craft.
 */
public final class SomethingElse {
    public static final String ID = "something-else";

    private SomethingElse() {}

    /** @param flight the flight that proves the craft in the end */
    public static Complaint complaint(Check<Craft> flight) {
        Words words = SharedSteps.name(ID);
        Choices answers = CheckBuilder.asked(words, words.outcomes());
        double alike = 1.0 / answers.combinations();
        return Complaint.told(
                ID,
                words.title(),
                answers,
                Prediction.from(Facet.nothing(), nothing -> Categorical.of(answers, alike, alike, alike, alike)),
                Optional.empty(),
                List.of(flight));
    }
}
