package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What guards power, propellers and flight, by what a user does. */
@ExtendWith(RunningApp.class)
class GuardsTest {
    private final App app;

    GuardsTest(App app) {
        this.app = app;
    }

    private JsonNode bench(JsonNode view, String state, String override, int status) {
        String body = """
        {"version": %d, "override": "%s", "state": {"propsOn": false, "batteryIn": false, "limiterIn": false, "usbIn": false, "antennaOn": true, "radioOn": false, "atField": false, "shortTest": "NOT_DONE"}}""".formatted(
                app.get("/api/work-ups/" + view.get("id")).get("version").asLong(), override);
        ObjectNode asked = (ObjectNode) app.json.readTree(body);
        ((ObjectNode) asked.get("state")).setAll((ObjectNode) app.json.readTree(state));
        return app.refused(status, "PUT", "/api/work-ups/" + view.get("id") + "/bench-state", asked.toString());
    }

    private void told(String craftId, String setting, String value) {
        String sheet = app.get("/api/crafts/" + craftId + "/build-sheet")
                .toString()
                .replaceFirst("\"configuration\":\\{", "\"configuration\":{\"" + setting + "\":\"" + value + "\",")
                .replace(",}", "}");
        app.ask(
                "PUT",
                "/api/crafts/" + craftId + "/build-sheet",
                "{\"version\":" + app.get("/api/crafts/" + craftId).get("version")
                        + ",\"reason\":\"as it is set\",\"sheet\":" + sheet + "}");
    }

