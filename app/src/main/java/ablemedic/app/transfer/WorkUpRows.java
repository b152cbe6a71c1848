package ablemedic.app.transfer;

import ablemedic.app.transfer.ChartBundle.EventOf;
import ablemedic.app.transfer.ChartBundle.WorkUpOf;
import ablemedic.app.workup.EndStore;
import ablemedic.app.workup.EventForm;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.jdbc.support.GeneratedKeyHolder;

/** The rows of the work-ups of a craft: what happened in them, how they ended, and their recordings. */
final class WorkUpRows {
    private final AddedRows rows;
    private final EndStore ends;

    WorkUpRows(AddedRows rows, EndStore ends) {
        this.rows = rows;
        this.ends = ends;
    }

    /** The number of a work-up here; it is opened where it is not known. */
    long workUp(WorkUpOf one) {
        Optional<Long> known = rows.database()
                .sql("SELECT id FROM work_up WHERE craft_id = ? AND opened_at = ? AND complaint = ?")
                .params(rows.craftId(), one.openedAt().toString(), one.complaint())
                .query(Long.class)
                .optional();
        if (known.isPresent()) {
            return known.get();
        }
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        rows.database()
                .sql(
                        "INSERT INTO work_up (craft_id, revision, complaint_kind, complaint, occasion, opened_at, aside) VALUES (?, ?, ?, ?, ?, ?, ?)")
                .params(Arrays.asList(
                        rows.craftId(),
                        one.revision(),
                        one.complaintKind(),
                        one.complaint(),
                        one.occasion(),
                        one.openedAt().toString(),
                        one.aside()))
                .update(key);
        rows.count(1);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    void happened(int index, WorkUpOf one, long id, LocalNumbers local) {
        List<String> known = rows.database()
                .sql("SELECT body FROM work_up_event WHERE work_up_id = ? ORDER BY n")
                .param(id)
                .query(String.class)
                .list();
        for (EventOf event : one.events()) {
            String body = rows.json().write(local.local(event.event()));
            if (event.n() <= known.size()) {
                rows.apart(
                        "workUps[" + index + "].events[" + (event.n() - 1) + "]",
                        rows.alike(EventForm.EVENT.renewed(rows.json(), known.get(event.n() - 1)), body));
            } else {
                rows.insert(
                        "INSERT INTO work_up_event (work_up_id, n, at, body) VALUES (?, ?, ?, ?)",
                        id,
                        event.n(),
                        event.at(),
                        body);
            }
        }
        if (one.end() != null && one.events().size() >= known.size()) {
            ends.keep(id, one.end());
        }
        one.repairLog()
                .forEach(end -> rows.missing(
                        "repair_log_entry WHERE work_up_id = ? AND closed_at = ?",
                        List.of(id, end.closedAt()),
                        """
      INSERT INTO repair_log_entry (work_up_id, craft_id, closed_at, complaint, ended, reason, causes, kinds, parts, fixes, changes, proof, minutes) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""",
                        id,
                        rows.craftId(),
                        end.closedAt(),
                        end.complaint(),
                        end.ended(),
                        end.reason(),
                        rows.list(end.repaired().causes()),
                        rows.list(end.repaired().kinds()),
                        rows.list(end.repaired().parts()),
                        rows.list(end.repaired().fixes()),
                        rows.list(end.repaired().changes()),
                        rows.list(end.repaired().proof()),
                        end.minutes()));
        one.recordings()
                .forEach(file -> rows.missing(
                        "capture WHERE work_up_id = ? AND check_id = ? AND entered_at = ?",
                        List.of(id, file.checkId(), file.enteredAt()),
                        "INSERT INTO capture (work_up_id, check_id, name, outcome, told, entered_at, packed) VALUES (?, ?, ?, ?, ?, ?, ?)",
                        id,
                        file.checkId(),
                        file.name(),
                        file.outcome(),
                        file.told(),
                        file.enteredAt(),
                        file.packed().read()));
    }
}
