package ablemedic.app.chart;

import ablemedic.app.chart.Corrections.EntryCorrection;
import ablemedic.app.chart.Corrections.What;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * The logs of the crafts. Lines stand in the order in which they were written, not by their times: a clock that was
 * ahead for a day must not put yesterday's crash before last week's test.
 */
@Repository
public class CraftLog {
    private static final Words REFUSALS =
            Catalogue.beside(CraftLog.class, "refusals").of("craft-log");
    /** After a line of these the pre-power routine is due. */
    private static final Set<String> MAKES_DUE = Set.of("entered", "crash", "part", "opened", "repair");
    /** Lines that speak of the pre-power routine: what makes it due, and how it went. */
    public static final Set<String> OF_ROUTINE =
            Set.of("entered", "crash", "part", "opened", "repair", "routine", "routine-failed");

    /** Lines that somebody wrote by hand, and may put right. */
    private static final Set<String> BY_HAND = Set.of("flight", "note", "crash", "part", "opened", "flash");
    /** The kind of a line that was taken back; it counts for nothing. */
    private static final String WITHDRAWN = "withdrawn";

    private final JdbcClient database;
    private final Unreadables unreadables;
    private final Corrections corrections;

    CraftLog(JdbcClient database, Corrections corrections, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
        this.corrections = corrections;
    }

    /**
     * A line of the log; numbers grow with every line.
     *
     * @param byHand whether it can be put right
     */
    public record LogEntry(
            long id,
            Instant at,
            String kind,
            String text,
            @Nullable Long workUpId,
            boolean byHand) {}

    public static boolean makesDue(String kind) {
        return MAKES_DUE.contains(kind);
    }

    @Transactional
    public void add(String craftId, Instant at, String kind, String text, @Nullable Long workUpId) {
        database.sql("INSERT INTO log_entry (craft_id, at, kind, text, work_up_id) VALUES (?, ?, ?, ?, ?)")
                .params(Arrays.asList(craftId, at.toString(), kind, text, workUpId))
                .update();
    }

    /** Newest first. */
    public List<LogEntry> of(String craftId) {
        return database.sql("SELECT * FROM log_entry WHERE craft_id = ? ORDER BY id DESC")
                .param(craftId)
                .query((rs, n) -> entry(rs))
                .list();
    }

    /** The last line that speaks of the pre-power routine: it was made or became due. */
    public Optional<LogEntry> lastOfRoutine(String craftId) {
        return database.sql("""
        SELECT * FROM log_entry WHERE craft_id = :craftId AND kind IN (:kinds) ORDER BY id DESC LIMIT 1""")
                .param("craftId", craftId)
                .param("kinds", OF_ROUTINE)
                .query((rs, n) -> entry(rs))
                .optional();
    }

    /** The lines of some kinds, newest first. */
    public List<LogEntry> of(String craftId, Set<String> kinds) {
        return database.sql("SELECT * FROM log_entry WHERE craft_id = :craftId AND kind IN (:kinds) ORDER BY id DESC")
                .param("craftId", craftId)
                .param("kinds", kinds)
                .query((rs, n) -> entry(rs))
                .list();
    }

    /** Whether it ever had a line of a kind. */
    public boolean has(String craftId, String kind) {
        return database.sql("SELECT EXISTS (SELECT 1 FROM log_entry WHERE craft_id = ? AND kind = ?)")
                .params(craftId, kind)
                .query(Boolean.class)
                .single();
    }

    /** The number of the newest line; it grows with every line. */
    public long newest(String craftId) {
        return database.sql("SELECT coalesce(max(id), 0) FROM log_entry WHERE craft_id = ?")
                .param(craftId)
                .query(Long.class)
                .single();
    }

    /**
     * Puts a line right that was written by hand, or takes it back where no kind is given; what was there stays in its
     * history.
     */
    @Transactional
    public void correct(String craftId, long id, @Nullable String kind, String text, String reason, Instant at) {
        LogEntry line = database.sql("SELECT * FROM log_entry WHERE craft_id = ? AND id = ?")
                .params(craftId, id)
                .query((rs, n) -> entry(rs))
                .optional()
                .orElseThrow(() ->
                        Refusal.unknown("id", REFUSALS.with("craftId", craftId).with("id", id), "no-line"));
        if (!line.byHand()) {
            throw Refusal.conflict("id", REFUSALS, "not-by-hand");
        }
        corrections.add(What.LOG, new EntryCorrection(id, at, line.kind() + ": " + line.text(), reason, kind == null));
        database.sql("UPDATE log_entry SET kind = ?, text = ? WHERE id = ?")
                .params(kind == null ? WITHDRAWN : kind, kind == null ? line.text() : text, id)
                .update();
    }

    private LogEntry entry(java.sql.ResultSet rs) throws java.sql.SQLException {
        long workUp = rs.getLong("work_up_id");
        Long workUpId = rs.wasNull() ? null : workUp;
        return new LogEntry(
                rs.getLong("id"),
                unreadables.time("log_entry", rs, "at"),
                rs.getString("kind"),
                rs.getString("text"),
                workUpId,
                workUpId == null && BY_HAND.contains(rs.getString("kind")));
    }
}
