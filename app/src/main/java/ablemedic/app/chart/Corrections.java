package ablemedic.app.chart;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What was entered by mistake and put right, with what was there before. */
@Repository
public class Corrections {
    private static final Words REFUSALS =
            Catalogue.beside(Corrections.class, "refusals").of("corrections");
    private final Unreadables unreadables;
    private final JdbcClient database;

    Corrections(JdbcClient database, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
    }

    /** What an entry is of. */
    public enum What {
        LOG,
        // As it is stored.
        PACK,
        FILE
    }

    /**
     * One correction.
     *
     * @param entryId of the line or entry
     * @param before what was there
     * @param withdrawn whether nothing took its place
     */
    public record EntryCorrection(long entryId, Instant at, String before, String reason, boolean withdrawn) {}

    @Transactional
    public void add(What what, EntryCorrection correction) {
        database.sql("INSERT INTO correction (what, entry_id, at, before, reason, withdrawn) VALUES (?, ?, ?, ?, ?, ?)")
                .params(
                        what.name(),
                        correction.entryId(),
                        correction.at().toString(),
                        correction.before(),
                        correction.reason(),
                        correction.withdrawn())
                .update();
    }

    /** Those of the lines of a craft's log, newest first. */
    public List<EntryCorrection> ofLog(String craftId) {
        return of(What.LOG, "SELECT id FROM log_entry WHERE craft_id = ?", craftId);
    }

    /** Those of the entries of a battery, newest first. */
    public List<EntryCorrection> ofBattery(String label) {
        return of(What.PACK, "SELECT id FROM battery_entry WHERE label = ?", label);
    }

    /** Those of the files of a craft, newest first. */
    public List<EntryCorrection> ofFiles(String craftId) {
        return of(What.FILE, "SELECT id FROM kept_file WHERE craft_id = ?", craftId);
    }

    private List<EntryCorrection> of(What what, String entries, String owner) {
        return database.sql(
                        "SELECT * FROM correction WHERE what = ? AND entry_id IN (" + entries + ") ORDER BY id DESC")
                .params(what.name(), owner)
                .query((rs, n) -> new EntryCorrection(
                        rs.getLong("entry_id"),
                        unreadables.time("correction", rs, "at"),
                        rs.getString("before"),
                        rs.getString("reason"),
                        rs.getBoolean("withdrawn")))
                .list();
    }

    /** A reason as it is kept. @throws Refusal where there is none */
    public static String reason(@Nullable String reason) {
        if (reason == null || reason.isBlank()) {
            throw Refusal.wrong("reason", REFUSALS, "reason");
        }
        return reason.strip();
    }
}
