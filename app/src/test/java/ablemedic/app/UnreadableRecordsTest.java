package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Records that an older version stored and none can read; each shows as one strip and spoils nothing else. */
class UnreadableRecordsTest {
  @TempDir
  private Path folder;

  private static void spoil(Path file, String sql) throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        var statement = connection.createStatement()) {
      statement.executeUpdate(sql);
    }
  }

  private static JsonNode only(App app) {
    JsonNode unreadable = app.get("/api/bench").get("unreadable");
    assertThat(unreadable).hasSize(1);
    return unreadable.get(0);
  }

  @Test
  void aSheetThatCannotBeReadGoesBackToOneThatCan() throws SQLException {
    Path file = folder.resolve("sheet.db");
    try (App app = App.on(file)) {
      app.enterWired("SICK", "STACK");
      app.enterWired("WELL", "STACK");
      app.ask("POST", "/api/crafts/SICK/parts", "{\"version\": 1, \"archetype\": \"beeper\"}");
    }
    spoil(file, "UPDATE build_sheet SET body = replace(body, '\"chemistry\":\"LIPO\"', '\"chemistry\":null') "
        + "WHERE mark = 'SICK' AND revision = 2");
    try (App app = App.on(file)) {
      assertThat(app.get("/api/bench").get("due").get(0).get("mark").asString()).isEqualTo("WELL");
      JsonNode strip = only(app);
      assertThat(strip.get("name").asString()).isEqualTo("SICK");
      assertThat(strip.get("goBackTo").asInt()).isEqualTo(1);
      assertThat(app.refused(409, "GET", "/api/crafts/SICK", "").get("detail").asString()).contains("revision 2");
      app.refused(409, "POST", "/api/work-ups", "{\"mark\": \"SICK\", \"complaint\": \"x\", \"occasion\": \"BUILD\", \"seen\": {}}");
      app.ask("POST", "/api/crafts/SICK/repair", "{\"revision\": 1}");
      assertThat(app.get("/api/bench").get("unreadable")).isEmpty();
      JsonNode chart = app.get("/api/crafts/SICK");
      assertThat(chart.get("revisions")).as("nothing was deleted").hasSize(3);
      assertThat(chart.get("revisions").get(1).get("reason").asString()).contains("cannot be read");
    }
  }

  @Test
  void aCraftWithNoSheetLeftIsPutAsideAndBroughtBack() throws SQLException {
    Path file = folder.resolve("aside.db");
    try (App app = App.on(file)) {
      app.enterWired("GONE", "STACK");
    }
    spoil(file, "UPDATE build_sheet SET body = '{'");
    try (App app = App.on(file)) {
      assertThat(only(app).has("goBackTo")).isFalse();
      app.send("PUT", "/api/crafts/GONE/aside", "{\"reason\": \"sheet lost\"}");
      JsonNode bench = app.get("/api/bench");
      assertThat(bench.get("unreadable")).isEmpty();
      assertThat(bench.get("aside").get(0).get("reason").asString()).isEqualTo("sheet lost");
      app.send("PUT", "/api/crafts/GONE/aside", "{}");
      assertThat(only(app).get("name").asString()).isEqualTo("GONE");
    }
  }

  @Test
  void aWorkUpThatCannotBeReadIsOneStripAndLeavesTheBenchAlive() throws SQLException {
    Path file = folder.resolve("work-up.db");
    long id;
    try (App app = App.on(file)) {
      id = app.openWorkUp("SICK", "BUILD", "{\"manner\": \"flips\"}").get("id").asLong();
      app.openWorkUp("WELL", "BUILD", "{\"manner\": \"flips\"}");
    }
    spoil(file, "UPDATE work_up_event SET body = '{\"kind\":\"found\"' WHERE work_up_id = " + id);
    try (App app = App.on(file)) {
      assertThat(app.get("/api/bench").get("needing")).hasSize(1);
      assertThat(only(app).get("workUpId").asLong()).isEqualTo(id);
      assertThat(app.send("GET", "/api/work-ups/" + id, "").statusCode()).isEqualTo(409);
      app.send("PUT", "/api/work-ups/" + id + "/aside", "{\"reason\": \"spoilt\"}");
      JsonNode bench = app.get("/api/bench");
      assertThat(bench.get("unreadable")).isEmpty();
      assertThat(bench.get("due").toString()).as("the craft itself is well").contains("SICK");
      app.ask("POST", "/api/work-ups", "{\"mark\": \"SICK\", \"complaint\": \"again\", \"occasion\": \"BUILD\", \"seen\": {}}");
    }
  }

  @Test
  void aPackAMeterAndARoutineThatCannotBeReadSpoilNothing() throws SQLException {
    Path file = folder.resolve("rest.db");
    try (App app = App.on(file)) {
      app.enterWired("WELL", "STACK");
      app.runRoutine("WELL");
      String school = app.get("/api/landing-schools").get(0).get("id").asString();
      for (String label : new String[] {"BAD", "GOOD"}) {
        app.ask("POST", "/api/packs", "{\"label\": \"" + label + "\", \"school\": \"" + school + "\", \"kind\": {\"cells\": 4, "
            + "\"chemistry\": \"LIPO\", \"capacityMah\": 1500, \"cellMilliohms\": 4}}");
      }
      app.ask("PUT", "/api/meter", app.get("/api/meter").toString());
    }
    spoil(file, "UPDATE pack SET body = replace(body, '\"LIPO\"', 'null') WHERE label = 'BAD'");
    spoil(file, "UPDATE setting SET body = '[]'");
    spoil(file, "UPDATE routine_run SET body = '[]'");
    try (App app = App.on(file)) {
      assertThat(app.get("/api/packs")).hasSize(1);
      assertThat(only(app).get("name").asString()).isEqualTo("BAD");
      assertThat(app.get("/api/meter").get("counts").asInt()).isPositive();
      assertThat(app.get("/api/crafts/WELL/routine").get("state").asString()).as("due again").isEqualTo("NOT_DONE");
    }
  }
}
