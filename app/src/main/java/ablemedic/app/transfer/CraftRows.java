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
                    "INSERT INTO craft (mark, folded, name, class, builder, state, version, entered_at, aside) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                    rows.mark(),
                    Folded.of(rows.mark()),
                    one.name(),
                    one.craftClass(),
                    told(one.builder()),
                    one.state(),
                    one.version(),
                    one.enteredAt(),
                    one.aside());
            return;
        }
        if (!known.get().mark().equals(rows.mark()) || !known.get().enteredAt().equals(one.enteredAt())) {
            throw Refusal.conflict(
                    "craft.mark", REFUSALS.with("mark", known.get().mark()), "other-craft");
        }
        if (one.version() > known.get().version()) {
            rows.database()
                    .sql("UPDATE craft SET name = ?, builder = ?, state = ?, version = ?, aside = ? WHERE mark = ?")
                    .params(Arrays.asList(
                            one.name(), told(one.builder()), one.state(), one.version(), one.aside(), rows.mark()))
                    .update();
        }
    }

    void sheet(SheetOf one) {
        String where = "sheets[" + (one.revision() - 1) + "]";
        String body = rows.json().write(one.sheet());
        Optional<String> known = rows.database()
                .sql("SELECT body FROM build_sheet WHERE mark = ? AND revision = ? AND entered_at = ?")
                .params(rows.mark(), one.revision(), one.enteredAt().toString())
                .query(String.class)
                .optional();
        if (known.isPresent()) {
            rows.apart(where, rows.alike(SheetForm.renewed(rows.json(), known.get()), body));
            return;
        }
        rows.apart(
                where,
                rows.database()
                                .sql("SELECT count(*) FROM build_sheet WHERE mark = ? AND revision = ?")
                                .params(rows.mark(), one.revision())
                                .query(Integer.class)
                                .single()
                        == 0);
        rows.insert(
                "INSERT INTO build_sheet (mark, revision, body, reason, entered_at) VALUES (?, ?, ?, ?, ?)",
                rows.mark(),
                one.revision(),
                body,
                one.reason(),
                one.enteredAt());
    }

    void snapshot(SnapshotOf one) {
        Optional<byte[]> known = rows.database()
                .sql("SELECT packed FROM snapshot WHERE mark = ? AND number = ?")
                .params(rows.mark(), one.number())
                .query(byte[].class)
                .optional();
        if (known.isPresent()) {
            rows.apart(
                    "snapshots[" + (one.number() - 1) + "]",
                    Arrays.equals(known.get(), one.packed().read()));
            return;
        }
        rows.insert(
                "INSERT INTO snapshot (mark, number, family, version, target, why, name, taken_at, packed) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                rows.mark(),
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
                    .sql("SELECT id FROM log_entry WHERE mark = ? AND at = ? AND kind = ? AND text = ? ORDER BY id")
                    .params(rows.mark(), line.at().toString(), line.kind(), line.text())
                    .query(Long.class)
                    .list()
                    .stream()
                    .filter(id -> !taken.contains(id))
                    .findFirst();
            if (known.isEmpty()) {
                rows.insert(
                        "INSERT INTO log_entry (mark, at, kind, text, work_up_id) VALUES (?, ?, ?, ?, ?)",
                        rows.mark(),
                        line.at(),
                        line.kind(),
                        line.text(),
                        line.workUp() == null ? null : numbers.get(line.workUp() - 1));
            }
            taken.add(known.orElseGet(() -> log.newest(rows.mark())));
        }
        return List.copyOf(taken);
    }

    /** A photo or file; two of one name and moment are the same only byte for byte. */
    void file(FileOf one, List<Long> numbers, List<Long> lines) {
        byte[] bytes = one.bytes().read();
        rows.missing(
                "kept_file WHERE mark = ? AND entered_at = ? AND name = ? AND bytes = ?",
                List.of(rows.mark(), one.enteredAt(), one.name(), bytes),
                "INSERT INTO kept_file (mark, work_up_id, n, log_id, name, type, entered_at, bytes) VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                rows.mark(),
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
