package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.diagnosis.Occasion;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Work-ups and their events in the database. */
@Repository
public class WorkUpStore {
  private final JdbcClient database;
  private final Json json;

  WorkUpStore(JdbcClient database, Json json) {
    this.database = database;
    this.json = json;
  }

  /** How a work-up was opened; the kind is the id of its sort of complaint. */
  public record Opened(
      long id, String mark, int revision, String complaintKind, String complaint, Occasion occasion, Instant openedAt) {}

  /** An event with its number, from 1, and time. */
  public record Numbered(int n, Instant at, WorkUpEvent event) {}

  public long open(String mark, int revision, String kind, String complaint, Occasion occasion, Instant at) {
    var key = new GeneratedKeyHolder();
    database.sql("""
        INSERT INTO work_up (mark, revision, complaint_kind, complaint, occasion, opened_at) VALUES (?, ?, ?, ?, ?, ?)""")
        .params(mark, revision, kind, complaint, occasion.name(), at.toString()).update(key);
    return java.util.Objects.requireNonNull(key.getKey()).longValue();
  }

  /**
   * The work-up of this number.
   *
   * @throws Refusal when there is none
   */
  public Opened get(long id) {
    return database.sql("SELECT * FROM work_up WHERE id = ?").param(id).query((rs, n) -> opened(rs)).optional()
        .orElseThrow(() -> Refusal.unknown("id", "There is no work-up number " + id + "."));
  }

  public List<Opened> all() {
    return database.sql("SELECT * FROM work_up ORDER BY id DESC").query((rs, n) -> opened(rs)).list();
  }

  public List<Opened> of(String mark) {
    return database.sql("SELECT * FROM work_up WHERE mark = ? ORDER BY id DESC").param(mark)
        .query((rs, n) -> opened(rs)).list();
  }

  private static Opened opened(java.sql.ResultSet rs) throws java.sql.SQLException {
    return new Opened(rs.getLong("id"), rs.getString("mark"), rs.getInt("revision"),
        rs.getString("complaint_kind"), rs.getString("complaint"),
        Occasion.valueOf(rs.getString("occasion")), Instant.parse(rs.getString("opened_at")));
  }

  public List<Numbered> events(long id) {
    return database.sql("SELECT n, at, body FROM work_up_event WHERE work_up_id = ? ORDER BY n").param(id)
        .query((rs, n) -> new Numbered(rs.getInt("n"), Instant.parse(rs.getString("at")),
            json.read(rs.getString("body"), WorkUpEvent.class)))
        .list();
  }

  /**
   * Adds an event after the one that the writer has seen last.
   *
   * @throws Refusal when another was added meanwhile
   */
  @Transactional
  public void add(long id, long version, WorkUpEvent event, Instant at) {
    long now = database.sql("SELECT coalesce(max(n), 0) FROM work_up_event WHERE work_up_id = ?").param(id)
        .query(Long.class).single();
    if (now != version) {
      throw Refusal.stale(version, now);
    }
    database.sql("INSERT INTO work_up_event VALUES (?, ?, ?, ?)")
        .params(id, version + 1, at.toString(), json.write(event)).update();
  }

  public boolean isOpen(long id) {
    return ended(id).isEmpty();
  }

  /** How it ended, in words, where it has. */
  public Optional<String> ended(long id) {
    List<Numbered> events = events(id);
    for (int i = events.size() - 1; i >= 0; i--) {
      if (events.get(i).event() instanceof WorkUpEvent.Closed closed) {
        return Optional.of(closed.end().label());
      }
      if (events.get(i).event() instanceof WorkUpEvent.Reopened) {
        return Optional.empty();
      }
    }
    return Optional.empty();
  }
}
