package ablemedic.app.chart;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.craft.Craft;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Crafts, their build sheets and their logs in the database. */
@Repository
public class CraftStore {
  private static final int CRAFTS_KEPT = 64;

  private final JdbcClient database;
  private final Json json;
  private final Map<String, Craft> crafts = new LinkedHashMap<>(16, 0.75f, true) {
    private static final long serialVersionUID = 1;

    @Override
    protected boolean removeEldestEntry(Map.Entry<String, Craft> eldest) {
      return size() > CRAFTS_KEPT;
    }
  };

  CraftStore(JdbcClient database, Json json) {
    this.database = database;
    this.json = json;
  }

  /** Whether a craft may fly. */
  public enum State {
    FIT, GROUNDED
  }

  /** A craft without its sheet. */
  public record Row(String mark, String name, String craftClass, State state, long version, Instant enteredAt) {}

  /** A build sheet with its number and reason. */
  public record Revision(int number, String reason, Instant enteredAt, BuildSheet sheet) {}

  /** A line of the log. */
  public record LogEntry(Instant at, String kind, String text, @org.jspecify.annotations.Nullable Long workUpId) {}

  public List<Row> all() {
    return database.sql("SELECT * FROM craft ORDER BY mark").query((rs, n) -> row(rs)).list();
  }

  public Optional<Row> find(String mark) {
    return database.sql("SELECT * FROM craft WHERE mark = ?").param(mark).query((rs, n) -> row(rs)).optional();
  }

  /**
   * The craft of this mark.
   *
   * @throws Refusal when there is none
   */
  public Row get(String mark) {
    return find(mark).orElseThrow(() -> Refusal.unknown("mark", "No craft is marked “" + mark + "”. Those there are: "
        + String.join(", ", all().stream().map(Row::mark).toList()) + "."));
  }

  private static Row row(java.sql.ResultSet rs) throws java.sql.SQLException {
    return new Row(rs.getString("mark"), rs.getString("name"), rs.getString("class"),
        State.valueOf(rs.getString("state")), rs.getLong("version"), Instant.parse(rs.getString("entered_at")));
  }

  /** Enters a new craft with its first build sheet. */
  @Transactional
  public void enter(String mark, String name, String craftClass, BuildSheet sheet, Instant at) {
    if (find(mark).isPresent()) {
      throw Refusal.conflict("mark", "There is a craft marked “" + mark + "” already. Choose another mark.");
    }
    database.sql("INSERT INTO craft VALUES (?, ?, ?, 'FIT', 1, ?)")
        .params(mark, name, craftClass, at.toString()).update();
    insertSheet(mark, 1, sheet, "first entered", at);
    log(mark, at, "entered", "Entered: " + craftClass, null);
  }

  public Revision newestSheet(String mark) {
    return database.sql("SELECT * FROM build_sheet WHERE mark = ? ORDER BY revision DESC LIMIT 1").param(mark)
        .query((rs, n) -> revision(rs)).single();
  }

  public BuildSheet sheet(String mark, int revision) {
    return json.read(database.sql("SELECT body FROM build_sheet WHERE mark = ? AND revision = ?")
        .params(mark, revision).query(String.class).single(), BuildSheet.class);
  }

  /** The craft of a revision; revisions never change, so the last few are kept. */
  public Craft craft(String mark, int revision) {
    synchronized (crafts) {
      return crafts.computeIfAbsent(mark + "/" + revision, key -> sheet(mark, revision).toCraft());
    }
  }

  /** The craft as on its newest sheet. */
  public Craft newestCraft(String mark) {
    return craft(mark, database.sql("SELECT max(revision) FROM build_sheet WHERE mark = ?").param(mark)
        .query(Integer.class).single());
  }

  public List<Revision> revisions(String mark) {
    return database.sql("SELECT * FROM build_sheet WHERE mark = ? ORDER BY revision").param(mark)
        .query((rs, n) -> revision(rs)).list();
  }

  private Revision revision(java.sql.ResultSet rs) throws java.sql.SQLException {
    return new Revision(rs.getInt("revision"), rs.getString("reason"), Instant.parse(rs.getString("entered_at")),
        json.read(rs.getString("body"), BuildSheet.class));
  }

  /** Adds a revision where the sheet differs from the newest one. */
  @Transactional
  public void revise(String mark, BuildSheet sheet, String reason, Instant at) {
    Revision newest = newestSheet(mark);
    if (!newest.sheet().equals(sheet)) {
      insertSheet(mark, newest.number() + 1, sheet, reason, at);
      bump(mark);
    }
  }

  /** Adds a revision on top of the version that the writer has seen. */
  @Transactional
  public void revise(String mark, long version, BuildSheet sheet, String reason, Instant at) {
    claim(mark, version);
    insertSheet(mark, newestSheet(mark).number() + 1, sheet, reason, at);
    log(mark, at, "sheet", "Build sheet changed: " + reason, null);
  }

  /** Changes name and state on top of the version that the writer has seen. */
  @Transactional
  public void change(String mark, long version, String name, State state, String reason, Instant at) {
    Row before = get(mark);
    claim(mark, version);
    database.sql("UPDATE craft SET name = ?, state = ? WHERE mark = ?").params(name, state.name(), mark).update();
    if (before.state() != state) {
      log(mark, at, "state", (state == State.GROUNDED ? "Grounded: " : "Fit to fly: ") + reason, null);
    }
  }

  private void claim(String mark, long version) {
    Row now = get(mark);
    if (now.version() != version) {
      throw Refusal.stale(version, now.version());
    }
    bump(mark);
  }

  private void bump(String mark) {
    database.sql("UPDATE craft SET version = version + 1 WHERE mark = ?").param(mark).update();
  }

  private void insertSheet(String mark, int revision, BuildSheet sheet, String reason, Instant at) {
    try {
      database.sql("INSERT INTO build_sheet VALUES (?, ?, ?, ?, ?)")
          .params(mark, revision, json.write(sheet), reason, at.toString()).update();
    } catch (DuplicateKeyException | UncategorizedSQLException e) {
      throw Refusal.conflict("version", "This craft was changed by another at the same moment. Look at it again.");
    }
  }

  public void log(
      String mark, Instant at, String kind, String text, @org.jspecify.annotations.Nullable Long workUpId) {
    database.sql("INSERT INTO log_entry (mark, at, kind, text, work_up_id) VALUES (?, ?, ?, ?, ?)")
        .params(java.util.Arrays.asList(mark, at.toString(), kind, text, workUpId)).update();
  }

  public List<LogEntry> log(String mark) {
    return database.sql("SELECT * FROM log_entry WHERE mark = ? ORDER BY at DESC, id DESC").param(mark)
        .query((rs, n) -> {
          long workUp = rs.getLong("work_up_id");
          return new LogEntry(Instant.parse(rs.getString("at")), rs.getString("kind"), rs.getString("text"),
              rs.wasNull() ? null : workUp);
        }).list();
  }
}
