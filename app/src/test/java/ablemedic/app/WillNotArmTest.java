package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A craft that does not arm, from the complaint over a settings export to the text that is pasted and read back, over
 * HTTP.
 */
@ExtendWith(RunningApp.class)
class WillNotArmTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String LISTED =
            "set motor_outputs = 1-2-3-4\nset board_turn = 0/0/0\nset mode_arm = %s\nset level_done = YES\n";

    private static JsonNode drop(App app, String craftId, String export) {
        return JSON.readTree(app.sendAs(
                        "POST",
                        "/api/crafts/" + craftId + "/snapshots?why=it",
                        export.getBytes(StandardCharsets.UTF_8),
                        "application/octet-stream")
                .body());
    }

    private static JsonNode open(App app, String craftId) {
        app.ask("POST", "/api/crafts", """
        {"craftId":"%s","name":"","craftClass":"INCH_5","spins":"INWARD","numbering":"REAR_RIGHT_FIRST","mode":"LEVEL","layout":"STACK","parts":["board-f7","receiver"],
        "battery":{"cells":4,"chemistry":"LIPO","capacityMah":1500,"cellMilliohms":4}}""".formatted(craftId));
        return app.ask("POST", "/api/work-ups", """
        {"craftId":"%s","kind":"will-not-arm","complaint":"does not arm","occasion":"FLASH","seen":{"seen":"not"}}""".formatted(craftId));
    }

    private static double shut(JsonNode view, String lock) {
        for (JsonNode one : view.get("locks")) {
            if (one.get("id").asString().equals(lock)) {
                return one.get("shut").asDouble();
            }
        }
        throw new AssertionError("no lock " + lock);
    }

    private static JsonNode found(App app, JsonNode view, String check, String outcome) {
        return app.ask("POST", "/api/work-ups/" + view.get("id") + "/findings", """
        {"version":%d,"checkId":"%s","outcomes":{"seen":"%s"},"sureness":"SURE"}""".formatted(
                        view.get("version").asLong(), check, outcome));
    }

    @Test
    void theLocksFollowWhatIsFoundAndTheListingIsPastedAndReadBack(App app) {
        JsonNode view = open(app, "ARM1");
        String path = "/api/work-ups/" + view.get("id");
        drop(app, "ARM1", LISTED.formatted("5 1700-2100"));
        assertThat(shut(view, "switch")).isBetween(0.1, 0.6);
        JsonNode listed = drop(app, "ARM1", LISTED.formatted("none"));
        view = found(app, view, listed.get("row").get("checkId").asString(), "listed");
        assertThat(shut(view, "switch")).isGreaterThan(0.95);
        assertThat(shut(view, "calibrated")).isLessThan(0.05);
        assertThat(view.get("fix").get("faultId").asString()).isEqualTo("arm-range-lost");
        JsonNode way = view.get("fix").get("options").get(0);
        assertThat(way.get("paste").asString())
                .isEqualTo("# restore commands for Alder 2\nset mode_arm = 5 1700-2100\n");
        view = app.ask("POST", path + "/fixes", """
        {"version":%d,"faultId":"arm-range-lost","fixId":"%s"}""".formatted(
                        view.get("version").asLong(), way.get("fixId").asString()));
        assertThat(view.get("proof").get("tests").findValuesAsString("checkId"))
                .containsExactly("arm-switch-mark", "read-back", "arm-try");
        view = app.record(view, "arm-switch-mark", "enters");
        JsonNode card = view.get("proof").get("next");
        assertThat(card.get("readsBack").asBoolean()).isTrue();

        drop(app, "ARM1", LISTED.formatted("6 1700-2100"));
        JsonNode wrong = app.get(path + "/read-back?snapshot=3");
        assertThat(wrong.get("outcome").asString()).isEqualTo("one");
        assertThat(wrong.get("differs").get(0).get("what").asString()).isEqualTo("arm switch");
        drop(app, "ARM1", LISTED.formatted("5 1700-2100"));
        JsonNode right = app.get(path + "/read-back?snapshot=4");
        assertThat(right.get("outcome").asString()).isEqualTo("none");
        assertThat(right.get("differs")).isEmpty();
        view = app.record(
                view, right.get("checkId").asString(), right.get("outcome").asString());
        view = app.record(view, "arm-try", "arms");
        assertThat(view.get("proof").get("passes").asBoolean()).isTrue();
        app.refused(404, "GET", path + "/read-back?snapshot=40", "");
    }

    /** A flash that lost three things is one suspect, with one text that puts all of them back. */
    @Test
    void whatAFlashLostAtOnceIsPutBackWithOneText(App app) {
        JsonNode view = open(app, "ARM4");
        JsonNode listed = drop(
                app,
                "ARM4",
                "set port1_jobs = receiver\nset mode_arm = none\nset mode_level = none\nset level_done = NO\n");
        view = found(app, view, listed.get("row").get("checkId").asString(), "listed");
        assertThat(view.get("checks").findValuesAsString("checkId")).doesNotHaveDuplicates();
        JsonNode suspect = view.get("suspects").get(0);
        assertThat(suspect.get("title").asString()).contains("3 settings differ");
        assertThat(suspect.get("belief").asDouble()).isGreaterThan(0.9);
        assertThat(shut(view, "switch")).isGreaterThan(0.95);
        assertThat(shut(view, "calibrated")).isGreaterThan(0.95);
        assertThat(app.get("/api/work-ups/" + view.get("id") + "/fixes/"
                                + suspect.get("faultId").asString())
                        .get("options")
                        .get(0)
                        .get("paste")
                        .asString())
                .contains("set mode_arm = 5 1700-2100\n")
                .contains("set mode_level = 6 1700-2100\n")
                .contains("# by hand: accelerometer calibrated");
    }

    @Test
    void aFixThatTouchesNoSettingOfTheBoardHasNothingToPaste(App app) {
        JsonNode view = open(app, "ARM2");
        drop(app, "ARM2", LISTED.formatted("5 1700-2100"));
        JsonNode card = app.get("/api/work-ups/" + view.get("id") + "/fixes/arm-channel-other");
        assertThat(card.get("options").get(0).get("paste").asString()).isEmpty();
        assertThat(app.get("/api/work-ups/" + view.get("id") + "/fixes/level-not-calibrated")
                        .get("options")
                        .get(0)
                        .get("paste")
                        .asString())
                .as("a calibration is done, not entered")
                .contains("# by hand: accelerometer calibrated")
                .doesNotContain("set level_done");
    }

    @Test
    void theInstrumentTellsEveryLockByTheSheetOrByTheNewestListing(App app) {
        open(app, "ARM3");
        drop(app, "ARM3", LISTED.formatted("none"));
        String asked = """
        {"craftId":"ARM3","listed":%s,"computer":false,"radioOn":true,"throttle":%s,"switchOn":true,"onAtPower":false,"lyingDeg":0,"sky":false}""";
        JsonNode bySheet = app.ask("POST", "/api/instruments/arming", asked.formatted("false", "0"));
        assertThat(bySheet.get("arms").asBoolean()).isTrue();
        JsonNode byExport = app.ask("POST", "/api/instruments/arming", asked.formatted("true", "0"));
        assertThat(byExport.get("arms").asBoolean()).isFalse();
        assertThat(byExport.get("snapshot").get("number").asInt()).isEqualTo(1);
        assertThat(byExport.get("locks").toString())
                .contains("No switch arms it")
                .contains("\"listed\":true");
        assertThat(app.refused(422, "POST", "/api/instruments/arming", asked.formatted("false", "7"))
                        .get("detail")
                        .asString())
                .contains("between 0 and 1");
        app.refused(
                404,
                "POST",
                "/api/instruments/arming",
                asked.formatted("false", "0").replace("ARM3", "NOBODY"));
    }
}
