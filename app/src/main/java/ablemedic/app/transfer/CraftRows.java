package ablemedic.app.transfer;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SheetForm;
import ablemedic.app.files.FileType;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Folded;
import ablemedic.app.transfer.ChartBundle.CraftOf;
import ablemedic.app.transfer.ChartBundle.FileOf;
import ablemedic.app.transfer.ChartBundle.LineOf;
import ablemedic.app.transfer.ChartBundle.SheetOf;
import ablemedic.app.transfer.ChartBundle.SnapshotOf;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The rows of a craft itself: its sheets, settings exports, log and files. */
final class CraftRows {
    private static final Words REFUSALS =
            Catalogue.beside(CraftRows.class, "refusals").of("craft-rows");

    private final AddedRows rows;

    CraftRows(AddedRows rows) {
        this.rows = rows;
    }

    void craft(CraftOf one, Optional<CraftStore.Row> known) {
        if (known.isEmpty()) {
            rows.insert(
                    "INSERT INTO craft (craft_id, folded, name, class, builder, state, version, entered_at, aside) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                    rows.craftId(),
                    Folded.of(rows.craftId()),
                    one.name(),
                    one.craftClass(),
                    told(one.builder()),
                    one.state(),
                    one.version(),
                    one.enteredAt(),
                    one.aside());
            return;
        }
        if (!known.get().craftId().equals(rows.craftId())
                || !known.get().enteredAt().equals(one.enteredAt())) {
            throw Refusal.conflict(
                    "craft.craftId", REFUSALS.with("craftId", known.get().craftId()), "other-craft");
        }
        if (one.version() > known.get().version()) {
            rows.database()
                    .sql("UPDATE craft SET name = ?, builder = ?, state = ?, version = ?, aside = ? WHERE craft_id = ?")
                    .params(Arrays.asList(
                            one.name(), told(one.builder()), one.state(), one.version(), one.aside(), rows.craftId()))
                    .update();
        }
    }

    void sheet(SheetOf one) {
        String where = "sheets[" + (one.revision() - 1) + "]";
        String body = rows.json().write(one.sheet());
        Optional<String> known = rows.database()
                .sql("SELECT body FROM build_sheet WHERE craft_id = ? AND revision = ? AND entered_at = ?")
                .params(rows.craftId(), one.revision(), one.enteredAt().toString())
                .query(String.class)
                .optional();
        if (known.isPresent()) {
            rows.apart(where, rows.alike(SheetForm.renewed(rows.json(), known.get()), body));
            return;
        }
        rows.apart(
                where,
                rows.database()
                                .sql("SELECT count(*) FROM build_sheet WHERE craft_id = ? AND revision = ?")
                                .params(rows.craftId(), one.revision())
                                .query(Integer.class)
                                .single()
                        == 0);
        rows.insert(
                "INSERT INTO build_sheet (craft_id, revision, body, reason, entered_at) VALUES (?, ?, ?, ?, ?)",
                rows.craftId(),
                one.revision(),
                body,
                one.reason(),
                one.enteredAt());
    }

    void snapshot(SnapshotOf one) {
        Optional<byte[]> known = rows.database()
                .sql("SELECT packed FROM snapshot WHERE craft_id = ? AND number = ?")
                .params(rows.craftId(), one.number())
                .query(byte[].class)
                .optional();
        if (known.isPresent()) {
            rows.apart(
                    "snapshots[" + (one.number() - 1) + "]",
                    Arrays.equals(known.get(), one.packed().read()));
            return;
        }
        rows.insert(
                "INSERT INTO snapshot (craft_id, number, family, version, target, why, name, taken_at, packed) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                rows.craftId(),
                one.number(),
                one.family(),
                one.version(),
                one.target(),
                one.why(),
                one.name(),
                one.takenAt(),
                one.packed().read());
    }

    /** The number of every line of the log here; those not known are added, in their order. */
    List<Long> lines(List<LineOf> all, List<Long> numbers, CraftLog log) {
        Set<Long> taken = new LinkedHashSet<>();
        for (LineOf line : all) {
            Optional<Long> known = rows
                    .database()
                    .sql("SELECT id FROM log_entry WHERE craft_id = ? AND at = ? AND kind = ? AND text = ? ORDER BY id")
                    .params(rows.craftId(), line.at().toString(), line.kind(), line.text())
                    .query(Long.class)
                    .list()
                    .stream()
                    .filter(id -> !taken.contains(id))
                    .findFirst();
            if (known.isEmpty()) {
                rows.insert(
                        "INSERT INTO log_entry (craft_id, at, kind, text, work_up_id) VALUES (?, ?, ?, ?, ?)",
                        rows.craftId(),
                        line.at(),
                        line.kind(),
                        line.text(),
                        line.workUp() == null ? null : numbers.get(line.workUp() - 1));
            }
            taken.add(known.orElseGet(() -> log.newest(rows.craftId())));
        }
        return List.copyOf(taken);
    }

    /** A photo or file; two of one name and moment are the same only byte for byte. */
    void file(FileOf one, List<Long> numbers, List<Long> lines) {
        byte[] bytes = one.bytes().read();
        rows.missing(
                "kept_file WHERE craft_id = ? AND entered_at = ? AND name = ? AND bytes = ?",
                List.of(rows.craftId(), one.enteredAt(), one.name(), bytes),
                "INSERT INTO kept_file (craft_id, work_up_id, n, log_id, name, type, entered_at, bytes) VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                rows.craftId(),
                one.workUp() == null ? null : numbers.get(one.workUp() - 1),
                one.n(),
                one.line() == null ? null : lines.get(one.line() - 1),
                one.name(),
                FileType.of(bytes).orElseThrow().type(),
                one.enteredAt(),
                bytes);
    }

    /** What a chart of an older form does not tell is not known. */
    private static String told(@Nullable String said) {
        return said == null ? "" : said;
    }
}