    /** A 3.3 V module on a pad of 5 V that USB feeds as well. */
    @Test
    void neitherBatteryNorUsbGoesInWhereEitherDestroysAPart() {
        app.ask("POST", "/api/crafts", """
        {"craftId": "BURNS", "name": "", "craftClass": "INCH_5", "mode": "LEVEL", "layout": "STACK", "parts": ["board-f7", "receiver", "gnss-3v3", "capacitor-470"]}""");
        ObjectNode sheet = (ObjectNode) app.get("/api/crafts/BURNS/build-sheet");
        String fed = sheet.get("electrics")
                .get("wires")
                .valueStream()
                .filter(wire -> wire.get("to").asString().equals("RX.+"))
                .findFirst()
                .orElseThrow()
                .get("from")
                .asString();
        sheet.get("electrics")
                .get("wires")
                .valueStream()
                .filter(wire -> wire.get("to").asString().equals("GNSS.+"))
                .forEach(wire -> ((ObjectNode) wire).put("from", fed));
        app.ask(
                "PUT",
                "/api/crafts/BURNS/build-sheet",
                "{\"version\": " + app.get("/api/crafts/BURNS").get("version")
                        + ", \"reason\": \"as it is\", \"sheet\": " + sheet + "}");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId": "BURNS", "kind": "take-off", "complaint": "flips", "occasion": "NOTHING_KNOWN", "seen": {}}""");
        assertThat(view.get("hazards").toString()).contains("destroys it");
        assertThat(bench(view, "{\"usbIn\": true}", "", 409).get("detail").asString())
                .contains("before USB is plugged in");
        assertThat(bench(view, "{\"batteryIn\": true}", "", 409).get("detail").asString())
                .contains("before the battery goes in");
        assertThat(app.get("/api/crafts/BURNS").get("fitness").asString()).isIn("AT_WORK", "GROUNDED");
    }

    @Test
    void withPropsOnTheBatteryGoesInOnlyWithTheRadioOnAndTheComputerOut() {
        JsonNode view = app.openWorkUp("FIELD", "NOTHING_KNOWN", "{\"manner\": \"flies\"}");
        app.runRoutine("FIELD");
        String ready =
                "{\"propsOn\": true, \"batteryIn\": true, \"atField\": true, \"shortTest\": \"PASSED\", \"radioOn\": %s, \"usbIn\": %s}";
        bench(view, ready.formatted(false, false), "", 409);
        bench(view, ready.formatted(true, true), "", 409);
        bench(view, ready.formatted(true, false), "", 200);
    }

    @Test
    void anOverrideNeedsAReasonLogsEachGuardAndNeverPassesTheShortTest() {
        JsonNode view = app.openWorkUp("FORCED", "NOTHING_KNOWN", "{}");
        bench(view, "{\"propsOn\": true, \"batteryIn\": true, \"shortTest\": \"PASSED\"}", "because", 422);
        bench(
                view,
                "{\"propsOn\": true, \"batteryIn\": true, \"shortTest\": \"PASSED\"}",
                "the owner insisted on it",
                200);
        assertThat(app.get("/api/work-ups/" + view.get("id"))
                        .get("bench")
                        .get("shortTest")
                        .asString())
                .isNotEqualTo("PASSED");
        assertThat(app.get("/api/crafts/FORCED/log")
                        .valueStream()
                        .filter(line -> line.get("kind").asString().equals("override"))
                        .count())
                .isGreaterThan(1);
    }

    @Test
    void aNewBuildSeesNoUsbBeforeItsPrePowerChecks() {
        app.enterWired("FIRST", "STACK");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId": "FIRST", "kind": "take-off", "complaint": "will not arm", "occasion": "BUILD", "seen": {}}""");
        bench(view, "{\"usbIn\": true}", "", 409);
        app.runRoutine("FIRST");
        bench(view, "{\"usbIn\": true, \"shortTest\": \"PASSED\"}", "", 200);
    }

    @Test
    void aFlashOfAnyKindMakesMotorsAndRadioOffTestDue() {
        app.enterWired("FLASHED", "STACK");
        app.runRoutine("FLASHED");
        app.radioOff("FLASHED", "{\"outcomes\": {\"does\": \"stop\"}, \"after\": \"1.7\"}");
        assertThat(app.get("/api/crafts/FLASHED/radio-off").get("state").asString())
                .isEqualTo("PASSED");
        app.ask("POST", "/api/crafts/FLASHED/log", "{\"kind\": \"FLASH\", \"text\": \"an older version\"}");
        assertThat(app.get("/api/crafts/FLASHED/radio-off").get("state").asString())
                .isEqualTo("DUE");
        assertThat(app.get("/api/crafts/FLASHED").get("due").toString()).contains("motors");
    }

    @Test
    void aCrashOnTheChartMakesMotorsDueAndEntersTheOpenWorkUp() {
        JsonNode view = app.openWorkUp("DOWN", "NOTHING_KNOWN", "{}");
        view = app.motorsTurn(view);
        int before = view.get("evidence").size();
        app.ask("POST", "/api/crafts/DOWN/log", "{\"kind\": \"CRASH\", \"text\": \"into the fence\"}");
        assertThat(app.get("/api/work-ups/" + view.get("id")).get("evidence").size())
                .isGreaterThan(before);
        assertThat(app.get("/api/crafts/DOWN").get("due").toString()).contains("motors");
    }

    @Test
    void aReceiverThatHoldsItsLastValuesIsAHazardThatNoSignOffLifts() {
        app.enterWired("HOLDS", "STACK");
        told("HOLDS", "receiver-failsafe", "hold");
        JsonNode chart = app.get("/api/crafts/HOLDS");
        assertThat(chart.get("fitness").asString()).isEqualTo("GROUNDED");
        assertThat(chart.get("grounds").toString()).contains("Hazard");
        app.refused(
                409,
                "POST",
                "/api/crafts/HOLDS/sign-off",
                "{\"version\": " + chart.get("version") + ", \"reason\": \"its owner flies it so\"}");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId": "HOLDS", "kind": "failsafe-wrong", "complaint": "motors went on", "occasion": "NOTHING_KNOWN", "seen": {"seen": "on"}}""");
        assertThat(view.get("hazards").toString()).contains("fly");
    }

    @Test
    void aFixThatIsHardlyBelievedAsksForAReason() {
        JsonNode view = app.openWorkUp("HARDLY", "BUILD", "{\"manner\": \"flips\"}");
        String fix = "{\"version\": " + view.get("version") + ", \"faultId\": \"gain-too-high\", \"fixId\": \""
                + app.get("/api/work-ups/" + view.get("id") + "/fixes/gain-too-high")
                        .get("options")
                        .get(0)
                        .get("fixId")
                        .asString()
                + "\"}";
        assertThat(app.refused(409, "POST", "/api/work-ups/" + view.get("id") + "/fixes", fix)
                        .get("errors")
                        .get(0)
                        .get("where")
                        .asString())
                .isEqualTo("confirmed");
    }

    @Test
    void aShortTestBetweenAShortAndTheCraftAsksForASecondWay() {
        app.enterWired("HALF", "SEPARATE");
        String judge = "/api/crafts/HALF/routine/judge/ohms~PLUG.+~PLUG.-";
        assertThat(app.ask("POST", judge, "{\"written\": \"70\"}").get("passed").asBoolean())
                .isFalse();
        for (String sound : new String[] {"20k", "300k", "5M", "climbing"}) {
            assertThat(app.ask("POST", judge, "{\"written\": \"" + sound + "\"}")
                            .get("passed")
                            .asBoolean())
                    .as(sound)
                    .isTrue();
        }
        JsonNode asked = app.ask("POST", judge, "{\"written\": \"150\"}");
        assertThat(asked.get("passed").asBoolean()).isFalse();
        assertThat(asked.get("secondWay").get("outcomes")).hasSize(2);
        assertThat(app.ask("POST", judge, "{\"written\": \"150\", \"secondWay\": \"differs\"}")
                        .get("passed")
                        .asBoolean())
                .isTrue();
        assertThat(app.ask("POST", judge, "{\"written\": \"150\", \"secondWay\": \"same\"}")
                        .get("passed")
                        .asBoolean())
                .isFalse();
    }

    /** Making one way changes where the record's entries come from; what was made stays what it was. */
    @Test
    void aWayThatWasMadeStaysTheSameThoughTheRecordIsNewer() {
        app.ask("POST", "/api/crafts", """
        {"craftId": "WAYS", "name": "", "craftClass": "INCH_5", "mode": "LEVEL", "layout": "STACK", "parts": ["board-f7", "receiver", "gnss", "capacitor-470"]}""");
        String sheet = app.get("/api/crafts/WAYS/build-sheet").toString().replace("FC.R2", "FC.R4");
        app.ask(
                "PUT",
                "/api/crafts/WAYS/build-sheet",
                "{\"version\": " + app.get("/api/crafts/WAYS").get("version")
                        + ", \"reason\": \"as it is\", \"sheet\": " + sheet + "}");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId": "WAYS", "kind": "positioning", "complaint": "no satellites", "occasion": "PART_SWAP", "seen": {"seen": "none"}}""");
        JsonNode conflict = view.get("conflicts").get(0).get("conflict");
        JsonNode options = app.get("/api/work-ups/" + view.get("id") + "/fixes/"
                        + conflict.get("id").asString())
                .get("options");
        JsonNode jobs = options.valueStream()
                .filter(one -> one.get("title").asString().startsWith("Set functions"))
                .findFirst()
                .orElseThrow();
        JsonNode after = app.ask(
                "POST",
                "/api/work-ups/" + view.get("id") + "/fixes",
                "{\"version\": " + view.get("version") + ", \"faultId\": \""
                        + conflict.get("id").asString() + "\", \"fixId\": " + jobs.get("fixId") + "}");
        assertThat(after.get("conflicts").get(0).get("fixed").asBoolean()).isTrue();
        assertThat(after.get("conflicts").get(0).get("conflict").get("ways")).isEqualTo(conflict.get("ways"));
        assertThat(after.get("proof").toString())
                .as("the function is on UART 4 now")
                .contains("UART 4");
    }

    @Test
    void aRecordThatIsCorrectedIsReasonedFromAtOnce() {
        app.enterWired("CORRECTS", "STACK");
        told("CORRECTS", "receiver-failsafe", "hold");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId": "CORRECTS", "kind": "failsafe-wrong", "complaint": "motors run on", "occasion": "NOTHING_KNOWN", "seen": {"seen": "on"}}""");
        assertThat(view.get("hazards").toString()).contains("fly-away");
        JsonNode after = app.ask(
                "POST",
                "/api/work-ups/" + view.get("id") + "/corrections",
                "{\"version\": " + view.get("version") + ", \"conflictId\": \"recorded-receiver-hold\", \"way\": 1}");
        assertThat(after.get("conflicts")).isEmpty();
        assertThat(after.get("suspects").toString()).doesNotContain("recorded-receiver-hold");
        assertThat(app.get("/api/work-ups/" + view.get("id"))).isEqualTo(after);
    }
}
