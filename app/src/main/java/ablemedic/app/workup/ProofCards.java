package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.entry.Expected;
import ablemedic.app.workup.WorkUpView.ProofCard;
import ablemedic.app.workup.WorkUpView.ProofTest;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Proof;
import ablemedic.requirement.Expectation.Waits;
import org.jspecify.annotations.Nullable;

/** The tests that prove what was fixed, with how each stands. */
final class ProofCards {
    private ProofCards() {}

    static ProofCard of(Proof<Craft> proof, WorkUp workUp, @Nullable CheckCard next) {
        return new ProofCard(
                proof.tests().stream()
                        .map(t -> proofTest(t, workUp, workUp.known().soundNow()))
                        .toList(),
                proof.passes(),
                next);
    }

    private static ProofTest proofTest(Proof.Test<Craft> test, WorkUp workUp, Craft sound) {
        String waits = Safeguards.waits(workUp, test.check()).map(Waits::why).orElse("");
        return new ProofTest(
                test.check().id(),
                test.check().title(sound).plain(),
                waits.isEmpty() ? Expected.of(test.check(), sound) : "",
                waits,
                test.state().name());
    }

    /** Whether the flight is what the proof asks for next. */
    static boolean flies(Proof<Craft> proof) {
        return proof.next().filter(test -> Families.isFlight(test.check())).isPresent();
    }
}
