package ablemedic.app.files;

import ablemedic.app.http.Refusal;
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
  /** The largest that is kept, bytes, and how many of a craft. */
  public static final int LARGEST = 2 * 1024 * 1024;
  public static final int MOST = 200;

  private final JdbcClient database;

  FileStore(JdbcClient database) {
    this.database = database;
  }

  /**
   * A file that is kept.
   *
   * @param workUpId the work-up that it belongs to, if any
   * @param n        the finding of it
   * @param logId    the line of the craft's log that it belongs to, if any
   */
  public record KeptFile(long id, @Nullable Long workUpId, @Nullable Integer n, @Nullable Long logId, String name, String type, boolean picture, Instant at, int bytes) {}

  /** Beside what a file stands: a work-up and a finding of it, a line of the log, or nothing but the craft. */
  public record Beside(@Nullable Long workUpId, @Nullable Integer n, @Nullable Long logId) {}

  @Transactional
  public void keep(String mark, Beside beside, String name, FileSort sort, byte[] bytes, Instant at) {
    if (database.sql("SELECT count(*) FROM kept_file WHERE mark = ?").param(mark).query(Integer.class).single() >= MOST) {
      throw Refusal.conflict("file", "A craft keeps at most " + MOST + " files. Take one off first.");
    }
    database.sql("INSERT INTO kept_file (mark, work_up_id, n, log_id, name, type, entered_at, bytes) VALUES (?, ?, ?, ?, ?, ?, ?, ?)").params(Arrays.asList(mark, beside.workUpId(), beside.n(), beside.logId(), name, sort.type(), at.toString(), bytes)).update();
  }

  /** Those of a craft, the oldest first. */
  public List<KeptFile> of(String mark) {
    return database.sql("SELECT id, work_up_id, n, log_id, name, type, entered_at, length(bytes) AS size FROM kept_file WHERE mark = ? ORDER BY id").param(mark).query((rs, i) -> kept(rs)).list();
  }

  private static KeptFile kept(ResultSet rs) throws SQLException {
    Long workUpId = number(rs, "work_up_id");
    int number = rs.getInt("n");
    Integer n = rs.wasNull() ? null : number;
    String type = rs.getString("type");
    return new KeptFile(rs.getLong("id"), workUpId, n, number(rs, "log_id"), rs.getString("name"), type, FileSort.ofType(type).isPicture(), Instant.parse(rs.getString("entered_at")), rs.getInt("size"));
  }

  private static @Nullable Long number(ResultSet rs, String column) throws SQLException {
    long number = rs.getLong(column);
    return rs.wasNull() ? null : number;
  }

  /** @throws Refusal where the craft has no such file */
  public KeptFile get(String mark, long id) {
    return of(mark).stream().filter(one -> one.id() == id).findFirst().orElseThrow(() -> Refusal.unknown("id", mark + " has no file " + id + "."));
  }

  public byte[] bytes(long id) {
    return database.sql("SELECT bytes FROM kept_file WHERE id = ?").param(id).query((rs, i) -> rs.getBytes(1)).single();
  }

  @Transactional
  public void takeOff(long id) {
    database.sql("DELETE FROM kept_file WHERE id = ?").param(id).update();
  }
}
