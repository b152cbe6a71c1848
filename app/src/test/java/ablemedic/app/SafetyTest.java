package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What keeps power and props away from a craft that is not ready for them. */
@ExtendWith(RunningApp.class)
class SafetyTest {
  private final App app;

  SafetyTest(App app) {
    this.app = app;
  }

  private String listed(String list) {
    return app.get("/api/bench").get(list).toString();
  }

  private String fitness(String mark) {
    return app.get("/api/crafts/" + mark).get("fitness").asString();
  }

  @Test
  void aCraftIsFitToFlyOnlyWithItsRoutinePassedAndNoWorkUpOpen() {
    app.enterWired("FIT", "STACK");
    assertThat(fitness("FIT")).isEqualTo("ROUTINE_DUE");
    assertThat(listed("due")).contains("\"FIT\"");
    assertThat(listed("fit")).doesNotContain("\"FIT\"");
    app.runRoutine("FIT");
    assertThat(fitness("FIT")).isEqualTo("FIT");
    assertThat(listed("fit")).contains("\"FIT\"");
    JsonNode view = app.openPower("FIT", "voltage", "low");
    assertThat(fitness("FIT")).isEqualTo("AT_WORK");
    assertThat(listed("fit")).doesNotContain("\"FIT\"");
    app.ask("POST", "/api/work-ups/" + view.get("id").asLong() + "/close", """
        {"version": %d, "end": "HANDED_OVER", "reason": "the owner took it home"}""".formatted(view.get("version").asLong()));
    assertThat(fitness("FIT")).as("a crash was told at intake").isEqualTo("ROUTINE_DUE");
    app.runRoutine("FIT");
    app.ask("PATCH", "/api/crafts/FIT", """
        {"version": %d, "name": "", "state": "GROUNDED", "reason": "arm cracked"}"""
        .formatted(app.get("/api/crafts/FIT").get("version").asLong()));
    assertThat(fitness("FIT")).isEqualTo("GROUNDED");
  }

  @Test
  void aRoutineThatFailedLeavesNoCraftFit() {
    app.enterWired("SHORT", "STACK");
    app.ask("POST", "/api/crafts/SHORT/routine", """
        {"minutes": 2, "readings": {"routine-look": {"outcomes": {"seen": "sound"}},
          "ohms~PLUG.+~PLUG.-": {"written": "0.4"}}}""");
    assertThat(fitness("SHORT")).isEqualTo("ROUTINE_DUE");
    assertThat(listed("fit")).doesNotContain("\"SHORT\"");
  }

  @Test
  void aFlipInTheHoverIsACrash() {
    JsonNode view = app.openWorkUp("FLIP", "NOTHING_KNOWN", "{\"manner\": \"slides\"}");
    view = app.record(view, "hover", "slides");
    assertThat(view.get("bench").get("shortTest").asString()).as("it came down on its feet").isEqualTo("PASSED");
    view = app.record(view, "hover", "flips");
    assertThat(view.get("bench").get("shortTest").asString()).isEqualTo("NOT_DONE");
    assertThat(app.get("/api/crafts/FLIP/routine").get("state").asString()).isEqualTo("NOT_DONE");
    assertThat(app.get("/api/crafts/FLIP/log").get(0).get("kind").asString()).isEqualTo("crash");
  }

  @Test
  void aSheetByWhichPowerDestroysAPartPassesNoRoutineAndLetsNoPackIn() {
    app.enterWired("DOOM", "STACK");
    app.runRoutine("DOOM");
    ObjectNode sheet = (ObjectNode) app.get("/api/crafts/DOOM").get("sheet");
    sheet.get("electrics").get("leads").valueStream().filter(lead -> lead.get("to").asString().equals("RX.+"))
        .forEach(lead -> ((ObjectNode) lead).put("from", "FC.9V"));
    app.ask("PUT", "/api/crafts/DOOM/build-sheet", "{\"version\": " + app.get("/api/crafts/DOOM").get("version")
        + ", \"reason\": \"lead moved\", \"sheet\": " + sheet + "}");
    JsonNode routine = app.get("/api/crafts/DOOM/routine");
    assertThat(routine.get("state").asString()).isEqualTo("NOT_DONE");
    assertThat(routine.get("destroyed").get(0).asString()).contains("receiver stands", "fed from a pad of 9.0 V");
    assertThat(app.refused(409, "POST", "/api/crafts/DOOM/routine", "{\"minutes\": 2, \"readings\": {}}").get("detail")
        .asString()).contains("destroys it");

    JsonNode view = app.openPower("DOOM", "no-power", "RX");
    assertThat(view.get("destroyed").get(0).asString()).contains("destroys it");
    assertThat(app.refused(409, "PUT", "/api/work-ups/" + view.get("id").asLong() + "/bench-state", """
        {"version": %d, "state": {"propsOn": false, "packIn": true, "limiterIn": true, "usbIn": false,
         "antennaOn": true, "radioOn": false, "atField": false, "shortTest": "PASSED"}}"""
        .formatted(view.get("version").asLong())).get("detail").asString()).contains("destroys it");
  }
}
