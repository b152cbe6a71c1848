package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.workup.WorkUpEvent.Reopened;

/** Opens a closed work-up again, since the trouble came back. */
public record ReopenWorkUp(String reason) implements Command {
    @Override
    public boolean needsOpen() {
        return false;
    }

    @Override
    public Draft on(WorkUp workUp, Circumstances given) {
        if (workUp.closed().isEmpty()) {
            throw Refusal.conflict(
                    "id", WorkUpWords.REFUSALS.with("id", workUp.opened().id()), "open");
        }
        if (reason.isBlank()) {
            throw Refusal.wrong("reason", WorkUpWords.REFUSALS, "reopen-reason");
        }
        return Draft.on(workUp, given.at())
                .add(new Reopened(reason))
                .log(
                        "work-up",
                        WorkUpWords.SAID.with("reason", reason).line("reopened").plain())
                .done();
    }
}
