package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.workup.WorkUpEvent.RecordCorrected;
import ablemedic.catalogue.Words;
import ablemedic.requirement.Conflict;

/**
 * Corrects the record of a conflict by what was found: the craft is right, and the sheet was not.
 *
 * @param faultId of the conflict
 * @param way of the conflict, counted from 1, that the craft has
 */
public record CorrectRecord(String faultId, int way) implements Command {
    @Override
    public Draft on(WorkUp workUp, Circumstances given) {
        Conflict conflict = workUp.required().conflicts().stream()
                .filter(one -> one.id().equals(faultId))
                .findFirst()
                .orElseThrow(() -> Refusal.wrong(
                        "faultId", WorkUpWords.REFUSALS.with("faultId", Refusal.shortened(faultId)), "no-conflict"));
        if (way < 1 || way > conflict.ways().size()) {
            throw Refusal.wrong(
                    "way", WorkUpWords.REFUSALS.with("ways", conflict.ways().size()), "way");
        }
        String title = conflict.ways().get(way - 1).edit().title().plain();
        Words said = WorkUpWords.SAID.with("n", workUp.opened().id()).with("edit", title);
        return Draft.on(workUp, given.at())
                .add(new RecordCorrected(faultId, title))
                .log("sheet", said.line("corrected").plain())
                .sheet(
                        given.sheets().corrected(workUp, conflict, way - 1),
                        given.sheets().newest(workUp),
                        said.line("corrected-in").plain())
                .done();
    }
}
