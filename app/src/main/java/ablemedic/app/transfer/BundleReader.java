package ablemedic.app.transfer;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.files.FileStore;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.transfer.ChartBundle.BatteryEntryOf;
import ablemedic.app.transfer.ChartBundle.BatteryOf;
import ablemedic.app.transfer.ChartBundle.CraftOf;
import ablemedic.app.transfer.ChartBundle.EndingOf;
import ablemedic.app.transfer.ChartBundle.EventOf;
import ablemedic.app.transfer.ChartBundle.FamilyOf;
import ablemedic.app.transfer.ChartBundle.FileOf;
import ablemedic.app.transfer.ChartBundle.LineOf;
import ablemedic.app.transfer.ChartBundle.RecordingOf;
import ablemedic.app.transfer.ChartBundle.RepairedOf;
import ablemedic.app.transfer.ChartBundle.RoutineOf;
import ablemedic.app.transfer.ChartBundle.SetUpOf;
import ablemedic.app.transfer.ChartBundle.SheetOf;
import ablemedic.app.transfer.ChartBundle.SnapshotOf;
import ablemedic.app.transfer.ChartBundle.WorkUpOf;
import ablemedic.app.workup.EndStore;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Takes everything of a craft out of the database. */
@Repository
class BundleReader {
    private final JdbcClient database;
    private final Json json;
    private final CraftStore crafts;
    private final FileStore files;
    private final EndStore ends;
    private final Clock clock;

    BundleReader(JdbcClient database, Json json, CraftStore crafts, FileStore files, EndStore ends, Clock clock) {
        this.ends = ends;
        this.database = database;
        this.json = json;
        this.crafts = crafts;
        this.files = files;
        this.clock = clock;
    }

    /**
     * Everything of one craft as it stands now. @throws ablemedic.app.http.Refusal where there is none of this craft ID
     */
    @Transactional(readOnly = true)
    ChartBundle of(String craftId) {
        CraftStore.Row row = crafts.get(craftId);
        LocalNumbers numbers = LocalNumbers.of(database, row.craftId());
        return new ChartBundle(
                new ChartBundle.Heading(ChartBundle.FORMAT, ChartBundle.FORM, clock.instant()),
                new CraftOf(
                        row.craftId(),
                        row.name(),
                        row.craftClass(),
                        row.state().name(),
                        row.version(),
                        row.enteredAt(),
                        row.aside(),
                        row.builder()),
                database.sql("SELECT * FROM build_sheet WHERE craft_id = ? ORDER BY revision")
                        .param(row.craftId())
                        .query((rs, n) -> new SheetOf(
                                rs.getInt("revision"),
                                numbers.travelling(rs.getString("reason")),
                                at(rs, "entered_at"),
                                tree(rs, "body")))
                        .list(),
                database.sql("SELECT * FROM log_entry WHERE craft_id = ? ORDER BY id")
                        .param(row.craftId())
                        .query((rs, n) -> new LineOf(
                                at(rs, "at"),
                                rs.getString("kind"),
                                rs.getString("text"),
                                numbers.workUp(rs.getLong("work_up_id"))))
                        .list(),
                numbers.workUps().stream().map(id -> workUp(id, numbers)).toList(),
                new ChartBundle.Runs(
                        database.sql("SELECT * FROM pre_power_run WHERE craft_id = ? ORDER BY id")
                                .param(row.craftId())
                                .query((rs, n) -> new RoutineOf(
                                        at(rs, "at"),
                                        rs.getInt("passed") == 1,
                                        rs.getDouble("minutes"),
                                        tree(rs, "body")))
                                .list(),
                        database.sql("SELECT * FROM set_up WHERE craft_id = ? ORDER BY id")
                                .param(row.craftId())
                                .query((rs, n) -> new SetUpOf(
                                        rs.getString("occasion"),
                                        at(rs, "begun_at"),
                                        ended(rs),
                                        rs.getLong("version"),
                                        tree(rs, "body")))
                                .list()),
                database.sql(
                                "SELECT id, number, family, version, target, why, name, taken_at FROM snapshot WHERE craft_id = ? ORDER BY number")
                        .param(row.craftId())
                        .query((rs, n) -> new SnapshotOf(
                                rs.getInt("number"),
                                rs.getString("family"),
                                rs.getString("version"),
                                rs.getString("target"),
                                rs.getString("why"),
                                rs.getString("name"),
                                at(rs, "taken_at"),
                                packed("snapshot", rs.getLong("id"))))
                        .list(),
                batteries(row.craftId()),
                database.sql(
                                "SELECT * FROM firmware_family WHERE id IN (SELECT family FROM snapshot WHERE craft_id = ?) ORDER BY id")
                        .param(row.craftId())
                        .query((rs, n) -> new FamilyOf(rs.getString("id"), at(rs, "entered_at"), rs.getString("body")))
                        .list(),
                files.shownOf(row.craftId()).stream()
                        .map(one -> new FileOf(
                                one.workUpId() == null ? null : numbers.workUp(one.workUpId()),
                                one.n(),
                                one.logId() == null ? null : numbers.line(one.logId()),
                                one.name(),
                                one.at(),
                                Attached.in(() -> files.bytes(one.id()))))
                        .toList());
    }

