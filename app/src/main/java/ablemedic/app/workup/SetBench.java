package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.workup.WorkUpEvent.BenchSet;
import ablemedic.diagnosis.BenchState;
import java.util.List;

/**
 * Sets how the craft stands on the bench.
 *
 * @param override why a dangerous state is set all the same; it is logged
 */
public record SetBench(BenchState state, String override) implements Command {
    @Override
    public Draft on(WorkUp workUp, Circumstances given) {
        List<String> objections = given.safeguards().objections(workUp, state);
        if (!objections.isEmpty()) {
            if (override.isBlank()) {
                throw Refusal.conflict("benchState", String.join(" ", objections));
            }
            Overrides.checked(override);
        }
        // No override makes a pass: what the pre-power checks have not shown stays not shown.
        BenchState set =
                objections.isEmpty() ? state : state.claiming(workUp.bench().shortTest());
        Draft.Builder draft = Draft.on(workUp, given.at())
                .add(new BenchSet(set, objections.isEmpty() ? "" : override, given.newestLine(workUp)));
        objections.forEach(objection -> draft.log(
                "override",
                WorkUpWords.SAID
                        .with("guard", objection)
                        .with("why", override)
                        .line("guard")
                        .plain()));
        return draft.done();
    }
}
