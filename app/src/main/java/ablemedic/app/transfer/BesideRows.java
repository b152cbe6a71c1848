package ablemedic.app.transfer;

import ablemedic.app.storage.Folded;
import ablemedic.app.transfer.ChartBundle.BatteryOf;
import ablemedic.app.transfer.ChartBundle.FamilyOf;
import ablemedic.app.transfer.ChartBundle.Runs;
import java.util.Arrays;
import java.util.List;

/** The rows that stand beside a chart: pre-power checks, set-ups, firmware dialects and batteries. */
final class BesideRows {
    private final AddedRows rows;

    BesideRows(AddedRows rows) {
        this.rows = rows;
    }

    void runs(Runs runs) {
        runs.routines()
                .forEach(one -> rows.missing(
                        "pre_power_run WHERE craft_id = ? AND at = ?",
                        List.of(rows.craftId(), one.at()),
                        "INSERT INTO pre_power_run (craft_id, at, passed, minutes, body) VALUES (?, ?, ?, ?, ?)",
                        rows.craftId(),
                        one.at(),
                        one.passed() ? 1 : 0,
                        one.minutes(),
                        rows.json().write(one.run())));
        runs.setUps().forEach(one -> {
            rows.missing(
                    "set_up WHERE craft_id = ? AND begun_at = ?",
                    List.of(rows.craftId(), one.begunAt()),
                    "INSERT INTO set_up (craft_id, occasion, begun_at, ended_at, version, body) VALUES (?, ?, ?, ?, ?, ?)",
                    rows.craftId(),
                    one.occasion(),
                    one.begunAt(),
                    one.endedAt(),
                    one.version(),
                    rows.json().write(one.given()));
            rows.count(rows.database()
                    .sql(
                            "UPDATE set_up SET ended_at = ?, version = ?, body = ? WHERE craft_id = ? AND begun_at = ? AND version < ?")
                    .params(Arrays.asList(
                            AddedRows.text(one.endedAt()),
                            one.version(),
                            rows.json().write(one.given()),
                            rows.craftId(),
                            one.begunAt().toString(),
                            one.version()))
                    .update());
        });
    }

    void dialects(List<FamilyOf> families) {
        families.forEach(one -> rows.missing(
                "firmware_family WHERE id = ?",
                List.of(one.id()),
                "INSERT INTO firmware_family (id, body, entered_at) VALUES (?, ?, ?)",
                one.id(),
                one.table(),
                one.enteredAt()));
    }

    void batteries(List<BatteryOf> batteries) {
        batteries.forEach(one -> {
            rows.missing(
                    "battery WHERE folded = ?",
                    List.of(Folded.of(one.label())),
                    "INSERT INTO battery (label, folded, body, entered_at) VALUES (?, ?, ?, ?)",
                    one.label(),
                    Folded.of(one.label()),
                    rows.json().write(one.battery()),
                    one.enteredAt());
            String label = rows.database()
                    .sql("SELECT label FROM battery WHERE folded = ? LIMIT 1")
                    .param(Folded.of(one.label()))
                    .query(String.class)
                    .single();
            one.entries()
                    .forEach(entry -> rows.missing(
                            "battery_entry WHERE label = ? AND at = ?",
                            List.of(label, entry.at()),
                            "INSERT INTO battery_entry (label, at, body) VALUES (?, ?, ?)",
                            label,
                            entry.at(),
                            rows.json().write(entry.entry())));
        });
    }
}
