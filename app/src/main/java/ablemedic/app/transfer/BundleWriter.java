package ablemedic.app.transfer;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SheetForm;
import ablemedic.app.files.FileType;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Folded;
import ablemedic.app.storage.Json;
import ablemedic.app.transfer.ChartBundle.CraftOf;
import ablemedic.app.transfer.ChartBundle.EventOf;
import ablemedic.app.transfer.ChartBundle.FileOf;
import ablemedic.app.transfer.ChartBundle.SheetOf;
import ablemedic.app.transfer.ChartBundle.SnapshotOf;
import ablemedic.app.transfer.ChartBundle.WorkUpOf;
import ablemedic.app.workup.EndStore;
import ablemedic.app.workup.EventForm;
import ablemedic.app.workup.WorkUpStore;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/**
 * Puts everything of a craft into the database: what is there already stays, what is new is added behind it. Where both
 * sides went on from the same point, nothing is written.
 */
@Repository
class BundleWriter {
    private static final Words SAID =
            Catalogue.beside(BundleWriter.class, "words").of("bundle-writer");
    private static final Words REFUSALS =
            Catalogue.beside(BundleWriter.class, "refusals").of("bundle-writer");
    private final JdbcClient database;
    private final Json json;
    private final CraftStore crafts;
    private final CraftLog log;
    private final WorkUpStore workUps;
    private final EndStore ends;
    private final BundleCheck check;
    private final Clock clock;

    BundleWriter(
            JdbcClient database,
            Json json,
            CraftStore crafts,
            CraftLog log,
            WorkUpStore workUps,
            EndStore ends,
            BundleCheck check,
            Clock clock) {
        this.ends = ends;
        this.database = database;
        this.json = json;
        this.crafts = crafts;
        this.log = log;
        this.workUps = workUps;
        this.check = check;
        this.clock = clock;
    }

    /**
     * What came of a document.
     *
     * @param added how many records were new
     * @param news whether the craft itself was
     */
    record TakenIn(String mark, int added, boolean news) {}

    /** @throws Refusal where it is no chart that goes here, with the place; nothing is written then */
    @Transactional
    TakenIn take(ChartBundle came) {
        return new Taking(check.checked(came)).done();
    }

    /** One document on its way in. */
    private final class Taking {
        private final ChartBundle came;
        private final String mark;
        private int added;

        Taking(ChartBundle came) {
            this.came = came;
            this.mark = came.craft().mark();
        }

        TakenIn done() {
            Optional<CraftStore.Row> known = crafts.find(mark);
            craft(came.craft(), known);
            came.sheets().forEach(this::sheet);
            came.snapshots().forEach(this::snapshot);
            List<Long> numbers = came.workUps().stream().map(this::workUp).toList();
            List<Long> lines = lines(numbers);
            LocalNumbers local = new LocalNumbers(
                    numbers, lines, LocalNumbers.of(database, mark).snapshots());
            came.sheets()
                    .forEach(sheet -> database.sql("UPDATE build_sheet SET reason = ? WHERE mark = ? AND revision = ?")
                            .params(local.local(sheet.reason()), mark, sheet.revision())
                            .update());
            for (int i = 0; i < numbers.size(); i++) {
                happened(i, numbers.get(i), local);
            }
            rest();
            came.files().forEach(one -> file(one, numbers, lines));
            if (workUps.of(mark).stream().filter(WorkUpStore.Opened::isOpen).count() > 1) {
                throw Refusal.conflict("workUps", REFUSALS.with("mark", mark), "both-open");
            }
            if (added > 0) {
                log.add(
                        mark,
                        clock.instant(),
                        "bundle",
                        SAID.with("day", came.writtenAt().toString().substring(0, 10))
                                .with("added", new Param.Count(added))
                                .line("imported")
                                .plain(),
                        null);
                database.sql("UPDATE craft SET version = max(version + 1, ?) WHERE mark = ?")
                        .params(came.craft().version(), mark)
                        .update();
            }
            return new TakenIn(mark, added, known.isEmpty());
        }

        /** A photo or file; two of one name and moment are the same only byte for byte. */
        private void file(FileOf one, List<Long> numbers, List<Long> lines) {
            byte[] bytes = one.bytes().read();
            missing(
                    "kept_file WHERE mark = ? AND entered_at = ? AND name = ? AND bytes = ?",
                    List.of(mark, one.enteredAt(), one.name(), bytes),
                    "INSERT INTO kept_file (mark, work_up_id, n, log_id, name, type, entered_at, bytes) VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                    mark,
                    one.workUp() == null ? null : numbers.get(one.workUp() - 1),
                    one.n(),
                    one.line() == null ? null : lines.get(one.line() - 1),
                    one.name(),
                    FileType.of(bytes).orElseThrow().type(),
                    one.enteredAt(),
                    bytes);
        }

