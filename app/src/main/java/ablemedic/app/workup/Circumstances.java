package ablemedic.app.workup;

import ablemedic.app.chart.CraftLog;
import java.time.Instant;

/** What a command looks at beside the work-up. */
record Circumstances(
        WorkUps workUps, Safeguards safeguards, Proofs proofs, SheetEdits sheets, CraftLog log, Instant at) {

    /** The newest line of the log of a work-up's craft. */
    long newestLine(WorkUp workUp) {
        return log.newest(workUp.opened().craftId());
    }
}
