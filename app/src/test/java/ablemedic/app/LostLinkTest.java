package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A lost link over HTTP: the radio-off test and when it is due, the work-up, and the instruments around both. */
@ExtendWith(RunningApp.class)
class LostLinkTest {
    private static final String STOPS = "{\"outcomes\":{\"does\":\"stop\"},\"after\":\"1.7 s\"}";

    private static void enter(App app, String craftId) {
        app.ask("POST", "/api/crafts", """
        {"craftId":"%s","name":"","craftClass":"INCH_5","spins":"INWARD","numbering":"REAR_RIGHT_FIRST","mode":"LEVEL","layout":"STACK","parts":["board-f7","receiver","gnss"],
        "battery":{"cells":4,"chemistry":"LIPO","capacityMah":1500,"cellMilliohms":4}}""".formatted(craftId));
    }

    private static String state(App app, String craftId) {
        return app.get("/api/crafts/" + craftId + "/radio-off").get("state").asString();
    }

    private static void tell(App app, String craftId, String setting, String value) {
        String sheet = app.get("/api/crafts/" + craftId + "/build-sheet")
                .toString()
                .replaceFirst("\"configuration\":\\{", "\"configuration\":{\"" + setting + "\":\"" + value + "\",");
        app.ask(
                "PUT",
                "/api/crafts/" + craftId + "/build-sheet",
                "{\"version\":" + app.get("/api/crafts/" + craftId).get("version") + ",\"reason\":\"told\",\"sheet\":"
                        + sheet + "}");
    }

    @Test
    void aTestIsDatedOnTheChartAndFallsDueByASettingAPartAndAFlash(App app) {
        enter(app, "LINK1");
        assertThat(app.get("/api/crafts/LINK1/radio-off").get("blocked").asString())
                .contains("pre-power");
        app.runRoutine("LINK1");
        assertThat(app.get("/api/crafts/LINK1/radio-off").get("blocked").asString())
                .isEmpty();
        assertThat(app.refused(422, "POST", "/api/crafts/LINK1/radio-off", STOPS)
                        .get("detail")
                        .asString())
                .contains("Props off");
        JsonNode first = app.get("/api/crafts/LINK1/radio-off");
        assertThat(first.get("state").asString()).isEqualTo("NEVER");
        assertThat(first.get("expected").asString()).isEqualTo("STOP");
        assertThat(first.get("afterS").asDouble()).isEqualTo(1.7);
        JsonNode judged = app.ask("POST", "/api/crafts/LINK1/radio-off/judge", "{\"outcomes\":{\"does\":\"on\"}}");
        assertThat(judged.get("passed").asBoolean()).isFalse();
        assertThat(judged.get("stages").get(0).get("works").asString()).isEqualTo("NOT");
        assertThat(state(app, "LINK1")).as("judged is not kept").isEqualTo("NEVER");
        app.radioOff("LINK1", "{\"outcomes\":{\"does\":\"on\"}}");
        assertThat(state(app, "LINK1")).isEqualTo("FAILED");
        app.radioOff("LINK1", STOPS);
        assertThat(state(app, "LINK1")).isEqualTo("PASSED");
        assertThat(app.get("/api/crafts/LINK1/log").get(0).get("text").asString())
                .isEqualTo("Radio-off test passed: the motors: they stop, after 1.7 s");

        tell(app, "LINK1", "failsafe-guard", "1.5");
        JsonNode due = app.get("/api/crafts/LINK1/radio-off");
        assertThat(due.get("state").asString()).isEqualTo("DUE");
        assertThat(due.get("why").asString()).contains("guard time: 1.5 s");
        app.radioOff("LINK1", "{\"outcomes\":{\"does\":\"stop\"},\"after\":\"2.2\"}");
        app.ask("POST", "/api/crafts/LINK1/log", "{\"kind\":\"FLIGHT\",\"text\":\"a flight\"}");
        assertThat(state(app, "LINK1")).as("a flight changes nothing").isEqualTo("PASSED");
        app.ask("POST", "/api/crafts/LINK1/log", "{\"kind\":\"PART\",\"text\":\"another receiver\"}");
        assertThat(app.get("/api/crafts/LINK1/radio-off").get("why").asString()).isEqualTo("another receiver");

        app.runRoutine("LINK1");
        String export = "set board_turn = 0/0/0\nset motor_outputs = 1-2-3-4\n";
        app.sendAs(
                "POST",
                "/api/crafts/LINK1/snapshots?why=before",
                export.getBytes(StandardCharsets.UTF_8),
                "application/octet-stream");
        app.radioOff("LINK1", "{\"outcomes\":{\"does\":\"stop\"},\"after\":\"2.2\"}");
        app.sendAs(
                "POST",
                "/api/crafts/LINK1/snapshots?why=again",
                export.getBytes(StandardCharsets.UTF_8),
                "application/octet-stream");
        assertThat(state(app, "LINK1")).as("the same version listed again").isEqualTo("PASSED");
        app.sendAs(
                "POST",
                "/api/crafts/LINK1/snapshots?why=flashed",
                export.replace("motor_outputs", "motor_order").getBytes(StandardCharsets.UTF_8),
                "application/octet-stream");
        assertThat(state(app, "LINK1")).isEqualTo("DUE");
        assertThat(app.get("/api/crafts/LINK1/radio-off").get("why").asString()).contains("flashed since");
    }

