package ablemedic.app.routine;

import ablemedic.app.entry.Entered;
import ablemedic.app.storage.Json;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Runs of the routine in the database, and what has made it due since. */
@Repository
public class RoutineStore {
  private final JdbcClient database;
  private final Json json;

  RoutineStore(JdbcClient database, Json json) {
    this.database = database;
    this.json = json;
  }

  /** One step of a run as it was read. */
  public record Read(String checkId, String title, String expected, Entered entered, boolean passed) {}

  /** A run. */
  public record Run(Instant at, boolean passed, double minutes, List<Read> steps) {}

  private record Body(List<Read> steps) {}

  void add(String mark, Run run) {
    database.sql("INSERT INTO routine_run (mark, at, passed, minutes, body) VALUES (?, ?, ?, ?, ?)")
        .params(mark, run.at().toString(), run.passed() ? 1 : 0, run.minutes(), json.write(new Body(run.steps()))).update();
  }

  public Optional<Run> newest(String mark) {
    return database.sql("SELECT * FROM routine_run WHERE mark = ? ORDER BY at DESC, id DESC LIMIT 1").param(mark)
        .query((rs, n) -> new Run(Instant.parse(rs.getString("at")), rs.getInt("passed") == 1, rs.getDouble("minutes"),
            json.read(rs.getString("body"), Body.class).steps()))
        .optional();
  }

  /** The newest entry of the log that makes the routine due, in words. */
  Optional<Due> due(String mark) {
    return database.sql("""
        SELECT at, text FROM log_entry
        WHERE mark = ? AND kind IN ('entered', 'crash', 'part', 'opened', 'repair') ORDER BY at DESC, id DESC LIMIT 1""")
        .param(mark).query((rs, n) -> new Due(Instant.parse(rs.getString("at")), rs.getString("text"))).optional();
  }

  /** What made it due, and when. */
  record Due(Instant at, String text) {}
}
