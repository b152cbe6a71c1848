package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class InstrumentsTest {
  private final App app;

  InstrumentsTest(App app) {
    this.app = app;
  }

  @Test
  void theMotorMapWorksOutOrderReversalAndProps() {
    JsonNode answer = app.ask("POST", "/api/instruments/motor-map", """
        {"shape": "X", "school": "INWARD", "props": {"FRONT_RIGHT": "CLOCKWISE"}, "seen": [
          {"output": 1, "corner": "FRONT_RIGHT", "spin": "CLOCKWISE"}, {"output": 2, "corner": "REAR_LEFT"},
          {"output": 3, "corner": "FRONT_LEFT"}]}""");
    assertThat(answer.get("orders").get(0).get("order").asString()).isEqualTo("4-1-2-3");
    assertThat(answer.get("orders").get(1).get("order").asString()).isEqualTo("1-2-3-4");
    assertThat(answer.get("reverse").get(0).asString()).isEqualTo("front-right: to counter-clockwise");
    assertThat(answer.get("props").get(0).asString()).contains("replace the one front-right");
    assertThat(answer.get("missing")).hasSize(3);
  }

  @Test
  void boardOrientationGivesTheAnglesFromHandOrEyeAndNamesWhereTheyDisagree() {
    String told = "\"told\": {\"rollDeg\": 0, \"pitchDeg\": 0, \"yawDeg\": 0}";
    JsonNode byHand = app.ask("POST", "/api/instruments/board-orientation", "{" + told + """
        , "faceDown": false, "picture": "RATES", "motions": {"RIGHT_DOWN": "NOSE_UP", "NOSE_DOWN": "RIGHT_DOWN"}}""");
    assertThat(byHand.get("enterLabel").asString()).startsWith("roll 0°, pitch 0°, yaw 270°: rolled first");
    JsonNode byEye = app.ask("POST", "/api/instruments/board-orientation",
        "{" + told + ", \"faceDown\": true, \"arrow\": \"FORWARD\", \"motions\": {}}");
    assertThat(byEye.get("enterLabel").asString()).startsWith("roll 180°, pitch 0°, yaw 0°");
    JsonNode both = app.ask("POST", "/api/instruments/board-orientation", "{" + told + """
        , "faceDown": false, "picture": "RATES", "arrow": "RIGHT", "motions": {"RIGHT_DOWN": "NOSE_UP", "NOSE_DOWN": "RIGHT_DOWN"}}""");
    assertThat(both.get("contradictions").get(0).asString()).contains("Trust the motions");
    String right = ", \"faceDown\": false, \"motions\": {\"RIGHT_DOWN\": \"RIGHT_DOWN\", \"NOSE_DOWN\": \"NOSE_DOWN\"}";
    assertThat(app.ask("POST", "/api/instruments/board-orientation", "{" + told + right + "}").get("missing").toString())
        .contains("Which picture");
    assertThat(app.ask("POST", "/api/instruments/board-orientation", "{" + told + right + ", \"picture\": \"ATTITUDE\"}")
        .get("missing").toString()).as("all looks right, face up or down").contains("lies flat");
    assertThat(app.ask("POST", "/api/instruments/board-orientation", "{" + told + right
        + ", \"picture\": \"ATTITUDE\", \"lie\": \"OVER\"}").get("enterLabel").asString()).startsWith("roll 180°");
  }

  @Test
  void takeOffMotionShowsAxesTrackAndWhatLooksTheSame() {
    JsonNode answer = app.ask("POST", "/api/instruments/take-off-motion",
        "{\"mark\": \"SKUA\", \"faultIds\": [\"board-180\"]}");
    assertThat(answer.get("axes").get(0).get("hold").asString()).isEqualTo("runs away");
    assertThat(answer.get("axes").get(2).get("hold").asString()).isEqualTo("held");
    assertThat(answer.get("series").get("timeS").size()).isEqualTo(answer.get("series").get("rollDeg").size());
    assertThat(answer.get("alike").toString()).contains("told-180");
    app.refused(422, "POST", "/api/instruments/take-off-motion", "{\"faultIds\": [\"gremlins\"]}");
    app.refused(422, "POST", "/api/instruments/take-off-motion", "{\"faultIds\": [\"a\", \"b\", \"c\"]}");
  }
}