    @Test
    void whatIsNoAnswerIsRefusedAndChangesNothing(App app) {
        enter(app, "LINK2");
        app.runRoutine("LINK2");
        for (String path : new String[] {"/api/crafts/LINK2/radio-off", "/api/crafts/LINK2/radio-off/judge"}) {
            assertThat(app.refused(422, "POST", path, "{\"propsOff\":true,\"outcomes\":{},\"after\":\"1.7\"}")
                            .get("detail")
                            .asString())
                    .contains("what the motors did");
            app.refused(422, "POST", path, "{\"propsOff\":true,\"outcomes\":{\"does\":\"dances\"}}");
            assertThat(app.refused(
                                    422,
                                    "POST",
                                    path,
                                    "{\"propsOff\":true,\"outcomes\":{\"does\":\"stop\"},\"after\":\"999 s\"}")
                            .get("detail")
                            .asString())
                    .contains("between");
            app.refused(422, "POST", path, "{\"propsOff\":true,\"outcomes\":{\"does\":\"stop\"},\"after\":\"soon\"}");
        }
        assertThat(state(app, "LINK2")).isEqualTo("NEVER");
        app.refused(404, "GET", "/api/crafts/NOBODY/radio-off", "");
    }

    @Test
    void aTestWithinAWorkUpIsOnTheChartAndAfterTheFixItPassesThere(App app) {
        enter(app, "LINK3");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId":"LINK3","kind":"failsafe-wrong","complaint":"motors went on","occasion":"PART_SWAP","seen":{"seen":"on"}}""");
        view = app.recordAll(view, "radio-off", "{\"does\":\"on\"}");
        assertThat(state(app, "LINK3")).isEqualTo("FAILED");
        assertThat(view.get("fix").get("faultId").asString()).isEqualTo("receiver-holds");
        view = app.ask("POST", "/api/work-ups/" + view.get("id") + "/fixes", """
        {"version":%d,"faultId":"receiver-holds","fixId":"set"}""".formatted(
                        view.get("version").asLong()));
        assertThat(state(app, "LINK3")).isEqualTo("DUE");
        assertThat(view.get("proof").get("tests").findValuesAsString("checkId")).endsWith("radio-off");
        view = app.record(view, "bars-radio-off", "lost");
        JsonNode now = app.benchFor(view, "radio-off");
        view = app.ask("POST", "/api/work-ups/" + view.get("id") + "/findings", """
        {"version":%d,"checkId":"radio-off","outcomes":{"does":"stop"},"numbers":{"after":"1.8 s"},"sureness":"SURE"}""".formatted(
                        now.get("version").asLong()));
        assertThat(view.get("proof").get("passes").asBoolean()).isTrue();
        assertThat(state(app, "LINK3")).isEqualTo("PASSED");
    }

    @Test
    void aReturnIsNoGoUntilSheetChartAndEyesAgree(App app) {
        enter(app, "LINK4");
        String asked = "{\"craftId\":\"LINK4\",\"satellites\":11,\"homeNoted\":true,\"obstacleM\":12,\"windMs\":2}";
        JsonNode home = app.ask("POST", "/api/instruments/return-home", asked);
        assertThat(home.get("go").asBoolean()).isFalse();
        assertThat(home.get("plan")).isEmpty();
        app.runRoutine("LINK4");
        tell(app, "LINK4", "failsafe-stage-2", "return-home");
        app.radioOff("LINK4", "{\"outcomes\":{\"does\":\"land\"},\"after\":\"1.7\"}");
        home = app.ask("POST", "/api/instruments/return-home", asked);
        assertThat(home.get("go").asBoolean())
                .as(home.get("conditions").toString())
                .isTrue();
        assertThat(home.get("plan").toString()).contains("take over");
        app.refused(422, "POST", "/api/instruments/return-home", asked.replace("11", "-3"));
    }

    @Test
    void theTimelineStartsFromTheSheetAndSaysHowFarItMayBeOff(App app) {
        enter(app, "LINK5");
        tell(app, "LINK5", "receiver-failsafe", "hold");
        JsonNode lost = app.get("/api/crafts/LINK5/lost-link");
        assertThat(lost.get("receiver").asString()).isEqualTo("HOLD");
        JsonNode line = app.ask("POST", "/api/instruments/failsafe-timeline", lost.toString());
        assertThat(line.get("outcome").asString()).isEqualTo("FLIES_ON");
        JsonNode falls = app.ask(
                "POST", "/api/instruments/failsafe-timeline", lost.toString().replace("HOLD", "NO_FRAMES"));
        assertThat(falls.get("spread").get("impactMs").get("least").asDouble())
                .isLessThan(falls.get("impactMs").asDouble());
        JsonNode safest = app.get("/api/crafts/LINK5/safest-failsafe?convention=LAND");
        assertThat(safest.get("settings").findValuesAsString("settingId"))
                .contains("receiver-failsafe", "failsafe-throttle");
        assertThat(safest.get("settings").get(0).get("differs").asBoolean()).isTrue();
        app.refused(400, "GET", "/api/crafts/LINK5/safest-failsafe?convention=PARACHUTE", "");
    }

    @Test
    void aSessionRunsAndOneThatCannotBeReadIsRefusedByItsLine(App app) {
        JsonNode seen = app.ask(
                        "POST",
                        "/api/instruments/radio-session",
                        "{\"session\":\"0 radio on\\n1 pack in\\n3 arm on\\n5 radio off\"}")
                .get("seen");
        assertThat(seen.get(seen.size() - 1).get("text").asString()).isEqualTo("The guard time is over: motors off.");
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/radio-session",
                                "{\"session\":\"0 radio on\\n1 pack up\"}")
                        .get("detail")
                        .asString())
                .contains("line 2");
    }

    /** A made-up recording of a receiver that sends its frames. */
    @Test
    void aRecordingOfAReceiversLineBecomesASessionAndAnyOtherFileIsRefused(App app) {
        byte[] file = app.send("GET", "/api/instruments/signal?format=SBUS&frames=40", "")
                .body()
                .getBytes(StandardCharsets.UTF_8);
        JsonNode read = app.json.readTree(
                app.sendAs("POST", "/api/instruments/radio-session/recording", file, "application/octet-stream")
                        .body());
        assertThat(read.get("session").asString()).contains("radio on");
        assertThat(app.ask(
                                "POST",
                                "/api/instruments/radio-session",
                                app.json
                                        .createObjectNode()
                                        .put("session", read.get("session").asString())
                                        .toString())
                        .get("seen"))
                .isNotEmpty();
        byte[] uart = app.send("GET", "/api/instruments/signal?format=NMEA&frames=5", "")
                .body()
                .getBytes(StandardCharsets.UTF_8);
        assertThat(app.sendAs("POST", "/api/instruments/radio-session/recording", uart, "application/octet-stream")
                        .statusCode())
                .isEqualTo(422);
        byte[] noise = new byte[4000];
        new Random(4).nextBytes(noise);
        assertThat(app.sendAs("POST", "/api/instruments/radio-session/recording", noise, "application/octet-stream")
                        .statusCode())
                .isBetween(200, 422);
    }

    @Test
    void modesOfACraftAreItsSheetsAndWhatIsLaidWronglyIsSaid(App app) {
        enter(app, "LINK6");
        JsonNode laid = app.get("/api/crafts/LINK6/modes");
        assertThat(app.ask("POST", "/api/instruments/modes", laid.toString()).get("remarks"))
                .isEmpty();
        assertThat(app.ask(
                                "POST",
                                "/api/instruments/modes",
                                laid.toString().replace("\"fromUs\":1700", "\"fromUs\":900"))
                        .get("remarks")
                        .toString())
                .contains("every position");
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/modes",
                                laid.toString().replaceFirst("\"channel\":5", "\"channel\":3"))
                        .get("detail")
                        .asString())
                .contains("channel from 5 to 18");
        assertThat(app.ask("POST", "/api/instruments/output-pass", "{\"channel\":12,\"output\":6}")
                        .get("auxiliary")
                        .asInt())
                .isEqualTo(8);
        app.refused(422, "POST", "/api/instruments/output-pass", "{\"channel\":3,\"output\":6}");
        JsonNode order = app.ask("POST", "/api/instruments/channel-order", """
        {"board":"AETR","seen":[{"stick":"THROTTLE","bar":"ROLL","up":true},{"stick":"ROLL","bar":"PITCH","up":true},{"stick":"PITCH","bar":"THROTTLE","up":true}]}""");
        assertThat(order.get("wires").toString())
                .as("the first channel carries throttle and lies on the row of roll")
                .contains("{\"channel\":1,\"row\":\"throttle\",\"now\":\"roll\"}");
    }
}
