package ablemedic.app.workup;

import ablemedic.app.routine.Routines;
import ablemedic.app.workup.WorkUpView.FixCard;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Suspect;
import org.springframework.stereotype.Component;

/** The cards of checks and fixes of a work-up, in turn and out of turn. */
@Component
class Cards {
    private final WorkUps workUps;
    private final Safeguards safeguards;
    private final Routines routines;
    private final FixCards fixes;

    Cards(WorkUps workUps, Safeguards safeguards, Routines routines, FixCards fixes) {
        this.workUps = workUps;
        this.safeguards = safeguards;
        this.routines = routines;
        this.fixes = fixes;
    }

    /** @param barred power that may not be put on the craft */
    CheckCards ofChecks(WorkUp workUp, Diagnosis<Craft> diagnosis, Posterior<Craft> posterior, Barred barred) {
        return new CheckCards(diagnosis, posterior, workUp, routineMinutes(workUp), barred);
    }

    FixCard fix(WorkUp workUp, Posterior<Craft> posterior, Suspect<Craft> suspect) {
        return fixes.of(suspect, posterior, workUp);
    }

    /** What the pre-power checks take where they are due; on any other bench no way leads over them. */
    double routineMinutes(WorkUp workUp) {
        return workUp.bench().shortTest() == ShortTest.NOT_DONE
                ? routines.minutes(workUp.opened().craftId())
                : 0;
    }

    /** The card of any check, asked for out of turn. */
    CheckCard check(long id, String checkId) {
        WorkUp workUp = workUps.get(id);
        Diagnosis<Craft> diagnosis = workUps.diagnosis(workUp);
        Posterior<Craft> posterior = diagnosis.posterior(workUp.known());
        Check<Craft> check = WorkUps.check(workUp, checkId);
        return ofChecks(workUp, diagnosis, posterior, safeguards.barred(workUp))
                .card(check, diagnosis.planner(posterior).bits(check));
    }

    /** The ways to fix any fault, asked for out of turn. */
    FixCard fix(long id, String faultId) {
        WorkUp workUp = workUps.get(id);
        Fault<Craft> fault = WorkUps.fault(workUp, faultId);
        double belief = workUps.diagnosis(workUp).posterior(workUp.known()).everHeld(faultId);
        return fixes.of(fault, belief, false, workUp);
    }
}
