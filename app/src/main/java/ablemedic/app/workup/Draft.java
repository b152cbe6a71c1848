package ablemedic.app.workup;

import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.repairs.RepairLogEntry;
import ablemedic.app.routine.Routines;
import ablemedic.app.workup.WorkUpStore.Numbered;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Something to be recorded in a work-up, with all that follows from it, worked out before anything is written: so the
 * reasoning keeps nobody from writing, and an answer that cannot be made is no answer to something that was stored.
 *
 * @param after the work-up as it will be
 * @param events those to add, on top of {@code version}
 * @param log lines for the craft's log
 * @param sheet the craft's sheet where it changes
 * @param repairLog the entry of a work-up that closes
 */
public record Draft(
        WorkUp after,
        long version,
        List<Numbered> events,
        List<LogLine> log,
        Optional<Revised> sheet,
        Optional<RepairLogEntry> repairLog,
        Instant at) {

    record LogLine(String kind, String text) {}

    /** A sheet, the revision on which it was worked out, and what it was revised for. */
    record Revised(BuildSheet sheet, int onto, String reason) {}

    /** A draft on a work-up as it is now, with events added one by one. */
    static Builder on(WorkUp workUp, Instant at) {
        return new Builder(workUp, at);
    }

    static final class Builder {
        private final long version;
        private final Instant at;
        private final List<Numbered> events = new ArrayList<>();
        private final List<LogLine> log = new ArrayList<>();
        private WorkUp after;
        private Optional<Revised> sheet = Optional.empty();
        private Optional<RepairLogEntry> repairLog = Optional.empty();

        private Builder(WorkUp workUp, Instant at) {
            this.version = workUp.version();
            this.after = workUp;
            this.at = at;
        }

        Builder add(WorkUpEvent event) {
            Numbered numbered = new Numbered((int) (version + events.size() + 1), at, event);
            events.add(numbered);
            after = after.with(numbered);
            return this;
        }

        Builder log(String kind, String text) {
            log.add(new LogLine(kind, text));
            if (CraftLog.makesDue(kind)) {
                after = after.with(Routines.Standing.dueBy(text));
            }
            return this;
        }

        Builder sheet(BuildSheet changed, int onto, String reason) {
            sheet = Optional.of(new Revised(changed, onto, reason));
            return this;
        }

        Builder repairLog(RepairLogEntry entry) {
            repairLog = Optional.of(entry);
            return this;
        }

        WorkUp after() {
            return after;
        }

        Draft done() {
            return new Draft(after, version, List.copyOf(events), List.copyOf(log), sheet, repairLog, at);
        }
    }
}
