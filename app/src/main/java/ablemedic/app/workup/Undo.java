package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.workup.WorkUpEvent.BenchSet;
import ablemedic.app.workup.WorkUpEvent.Closed;
import ablemedic.app.workup.WorkUpEvent.Fixed;
import ablemedic.app.workup.WorkUpEvent.Reopened;
import ablemedic.app.workup.WorkUpEvent.TakenBack;
import ablemedic.app.workup.WorkUpStore.Numbered;

/**
 * Takes an event back: a finding, a skip, a suspicion or a fix.
 *
 * @param n its number
 */
public record Undo(int n) implements Command {
    @Override
    public Draft on(WorkUp workUp, Circumstances given) {
        WorkUpEvent event = workUp.events().stream()
                .filter(e -> e.n() == n)
                .map(Numbered::event)
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("n", WorkUpWords.REFUSALS.with("n", n), "no-finding"));
        if (workUp.isTakenBack(n)) {
            throw Refusal.conflict("n", WorkUpWords.REFUSALS.with("n", n), "undone");
        }
        if (event instanceof TakenBack
                || event instanceof BenchSet
                || event instanceof Closed
                || event instanceof Reopened) {
            throw Refusal.conflict("n", WorkUpWords.REFUSALS.with("n", n), "no-undo");
        }
        Draft.Builder draft = Draft.on(workUp, given.at()).add(new TakenBack(n));
        return (event instanceof Fixed && workUp.repairs().containsKey(n)
                        ? given.sheets()
                                .revised(
                                        workUp,
                                        draft,
                                        workUp.repairs().get(n),
                                        false,
                                        WorkUpWords.SAID.line("fix-undone").plain())
                        : draft)
                .done();
    }
}