        private void craft(CraftOf one, Optional<CraftStore.Row> known) {
            if (known.isEmpty()) {
                insert(
                        "INSERT INTO craft (mark, folded, name, class, builder, state, version, entered_at, aside) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                        mark,
                        Folded.of(mark),
                        one.name(),
                        one.craftClass(),
                        told(one.builder()),
                        one.state(),
                        one.version(),
                        one.enteredAt(),
                        one.aside());
                return;
            }
            if (!known.get().mark().equals(mark) || !known.get().enteredAt().equals(one.enteredAt())) {
                throw Refusal.conflict(
                        "craft.mark", REFUSALS.with("mark", known.get().mark()), "other-craft");
            }
            if (one.version() > known.get().version()) {
                database.sql("UPDATE craft SET name = ?, builder = ?, state = ?, version = ?, aside = ? WHERE mark = ?")
                        .params(Arrays.asList(
                                one.name(), told(one.builder()), one.state(), one.version(), one.aside(), mark))
                        .update();
            }
        }

        private void sheet(SheetOf one) {
            String where = "sheets[" + (one.revision() - 1) + "]";
            String body = json.write(one.sheet());
            Optional<String> known = database.sql(
                            "SELECT body FROM build_sheet WHERE mark = ? AND revision = ? AND entered_at = ?")
                    .params(mark, one.revision(), one.enteredAt().toString())
                    .query(String.class)
                    .optional();
            if (known.isPresent()) {
                apart(where, alike(SheetForm.renewed(json, known.get()), body));
                return;
            }
            apart(
                    where,
                    database.sql("SELECT count(*) FROM build_sheet WHERE mark = ? AND revision = ?")
                                    .params(mark, one.revision())
                                    .query(Integer.class)
                                    .single()
                            == 0);
            insert(
                    "INSERT INTO build_sheet (mark, revision, body, reason, entered_at) VALUES (?, ?, ?, ?, ?)",
                    mark,
                    one.revision(),
                    body,
                    one.reason(),
                    one.enteredAt());
        }

        private void snapshot(SnapshotOf one) {
            Optional<byte[]> known = database.sql("SELECT packed FROM snapshot WHERE mark = ? AND number = ?")
                    .params(mark, one.number())
                    .query(byte[].class)
                    .optional();
            if (known.isPresent()) {
                apart(
                        "snapshots[" + (one.number() - 1) + "]",
                        Arrays.equals(known.get(), one.packed().read()));
                return;
            }
            insert(
                    "INSERT INTO snapshot (mark, number, family, version, target, why, name, taken_at, packed) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                    mark,
                    one.number(),
                    one.family(),
                    one.version(),
                    one.target(),
                    one.why(),
                    one.name(),
                    one.takenAt(),
                    one.packed().read());
        }

        /** The number of a work-up here; it is opened where it is not known. */
        private long workUp(WorkUpOf one) {
            Optional<Long> known = database.sql(
                            "SELECT id FROM work_up WHERE mark = ? AND opened_at = ? AND complaint = ?")
                    .params(mark, one.openedAt().toString(), one.complaint())
                    .query(Long.class)
                    .optional();
            if (known.isPresent()) {
                return known.get();
            }
            GeneratedKeyHolder key = new GeneratedKeyHolder();
            database.sql(
                            "INSERT INTO work_up (mark, revision, complaint_kind, complaint, occasion, opened_at, aside) VALUES (?, ?, ?, ?, ?, ?, ?)")
                    .params(Arrays.asList(
                            mark,
                            one.revision(),
                            one.complaintKind(),
                            one.complaint(),
                            one.occasion(),
                            one.openedAt().toString(),
                            one.aside()))
                    .update(key);
            added++;
            return Objects.requireNonNull(key.getKey()).longValue();
        }

        /** The number of every line of the log here; those not known are added, in their order. */
        private List<Long> lines(List<Long> numbers) {
            Set<Long> taken = new LinkedHashSet<>();
            for (ChartBundle.LineOf line : came.log()) {
                Optional<Long> known = database
                        .sql("SELECT id FROM log_entry WHERE mark = ? AND at = ? AND kind = ? AND text = ? ORDER BY id")
                        .params(mark, line.at().toString(), line.kind(), line.text())
                        .query(Long.class)
                        .list()
                        .stream()
                        .filter(id -> !taken.contains(id))
                        .findFirst();
                if (known.isEmpty()) {
                    insert(
                            "INSERT INTO log_entry (mark, at, kind, text, work_up_id) VALUES (?, ?, ?, ?, ?)",
                            mark,
                            line.at(),
                            line.kind(),
                            line.text(),
                            line.workUp() == null ? null : numbers.get(line.workUp() - 1));
                }
                taken.add(known.orElseGet(() -> log.newest(mark)));
            }
            return List.copyOf(taken);
        }

