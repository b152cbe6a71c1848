package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.repairs.RepairLogEntry;
import ablemedic.app.workup.WorkUpEvent.Closed;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpStore.Numbered;
import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Proof;
import ablemedic.family.LiesIn;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Closes a work-up: as solved only when the proof has passed, otherwise with a reason. */
public record CloseWorkUp(End end, String reason) implements Command {
    @Override
    public Draft on(WorkUp workUp, Circumstances given) {
        if (end == End.SOLVED) {
            mustBeProven(workUp, given.proofs().of(workUp));
        } else if (reason.isBlank()) {
            throw Refusal.wrong("reason", WorkUpWords.REFUSALS, "end-reason");
        }
        Draft.Builder draft = Draft.on(workUp, given.at())
                .add(new Closed(end, reason))
                .log(
                        end == End.SOLVED ? "closed" : "closed-open",
                        WorkUpWords.SAID
                                .with("end", end.label())
                                .with("why", Param.when(!reason.isBlank()))
                                .with("reason", reason)
                                .line("closed")
                                .plain());
        WorkUp after = draft.after();
        return draft.repairLog(entry(after, given.proofs().of(after), given.at()))
                .done();
    }

    private static void mustBeProven(WorkUp workUp, Proof<Craft> proof) {
        if (!proof.passes()) {
            throw Refusal.conflict(
                    "end", WorkUpWords.REFUSALS, workUp.repairs().isEmpty() ? "not-fixed" : "not-proven");
        }
        proof.tests().stream()
                .flatMap(test -> Safeguards.waits(workUp, test.check()).stream())
                .findFirst()
                .ifPresent(waits -> {
                    throw Refusal.conflict("end", WorkUpWords.REFUSALS.with("why", waits.why()), "worthless");
                });
    }

    private RepairLogEntry entry(WorkUp workUp, Proof<Craft> proven, Instant at) {
        Craft sound = workUp.known().sound();
        List<String> causes = new ArrayList<>();
        List<String> kinds = new ArrayList<>();
        Set<String> parts = new LinkedHashSet<>();
        List<String> fixes = new ArrayList<>();
        List<String> changes = new ArrayList<>();
        workUp.repairs().values().forEach(repair -> {
            causes.add(repair.fault().describe(sound).plain());
            kinds.add(repair.fault().kind());
            parts.addAll(LiesIn.of(repair.fault(), sound));
            fixes.add(repair.fix().title().plain());
            repair.fix().values().forEach(v -> changes.add(v.what() + ": " + v.before() + " → " + v.after()));
        });
        List<String> proof = proven.tests().stream()
                .map(t -> WorkUpWords.SAID
                        .with("check", t.check().title(sound))
                        .with("read", read(workUp, t.check()))
                        .line("test-" + Names.id(t.state()))
                        .plain())
                .toList();
        return new RepairLogEntry(
                0,
                workUp.opened().id(),
                workUp.opened().craftId(),
                at,
                workUp.opened().complaint(),
                end.label(),
                reason,
                new RepairLogEntry.Repaired(causes, kinds, List.copyOf(parts), fixes, changes, proof),
                workUp.minutes());
    }

    /** What was read the last time that a check was made, in words. */
    private static String read(WorkUp workUp, Check<Craft> check) {
        return workUp.events().stream()
                .filter(e -> !workUp.isTakenBack(e.n()))
                .map(Numbered::event)
                .filter(Found.class::isInstance)
                .map(Found.class::cast)
                .filter(found -> found.checkId().equals(check.id()))
                .reduce((earlier, later) -> later)
                .map(found -> String.join(
                        ", ", WorkUp.answers(check, found, workUp.known().sound())))
                .orElse("");
    }
}
