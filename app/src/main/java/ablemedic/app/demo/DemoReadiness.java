package ablemedic.app.demo;

import ablemedic.app.workup.Safeguards;
import ablemedic.app.workup.SetBench;
import ablemedic.app.workup.WorkUps;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchStep;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** Gets the bench ready for a check of the demo, by the pre-power checks where they are due. */
@Component
class DemoReadiness {
    private final WorkUps workUps;
    private final Safeguards safeguards;
    private final DemoActs acts;
    private final SoundRoutine checks;

    DemoReadiness(WorkUps workUps, Safeguards safeguards, DemoActs acts, SoundRoutine checks) {
        this.workUps = workUps;
        this.safeguards = safeguards;
        this.acts = acts;
        this.checks = checks;
    }

    void ready(String craftId, long id, String checkId, Instant at) {
        BenchNeeds needs = workUps.book(craftId).check(checkId).orElseThrow().needs();
        if (BenchRoute.from(workUps.bench(id), needs, safeguards.barred(id))
                .orElseThrow()
                .steps()
                .contains(BenchStep.SHORT_TEST)) {
            checks.run(craftId, at.minusSeconds(60));
        }
        BenchRoute route =
                BenchRoute.from(workUps.bench(id), needs, safeguards.barred(id)).orElseThrow();
        if (!route.steps().isEmpty()) {
            acts.run(id, at, new SetBench(route.end(), ""));
        }
    }
}
