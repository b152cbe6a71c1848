package ablemedic.app.files;

import ablemedic.app.chart.Corrections;
import ablemedic.app.chart.Corrections.EntryCorrection;
import ablemedic.app.chart.Corrections.What;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Files of each craft in the database. */
@Repository
public class FileStore {
    private static final Words SAID = Catalogue.beside(FileStore.class, "words").of("file-store");
    private static final Words REFUSALS =
            Catalogue.beside(FileStore.class, "refusals").of("file-store");
    /** The largest that is kept, bytes, and how many of a craft. */
    public static final int LARGEST = 2 * 1024 * 1024;

    public static final int MOST = 200;

    private final JdbcClient database;
    private final Unreadables unreadables;
    private final Corrections corrections;

    FileStore(JdbcClient database, Corrections corrections, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
        this.corrections = corrections;
    }

    /**
     * A file that is kept.
     *
     * @param workUpId the work-up that it belongs to, if any
     * @param n the finding of it
     * @param logId the line of the craft's log that it belongs to, if any
     * @param withdrawn whether it was taken off; it can be brought back
     */
    public record KeptFile(
            long id,
            @Nullable Long workUpId,
            @Nullable Integer n,
            @Nullable Long logId,
            String name,
            String type,
            boolean picture,
            Instant at,
            int bytes,
            boolean withdrawn) {
        /** What it is called and beside what it stands, in words. */
        String said() {
            String beside = workUpId != null ? n == null ? "work-up" : "finding" : logId != null ? "log" : "alone";
            return SAID.with("name", name)
                    .with("workUp", workUpId)
                    .with("n", n)
                    .with("removed", Param.when(withdrawn))
                    .line(beside)
                    .plain();
        }
    }

    /** Beside what a file stands: a work-up and a finding of it, a line of the log, or nothing but the craft. */
    public record Beside(
            @Nullable Long workUpId,
            @Nullable Integer n,
            @Nullable Long logId) {}

    @Transactional
    public void keep(String craftId, Beside beside, String name, FileType sort, byte[] bytes, Instant at) {
        if (database.sql("SELECT count(*) FROM kept_file WHERE craft_id = ? AND withdrawn = 0")
                        .param(craftId)
                        .query(Integer.class)
                        .single()
                >= MOST) {
            throw Refusal.conflict("file", REFUSALS.with("most", MOST), "files");
        }
        database.sql(
                        "INSERT INTO kept_file (craft_id, work_up_id, n, log_id, name, type, entered_at, bytes) VALUES (?, ?, ?, ?, ?, ?, ?, ?)")
                .params(Arrays.asList(
                        craftId,
                        beside.workUpId(),
                        beside.n(),
                        beside.logId(),
                        name,
                        sort.type(),
                        at.toString(),
                        bytes))
                .update();
    }

    /** Those of a craft, the oldest first. */
    public List<KeptFile> of(String craftId) {
        return unreadables.rows(
                "kept_file",
                database.sql(
                                "SELECT id, craft_id, work_up_id, n, log_id, name, type, entered_at, withdrawn, length(bytes) AS size FROM kept_file WHERE craft_id = ? ORDER BY id")
                        .param(craftId),
                (rs, i) -> kept(rs));
    }

    /** What is kept, and not taken off. */
    public List<KeptFile> shownOf(String craftId) {
        return of(craftId).stream().filter(file -> !file.withdrawn()).toList();
    }

    /** Names a file anew, puts it beside something else, or brings it back; what was there stays in its history. */
    @Transactional
    public void correct(KeptFile file, String name, Beside beside, String reason, Instant at) {
        corrections.add(What.FILE, new EntryCorrection(file.id(), at, file.said(), reason, false));
        database.sql("UPDATE kept_file SET name = ?, work_up_id = ?, n = ?, log_id = ?, withdrawn = 0 WHERE id = ?")
                .params(Arrays.asList(name, beside.workUpId(), beside.n(), beside.logId(), file.id()))
                .update();
    }

    private KeptFile kept(ResultSet rs) throws SQLException {
        Long workUpId = number(rs, "work_up_id");
        int number = rs.getInt("n");
        Integer n = rs.wasNull() ? null : number;
        FileType sort = FileType.ofType(rs.getString("type"));
        return new KeptFile(
                rs.getLong("id"),
                workUpId,
                n,
                number(rs, "log_id"),
                rs.getString("name"),
                sort.type(),
                sort.isPicture(),
                unreadables.time("kept_file", rs, "entered_at"),
                rs.getInt("size"),
                rs.getBoolean("withdrawn"));
    }

    private static @Nullable Long number(ResultSet rs, String column) throws SQLException {
        long number = rs.getLong(column);
        return rs.wasNull() ? null : number;
    }

    /** @throws Refusal where the craft has no such file */
    public KeptFile get(String craftId, long id) {
        return of(craftId).stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() ->
                        Refusal.unknown("id", REFUSALS.with("craftId", craftId).with("id", id), "no-file"));
    }

    public byte[] bytes(long id) {
        return database.sql("SELECT bytes FROM kept_file WHERE id = ?")
                .param(id)
                .query((rs, i) -> rs.getBytes(1))
                .single();
    }

    /** Takes a file off; so many that were taken off stay, the newest. */
    @Transactional
    public void takeOff(String craftId, KeptFile file, String reason, Instant at) {
        corrections.add(What.FILE, new EntryCorrection(file.id(), at, file.said(), reason, true));
        database.sql("UPDATE kept_file SET withdrawn = 1 WHERE id = ?")
                .param(file.id())
                .update();
        database.sql("""
        DELETE FROM kept_file WHERE craft_id = :craftId AND withdrawn = 1 AND id NOT IN (
          SELECT entry_id FROM correction WHERE what = 'FILE' AND withdrawn = 1 GROUP BY entry_id ORDER BY max(id) DESC LIMIT :most)""").param("craftId", craftId).param("most", MOST).update();
    }
}
