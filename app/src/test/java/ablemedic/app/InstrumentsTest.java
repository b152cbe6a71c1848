package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.app.RunningApp.App;
import java.util.List;
import java.util.Locale;
import java.util.Random;
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
        {"shape": "X", "convention": "INWARD", "props": {"FRONT_RIGHT": "CLOCKWISE"}, "seen": [
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
        JsonNode byEye = app.ask(
                "POST",
                "/api/instruments/board-orientation",
                "{" + told + ", \"faceDown\": true, \"arrow\": \"FORWARD\", \"motions\": {}}");
        assertThat(byEye.get("enterLabel").asString()).startsWith("roll 180°, pitch 0°, yaw 0°");
        JsonNode both = app.ask("POST", "/api/instruments/board-orientation", "{" + told + """
        , "faceDown": false, "picture": "RATES", "arrow": "RIGHT", "motions": {"RIGHT_DOWN": "NOSE_UP", "NOSE_DOWN": "RIGHT_DOWN"}}""");
        assertThat(both.get("contradictions").get(0).asString()).contains("Trust the motions");
        String right =
                ", \"faceDown\": false, \"motions\": {\"RIGHT_DOWN\": \"RIGHT_DOWN\", \"NOSE_DOWN\": \"NOSE_DOWN\"}";
        assertThat(app.ask("POST", "/api/instruments/board-orientation", "{" + told + right + "}")
                        .get("missing")
                        .toString())
                .contains("Which picture");
        assertThat(app.ask(
                                "POST",
                                "/api/instruments/board-orientation",
                                "{" + told + right + ", \"picture\": \"ATTITUDE\"}")
                        .get("missing")
                        .toString())
                .as("all looks right, face up or down")
                .contains("lies flat");
        assertThat(app.ask(
                                "POST",
                                "/api/instruments/board-orientation",
                                "{" + told + right + ", \"picture\": \"ATTITUDE\", \"lie\": \"OVER\"}")
                        .get("enterLabel")
                        .asString())
                .startsWith("roll 180°");
    }

    @Test
    void takeOffMotionShowsAxesTrackAndWhatLooksTheSame() {
        JsonNode answer = app.ask(
                "POST", "/api/instruments/take-off-motion", "{\"craftId\": \"SKUA\", \"faultIds\": [\"board-180\"]}");
        assertThat(answer.get("axes").get(0).get("hold").asString()).isEqualTo("runs away");
        assertThat(answer.get("axes").get(2).get("hold").asString()).isEqualTo("held");
        assertThat(answer.get("series").get("timeS").size())
                .isEqualTo(answer.get("series").get("rollDeg").size());
        assertThat(answer.get("alike").toString()).contains("told-180");
        app.refused(422, "POST", "/api/instruments/take-off-motion", "{\"faultIds\": [\"gremlins\"]}");
        app.refused(422, "POST", "/api/instruments/take-off-motion", "{\"faultIds\": [\"a\", \"b\", \"c\"]}");
    }

    @Test
    void whatIsLeftOutOrContradictsItselfIsSaidAndNothingFails() {
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/read-here",
                                "{\"craftId\": \"EIDER\", \"red\": \"PB.5V\", \"black\": \"PB.G5\"}")
                        .get("errors")
                        .get(0)
                        .get("where")
                        .asString())
                .as("resistance or voltage is not guessed")
                .isEqualTo("mode");
        app.refused(
                422,
                "POST",
                "/api/instruments/board-orientation",
                "{\"told\": {\"rollDeg\": 0, \"pitchDeg\": 0, \"yawDeg\": 0}, \"faceDown\": false, \"motions\": null}");
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/take-off-motion",
                                "{\"faultIds\": [\"motor-dead-front-left\", \"motor-dead-front-left\"]}")
                        .get("detail")
                        .asString())
                .as("the same fault twice")
                .contains("can't be there at once");
        assertThat(app.ask("POST", "/api/instruments/motor-map", """
        {"shape": "X", "convention": "INWARD", "props": {}, "seen": [
          {"output": 1, "corner": "REAR_RIGHT", "spin": "CLOCKWISE"},
          {"output": 1, "corner": "REAR_RIGHT", "spin": "COUNTER_CLOCKWISE"}]}""")
                        .get("contradictions")
                        .get(0)
                        .asString())
                .contains("both ways");
        assertThat(app.ask("POST", "/api/instruments/lead-drop", """
        {"gaugeAwg": 16, "lengthMm": 10000, "currentA": 200, "temperatureC": 20, "mostDropV": 0.01}""").has("thinnestAwg"))
                .isFalse();
        JsonNode chain = app.ask(
                "POST",
                "/api/instruments/sense-chain",
                "{\"batteryV\": 16.4, \"topOhm\": 10000, \"bottomOhm\": 10000, \"tolerance\": 0.01, \"scale\": 2}");
        assertThat(chain.get("pinV").asDouble()).as("half of 16.4 V").isCloseTo(8.2, within(1e-9));
        assertThat(chain.get("killsPin").asBoolean()).isTrue();
        assertThat(chain.get("step").asInt()).as("the highest of twelve bits").isEqualTo(4095);
    }

    @Test
    void randomReadingsGiveNoScaleThatIsNoNumber() {
        Random random = new Random(5);
        for (int n = 0; n < 60; n++) {
            JsonNode answer = app.ask(
                    "POST",
                    "/api/instruments/scale-from-readings",
                    String.format(
                            Locale.ROOT,
                            "{\"scale\": 11, \"readings\": [{\"meterV\": %.2f, \"shownV\": %.2f}, {\"meterV\": %.2f, \"shownV\": %.2f}]}",
                            0.5 + 60 * random.nextDouble(),
                            n % 5 == 0 ? 0 : 70 * random.nextDouble(),
                            0.5 + 60 * random.nextDouble(),
                            n % 7 == 0 ? 0 : 70 * random.nextDouble()));
            for (String part : List.of("newScale", "offsetV")) {
                if (answer.has(part)) {
                    assertThat(answer.get(part).get("value").isNumber())
                            .as(answer.toString())
                            .isTrue();
                    assertThat(answer.get(part).get("plusMinus").isNumber())
                            .as(answer.toString())
                            .isTrue();
                }
            }
        }
    }

    @Test
    void aCheckThatIsAskedForOutOfTurnSaysWhatItWouldTell() {
        JsonNode view = app.openWorkUp("BITS", "BUILD", "{\"manner\": \"slides\"}");
        double bits = app.get("/api/work-ups/" + view.get("id").asLong() + "/checks/motors")
                .get("bits")
                .asDouble();
        double planned = view.get("checks")
                .valueStream()
                .filter(c -> c.get("checkId").asString().equals("motors"))
                .findFirst()
                .orElseThrow()
                .get("bits")
                .asDouble();
        assertThat(bits).isGreaterThan(0.05).isEqualTo(planned);
    }
}
