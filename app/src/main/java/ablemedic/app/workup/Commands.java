package ablemedic.app.workup;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.http.Refusal;
import java.time.Instant;
import org.springframework.stereotype.Service;

/** Works out what a command records in a work-up, where whoever gives it has seen the work-up as it is. */
@Service
public class Commands {
    private final WorkUps workUps;
    private final Safeguards safeguards;
    private final Proofs proofs;
    private final SheetEdits sheets;
    private final CraftLog log;

    Commands(WorkUps workUps, Safeguards safeguards, Proofs proofs, SheetEdits sheets, CraftLog log) {
        this.workUps = workUps;
        this.safeguards = safeguards;
        this.proofs = proofs;
        this.sheets = sheets;
        this.log = log;
    }

    /** @param version of the work-up that was seen */
    public Draft run(long id, long version, Command command, Instant at) {
        WorkUp workUp = workUps.get(id);
        if (workUp.version() != version) {
            throw Refusal.stale(version, workUp.version());
        }
        if (command.needsOpen() && workUp.closed().isPresent()) {
            throw Refusal.conflict("id", WorkUpWords.REFUSALS.with("id", id), "closed");
        }
        return command.on(workUp, new Circumstances(workUps, safeguards, proofs, sheets, log, at));
    }
}