        private void happened(int index, long id, LocalNumbers local) {
            WorkUpOf one = came.workUps().get(index);
            List<String> known = database.sql("SELECT body FROM work_up_event WHERE work_up_id = ? ORDER BY n")
                    .param(id)
                    .query(String.class)
                    .list();
            for (EventOf event : one.events()) {
                String body = json.write(local.local(event.event()));
                if (event.n() <= known.size()) {
                    apart(
                            "workUps[" + index + "].events[" + (event.n() - 1) + "]",
                            alike(EventForm.EVENT.renewed(json, known.get(event.n() - 1)), body));
                } else {
                    insert(
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
                    .forEach(end -> missing(
                            "ledger_entry WHERE work_up_id = ? AND closed_at = ?",
                            List.of(id, end.closedAt()),
                            """
          INSERT INTO ledger_entry (work_up_id, mark, closed_at, complaint, ended, reason, causes, kinds, parts, fixes, changes, proof, minutes) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""",
                            id,
                            mark,
                            end.closedAt(),
                            end.complaint(),
                            end.ended(),
                            end.reason(),
                            end.causes(),
                            end.kinds(),
                            told(end.parts()),
                            end.fixes(),
                            end.changes(),
                            end.proof(),
                            end.minutes()));
            one.recordings()
                    .forEach(file -> missing(
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

        private void rest() {
            came.routines()
                    .forEach(one -> missing(
                            "routine_run WHERE mark = ? AND at = ?",
                            List.of(mark, one.at()),
                            "INSERT INTO routine_run (mark, at, passed, minutes, body) VALUES (?, ?, ?, ?, ?)",
                            mark,
                            one.at(),
                            one.passed() ? 1 : 0,
                            one.minutes(),
                            json.write(one.run())));
            came.setUps().forEach(one -> {
                missing(
                        "set_up WHERE mark = ? AND begun_at = ?",
                        List.of(mark, one.begunAt()),
                        "INSERT INTO set_up (mark, occasion, begun_at, ended_at, version, body) VALUES (?, ?, ?, ?, ?, ?)",
                        mark,
                        one.occasion(),
                        one.begunAt(),
                        one.endedAt(),
                        one.version(),
                        json.write(one.given()));
                added += database.sql(
                                "UPDATE set_up SET ended_at = ?, version = ?, body = ? WHERE mark = ? AND begun_at = ? AND version < ?")
                        .params(Arrays.asList(
                                text(one.endedAt()),
                                one.version(),
                                json.write(one.given()),
                                mark,
                                one.begunAt().toString(),
                                one.version()))
                        .update();
            });
            came.families()
                    .forEach(one -> missing(
                            "firmware_family WHERE id = ?",
                            List.of(one.id()),
                            "INSERT INTO firmware_family (id, body, entered_at) VALUES (?, ?, ?)",
                            one.id(),
                            one.table(),
                            one.enteredAt()));
            came.batteries().forEach(one -> {
                missing(
                        "pack WHERE folded = ?",
                        List.of(Folded.of(one.label())),
                        "INSERT INTO pack (label, folded, body, entered_at) VALUES (?, ?, ?, ?)",
                        one.label(),
                        Folded.of(one.label()),
                        json.write(one.battery()),
                        one.enteredAt());
                String label = database.sql("SELECT label FROM pack WHERE folded = ? LIMIT 1")
                        .param(Folded.of(one.label()))
                        .query(String.class)
                        .single();
                one.entries()
                        .forEach(entry -> missing(
                                "pack_entry WHERE label = ? AND at = ?",
                                List.of(label, entry.at()),
                                "INSERT INTO pack_entry (label, at, body) VALUES (?, ?, ?)",
                                label,
                                entry.at(),
                                json.write(entry.entry())));
            });
        }

        /** Whether two records say the same, in whatever order. */
        private boolean alike(String one, String other) {
            return json.read(one, JsonNode.class).equals(json.read(other, JsonNode.class));
        }

        private void apart(String where, boolean alike) {
            if (!alike) {
                throw Refusal.conflict(where, REFUSALS.with("mark", mark), "apart");
            }
        }

        /** Adds a row unless one of its kind is there. */
        private void missing(String there, List<?> named, String insert, @Nullable Object... values) {
            if (database.sql("SELECT count(*) FROM " + there)
                            .params(named.stream().map(Taking::text).toList())
                            .query(Integer.class)
                            .single()
                    == 0) {
                insert(insert, values);
            }
        }

        private void insert(String insert, @Nullable Object... values) {
            database.sql(insert)
                    .params(Arrays.stream(values).map(Taking::text).toList())
                    .update();
            added++;
        }

        /** What a chart of an older form does not tell is not known. */
        private static String told(@Nullable String said) {
            return said == null ? "" : said;
        }

        private static @Nullable Object text(@Nullable Object value) {
            return value instanceof Instant at ? at.toString() : value;
        }
    }
}