    private WorkUpOf workUp(long id, LocalNumbers numbers) {
        List<EventOf> events = database.sql("SELECT n, at, body FROM work_up_event WHERE work_up_id = ? ORDER BY n")
                .param(id)
                .query((rs, n) -> new EventOf(rs.getInt("n"), at(rs, "at"), numbers.travelling(tree(rs, "body"))))
                .list();
        List<EndingOf> endings = database.sql("SELECT * FROM repair_log_entry WHERE work_up_id = ? ORDER BY id")
                .param(id)
                .query((rs, n) -> new EndingOf(
                        at(rs, "closed_at"),
                        rs.getString("complaint"),
                        rs.getString("ended"),
                        rs.getString("reason"),
                        new RepairedOf(
                                json.texts(rs.getString("causes")),
                                json.texts(rs.getString("kinds")),
                                json.texts(rs.getString("parts")),
                                json.texts(rs.getString("fixes")),
                                json.texts(rs.getString("changes")),
                                json.texts(rs.getString("proof"))),
                        rs.getDouble("minutes")))
                .list();
        List<RecordingOf> recordings = database.sql(
                        "SELECT id, check_id, name, outcome, told, entered_at FROM capture WHERE work_up_id = ? ORDER BY id")
                .param(id)
                .query((rs, n) -> new RecordingOf(
                        rs.getString("check_id"),
                        rs.getString("name"),
                        rs.getString("outcome"),
                        rs.getString("told"),
                        at(rs, "entered_at"),
                        packed("capture", rs.getLong("id"))))
                .list();
        return database.sql("SELECT * FROM work_up WHERE id = ?")
                .param(id)
                .query((rs, n) -> new WorkUpOf(
                        at(rs, "opened_at"),
                        rs.getInt("revision"),
                        rs.getString("complaint_kind"),
                        rs.getString("complaint"),
                        rs.getString("occasion"),
                        rs.getString("aside"),
                        events,
                        endings,
                        recordings,
                        ends.passedOn(
                                        id,
                                        events.isEmpty()
                                                ? 0
                                                : events.get(events.size() - 1).n())
                                .orElse(null)))
                .single();
    }

    /** How much is attached to a craft, bytes, its photos apart. */
    @Transactional(readOnly = true)
    long attached(String craftId) {
        return database.sql(
                        "SELECT coalesce(sum(length(packed)), 0) FROM (SELECT packed FROM snapshot WHERE craft_id = :craftId UNION ALL SELECT packed FROM capture WHERE work_up_id IN (SELECT id FROM work_up WHERE craft_id = :craftId))")
                .param("craftId", craftId)
                .query(Long.class)
                .single();
    }

    private Attached packed(String table, long id) {
        return Attached.in(() -> database.sql("SELECT packed FROM " + table + " WHERE id = ?")
                .param(id)
                .query((rs, n) -> rs.getBytes(1))
                .single());
    }

    /** Batteries in whose entries the craft is named. */
    private List<BatteryOf> batteries(String craftId) {
        List<BatteryOf> all = new ArrayList<>();
        database.sql("SELECT * FROM battery ORDER BY label")
                .query((rs, n) ->
                        new BatteryOf(rs.getString("label"), at(rs, "entered_at"), tree(rs, "body"), List.of()))
                .list()
                .forEach(battery -> {
                    List<BatteryEntryOf> entries = database.sql(
                                    "SELECT * FROM battery_entry WHERE label = ? AND NOT withdrawn ORDER BY id")
                            .param(battery.label())
                            .query((rs, n) -> new BatteryEntryOf(at(rs, "at"), tree(rs, "body")))
                            .list();
                    if (entries.stream()
                            .anyMatch(one ->
                                    craftId.equals(one.entry().path("craft").asString("")))) {
                        all.add(new BatteryOf(battery.label(), battery.enteredAt(), battery.battery(), entries));
                    }
                });
        return all;
    }

    private JsonNode tree(ResultSet rs, String column) throws SQLException {
        return json.read(rs.getString(column), JsonNode.class);
    }

    private static Instant at(ResultSet rs, String column) throws SQLException {
        try {
            return Instant.parse(rs.getString(column));
        } catch (DateTimeException e) {
            throw new UnreadableRecordException("a time", e);
        }
    }

    private static @Nullable Instant ended(ResultSet rs) throws SQLException {
        return rs.getString("ended_at") == null ? null : at(rs, "ended_at");
    }
}
