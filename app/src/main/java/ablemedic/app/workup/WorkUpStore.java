package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables;
import ablemedic.app.workup.WorkUpEvent.Closed;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.diagnosis.Occasion;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Work-ups and their events in the database. */
@Repository
public class WorkUpStore {
    private static final Words SAID =
            Catalogue.beside(WorkUpStore.class, "words").of("work-up-store");
    private static final Words REFUSALS =
            Catalogue.beside(WorkUpStore.class, "refusals").of("work-up-store");
    /** Work-ups with the last event that closed or opened them again. */
    private static final String WITH_ENDING = """
      SELECT w.*, (SELECT e.body FROM work_up_event e WHERE e.work_up_id = w.id
        AND substr(e.body, 1, 16) IN ('{"kind":"closed"', '{"kind":"reopene') ORDER BY e.n DESC LIMIT 1) AS ending
      FROM work_up w\s""";

    private final JdbcClient database;
    private final Unreadables unreadables;
    private final Json json;

    WorkUpStore(JdbcClient database, Json json, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
        this.json = json;
    }

    /**
     * How a work-up was opened and whether it still is; the kind is the id of its sort of complaint.
     *
     * @param ended how it ended, in words; empty while it is open
     * @param aside why it was put aside, where it was
     * @param rule by which it is worked up
     */
    public record Opened(
            long id,
            String craftId,
            int revision,
            String complaintKind,
            String complaint,
            Occasion occasion,
            Instant openedAt,
            String ended,
            @Nullable String aside,
            int rule) {
        /** The rule of today: what a craft as required gives is expected. By the first, the record stood for that. */
        static final int REQUIRED = 2;

        /** Whether the record stands for what is required. */
        boolean isAsRecorded() {
            return rule < REQUIRED;
        }

        public boolean isOpen() {
            return ended.isEmpty() && aside == null;
        }
    }

    /** An event with its number, from 1, and time. */
    public record Numbered(int n, Instant at, WorkUpEvent event) {}

    @Transactional
    long open(Opened opened) {
        var key = new GeneratedKeyHolder();
        database.sql("""
        INSERT INTO work_up (craft_id, revision, complaint_kind, complaint, occasion, opened_at, rule) VALUES (?, ?, ?, ?, ?, ?, ?)""")
                .params(
                        opened.craftId(),
                        opened.revision(),
                        opened.complaintKind(),
                        opened.complaint(),
                        opened.occasion().name(),
                        opened.openedAt().toString(),
                        opened.rule())
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    /**
     * The work-up of this number.
     *
     * @throws Refusal when there is none
     */
    public Opened get(long id) {
        return database.sql(WITH_ENDING + "WHERE w.id = ?")
                .param(id)
                .query((rs, n) -> opened(rs))
                .optional()
                .orElseThrow(() -> Refusal.unknown("id", REFUSALS.with("id", id), "none"));
    }

    /** Newest first, at most so many. */
    public List<Opened> newest(int most) {
        return database.sql(WITH_ENDING + "ORDER BY w.id DESC LIMIT ?")
                .param(most)
                .query((rs, n) -> opened(rs))
                .list();
    }

    /** Newest first. */
    public List<Opened> of(String craftId) {
        return database.sql(WITH_ENDING + "WHERE w.craft_id = ? ORDER BY w.id DESC")
                .param(craftId)
                .query((rs, n) -> opened(rs))
                .list();
    }

    /** Those that are open or were put aside, newest first. */
    public List<Opened> unfinished() {
        return database.sql("SELECT * FROM (" + WITH_ENDING + ") WHERE ending IS NULL "
                        + "OR substr(ending, 1, 16) <> '{\"kind\":\"closed\"' ORDER BY id DESC")
                .query((rs, n) -> opened(rs))
                .list();
    }

    /** The open work-up of a craft. */
    public Optional<Opened> openOf(String craftId) {
        return of(craftId).stream().filter(Opened::isOpen).findFirst();
    }

    private Opened opened(ResultSet rs) throws SQLException {
        String ending = rs.getString("ending");
        return new Opened(
                rs.getLong("id"),
                rs.getString("craft_id"),
                rs.getInt("revision"),
                rs.getString("complaint_kind"),
                rs.getString("complaint"),
                unreadables.named("work_up", rs, "occasion", Occasion.class, Occasion.NOTHING_KNOWN),
                unreadables.time("work_up", rs, "opened_at"),
                ended(ending),
                rs.getString("aside"),
                rs.getInt("rule"));
    }

    /** How it ended, by its last event of that kind; empty while it is open. */
    private String ended(@Nullable String ending) {
        try {
            return ending != null && EventForm.EVENT.read(json, ending) instanceof Closed closed
                    ? closed.end().label()
                    : "";
        } catch (UnreadableRecordException e) {
            return SAID.line("unreadable").plain();
        }
    }

    /** @throws UnreadableRecordException where one can't be read: without it, the others would tell another story */
    public List<Numbered> events(long id) {
        return database.sql("SELECT work_up_id AS id, n, at, body FROM work_up_event WHERE work_up_id = ? ORDER BY n")
                .param(id)
                .query((rs, n) -> new Numbered(
                        rs.getInt("n"),
                        unreadables.time("work_up_event", rs, "at"),
                        EventForm.EVENT.read(json, rs.getString("body"))))
                .list();
    }

    /** The number of the last event, on which the next write builds. */
    public long version(long id) {
        return database.sql("SELECT coalesce(max(n), 0) FROM work_up_event WHERE work_up_id = ?")
                .param(id)
                .query(Long.class)
                .single();
    }

    /**
     * Adds events after the one that the writer has seen last.
     *
     * @throws Refusal when another was added meanwhile
     */
    @Transactional
    public void add(long id, long version, List<Numbered> events) {
        long now = version(id);
        if (now != version) {
            throw Refusal.stale(version, now);
        }
        for (Numbered numbered : events) {
            database.sql("INSERT INTO work_up_event (work_up_id, n, at, body) VALUES (?, ?, ?, ?)")
                    .params(id, numbered.n(), numbered.at().toString(), EventForm.EVENT.write(json, numbered.event()))
                    .update();
        }
    }

    /** Whether an event comes back from storage as it was. */
    boolean isKeptAsItIs(WorkUpEvent event) {
        return EventForm.EVENT.read(json, EventForm.EVENT.write(json, event)).equals(event);
    }

    /** Has a work-up that is opened again go by the rule of today. */
    @Transactional
    public void byRuleOfToday(long id) {
        database.sql("UPDATE work_up SET rule = ? WHERE id = ?")
                .params(Opened.REQUIRED, id)
                .update();
    }

    /** Takes a work-up off the bench without closing it, with a reason, or puts it back. */
    @Transactional
    public void putAside(long id, @Nullable String reason) {
        database.sql("UPDATE work_up SET aside = ? WHERE id = ?")
                .params(java.util.Arrays.asList(reason, id))
                .update();
    }
}
