package ablemedic.app.workup;

/** Records something that needs no rule of its own but names that exist: a check skipped, a suspicion, an own test. */
public record NoteEvent(WorkUpEvent event) implements Command {
    @Override
    public Draft on(WorkUp workUp, Circumstances given) {
        if (event instanceof WorkUpEvent.Skipped skipped) {
            WorkUps.check(workUp, skipped.checkId());
        } else if (event instanceof WorkUpEvent.Suspected suspected) {
            WorkUps.fault(workUp, suspected.faultId());
        } else if (event instanceof WorkUpEvent.Tested tested) {
            WorkUps.fault(workUp, tested.faultId());
        }
        return Draft.on(workUp, given.at()).add(event).done();
    }
}
