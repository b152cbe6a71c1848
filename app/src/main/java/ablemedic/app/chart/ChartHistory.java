package ablemedic.app.chart;

import ablemedic.app.chart.Corrections.EntryCorrection;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.CraftWorkUps.WorkUpLine;
import java.util.List;
import org.springframework.stereotype.Component;

/** What became of a craft: its log, what lines of it said before, and its work-ups. */
@Component
class ChartHistory {
    private final CraftLog log;
    private final Corrections corrections;
    private final CraftWorkUps workUps;

    ChartHistory(CraftLog log, Corrections corrections, CraftWorkUps workUps) {
        this.log = log;
        this.corrections = corrections;
        this.workUps = workUps;
    }

    List<LogEntry> log(String craftId) {
        return log.of(craftId);
    }

    List<EntryCorrection> corrections(String craftId) {
        return corrections.ofLog(craftId);
    }

    List<WorkUpLine> workUps(String craftId) {
        return workUps.linesOf(craftId);
    }
}
