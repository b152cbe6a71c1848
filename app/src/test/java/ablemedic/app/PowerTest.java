package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Power work-ups, the pre-power routine, wiring and batteries as the front end asks for them. */
@ExtendWith(RunningApp.class)
class PowerTest {
    private final App app;

    PowerTest(App app) {
        this.app = app;
    }

    private static String path(JsonNode view, String more) {
        return "/api/work-ups/" + view.get("id").asLong() + more;
    }

    @Test
    void aDeadArmIsLedByHalvesToItsPinWithTheProbesOnThisCraft() {
        app.enterWired("P1", "STACK");
        JsonNode view = app.openPower("P1", "dead-arm", "front-right");
        JsonNode next = view.get("next");
        assertThat(next.get("place").get("probes").get("redLabel").asString()).isNotBlank();
        assertThat(next.get("predictions").toString()).contains("OL, nothing gets through");
        view = app.write(view, "ohms~FC.S2~C4.S2", "OL", "");
        assertThat(view.get("next").get("place").toString()).contains("FC.S2>C4.S2#");
        view = app.write(view, "ohms~FC.S2~FC.S2>C4.S2#1", "O.L", "");
        assertThat(view.get("next").get("checkId").asString())
                .as("the wire behind the pin is asked for before the iron is heated")
                .isEqualTo("ohms~C4.S2~FC.S2>C4.S2#1");
        view = app.write(view, "ohms~C4.S2~FC.S2>C4.S2#1", "0.3", "");
        assertThat(view.get("stage").asString()).isEqualTo("FIXING");
        assertThat(view.get("fix").get("title").asString()).isEqualTo("Open pin at FC S2");
        assertThat(view.get("map")
                        .get("wires")
                        .valueStream()
                        .filter(l -> l.get("id").asString().equals("FC.S2>C4.S2"))
                        .findFirst()
                        .orElseThrow()
                        .get("state")
                        .asString())
                .isEqualTo("BROKEN");
    }

    @Test
    void aReadingNamesWhatItClearsAndTheMapShowsIt() {
        app.enterWired("P2", "SEPARATE");
        JsonNode view = app.openPower("P2", "dead-arm", "rear-left");
        view = app.write(view, "ohms~PB.3+~CRL.+", "0,3", "");
        assertThat(view.get("evidence").get(1).get("cleared").get(0).asString()).isEqualTo("the wire PB.3+ to CRL.+");
        assertThat(app.get("/api/crafts/P2/power-map")
                        .get("wires")
                        .valueStream()
                        .filter(l -> l.get("id").asString().equals("PB.3+>CRL.+"))
                        .findFirst()
                        .orElseThrow()
                        .get("state")
                        .asString())
                .isEqualTo("PROVEN");
    }

    @Test
    void aWrongVoltageOnARegulatedPadIsAWireToMoveAndNoScaleToEnter() {
        app.enterWired("P3", "SEPARATE");
        app.openPower("P3", "voltage", "fixed");
        app.runRoutine("P3");
        JsonNode view = app.get("/api/work-ups/"
                + app.get("/api/crafts/P3").get("workUps").get(0).get("id").asLong());
        view = app.ask("PUT", path(view, "/bench-state"), """
        {"version": %d, "state": {"propsOn": false, "batteryIn": true, "limiterIn": false, "usbIn": false,
         "antennaOn": true, "radioOn": false, "atField": false, "shortTest": "PASSED"}}""".formatted(
                        view.get("version").asLong()));
        app.refused(422, "POST", path(view, "/findings"), """
        {"version": %d, "checkId": "shown-full", "written": "5.0", "sureness": "SURE"}""".formatted(
                        view.get("version").asLong()));
        view = app.write(view, "shown-full", "5.0 V", "16.44");
        JsonNode leading = view.get("suspects").get(0);
        assertThat(leading.get("title").asString()).isEqualTo("VBAT sense wire on the 5 V rail at power board 5V");
        assertThat(app.get(path(view, "/fixes/" + leading.get("faultId").asString()))
                        .get("options")
                        .get(0)
                        .get("steps")
                        .toString())
                .contains("Leave the scale alone");
    }

    @Test
    void theRoutineUnlocksThePackAndACrashAPartOrARepairMakesItDueAgain() {
        app.enterWired("P4", "STACK");
        assertThat(app.get("/api/crafts/P4/routine").get("state").asString()).isEqualTo("NOT_DONE");
        JsonNode run = app.runRoutine("P4");
        assertThat(run.get("state").asString()).isEqualTo("PASSED");
        assertThat(app.get("/api/crafts/P4/log").toString()).contains("Pre-power checks passed");
        for (String kind : new String[] {"CRASH", "PART", "OPENED"}) {
            app.ask("POST", "/api/crafts/P4/log", "{\"kind\": \"" + kind + "\", \"text\": \"as it happens\"}");
            assertThat(app.get("/api/crafts/P4/routine").get("state").asString())
                    .as(kind)
                    .isEqualTo("NOT_DONE");
            app.runRoutine("P4");
        }
        app.ask("POST", "/api/crafts/P4/log", "{\"kind\": \"FLIGHT\", \"text\": \"ten minutes\"}");
        assertThat(app.get("/api/crafts/P4/routine").get("state").asString()).isEqualTo("PASSED");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId": "P4", "kind": "voltage", "complaint": "low", "occasion": "FLASH", "seen": {"seen": "low"}}""");
        assertThat(view.get("bench").get("shortTest").asString()).isEqualTo("PASSED");
        view = app.fix(view, "scale-0_909", "scale");
        assertThat(view.get("bench").get("shortTest").asString())
                .as("a setting opens nothing")
                .isEqualTo("PASSED");
        view = app.fix(view, "divider-low", "resistors");
        assertThat(view.get("bench").get("shortTest").asString()).isEqualTo("NOT_DONE");
        assertThat(app.get("/api/crafts/P4/routine").get("why").asString()).contains("Replace the divider");
    }

    @Test
    void aShortFailsTheRoutineKeepsThePackOutAndIsAFindingOfTheOpenWorkUp() {
        app.enterWired("P5", "SEPARATE");
        JsonNode view = app.openPower("P5", "shorts", "pack");
        JsonNode run = app.ask("POST", "/api/crafts/P5/routine", """
        {"minutes": 2, "readings": {"routine-look": {"outcomes": {"seen": "sound"}},
          "ohms~PLUG.+~PLUG.-": {"written": "0.4"}}}""");
        assertThat(run.get("state").asString()).isEqualTo("FAILED");
        assertThat(run.get("newest").get("steps").get(1).get("passed").asBoolean())
                .isFalse();
        view = app.get(path(view, ""));
        assertThat(view.get("bench").get("shortTest").asString()).isEqualTo("FAILED");
        assertThat(view.get("evidence").toString()).contains("Resistance from battery plug + to battery plug -");
        assertThat(view.get("suspects").get(0).get("title").asString()).containsAnyOf("Short", "shorted", "Bridge");
        app.refused(422, "POST", "/api/crafts/P5/routine", "{\"minutes\": 2, \"readings\": {}}");
        assertThat(app.ask("POST", "/api/crafts/P5/routine/judge/ohms~PLUG.+~PLUG.-", "{\"written\": \"climbing\"}")
                        .get("passed")
                        .asBoolean())
                .isTrue();
        app.refused(404, "POST", "/api/crafts/P5/routine/judge/nothing", "{\"written\": \"1\"}");
    }

    @Test
    void aWorkUpOpenedAfterAFailedRoutineBeginsWithItsReadings() {
        app.enterWired("P9", "STACK");
        app.ask("POST", "/api/crafts/P9/routine", """
        {"minutes": 1, "readings": {"routine-look": {"outcomes": {"seen": "sound"}},
          "ohms~PLUG.+~PLUG.-": {"written": "2.3 ohm"}}}""");
        JsonNode view = app.ask("POST", "/api/work-ups", """
        {"craftId": "P9", "kind": "shorts", "complaint": "failed the routine", "occasion": "NOTHING_KNOWN", "seen": {}}""");
        assertThat(view.get("evidence").get(0).get("answers").get(0).asString()).isEqualTo("It is so");
        assertThat(view.get("evidence").get(1).get("answers").get(0).asString()).isEqualTo("2.3 ohm");
        assertThat(view.get("bench").get("shortTest").asString()).isEqualTo("FAILED");
        assertThat(view.get("suspects").get(0).get("title").asString()).isEqualTo("The capacitor is burst and shorted");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "12 V|RESISTANCE|measures voltage",
                "heavy|RESISTANCE|not a number",
                "60 M|RESISTANCE|your meter shows OL",
                "-4|RESISTANCE|outside what can be"
            })
    void aReadingInTheWrongUnitOrBeyondTheMeterIsSaidPlainly(String written, String kind, String says) {
        if (app.send("GET", "/api/crafts/P6", "").statusCode() == 404) {
            app.enterWired("P6", "STACK");
            app.openPower("P6", "dead-arm", "rear-right");
        }
        long id = app.get("/api/crafts/P6").get("workUps").get(0).get("id").asLong();
        JsonNode before = app.get("/api/work-ups/" + id);
        assertThat(app.refused(422, "POST", "/api/work-ups/" + id + "/findings", """
        {"version": %d, "checkId": "ohms~FC.S1~C4.S1", "written": "%s", "sureness": "SURE"}""".formatted(
                                        before.get("version").asLong(), written))
                        .get("detail")
                        .asString())
                .contains(says);
        assertThat(app.get("/api/work-ups/" + id).get("version")).isEqualTo(before.get("version"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"PB.77+|PB has IN+", "NOBODY.+|the parts are PLUG", "RX.+|One wire fits on RX.+"})
    void aLeadThatCannotBeIsRefusedWithThePlaceAndChangesNothing(String from, String right) {
        if (app.send("GET", "/api/crafts/P7", "").statusCode() == 404) {
            app.enterWired("P7", "SEPARATE");
        }
        JsonNode chart = app.get("/api/crafts/P7");
        ObjectNode sheet = (ObjectNode) chart.get("sheet").deepCopy();
        ((ArrayNode) sheet.get("electrics").get("wires"))
                .addObject()
                .put("from", from)
                .put("to", "FC.A5")
                .put("gaugeAwg", 28)
                .put("lengthMm", 50)
                .put("plugged", false);
        JsonNode refusal = app.refused(
                422,
                "PUT",
                "/api/crafts/P7/build-sheet",
                "{\"version\": " + chart.get("version") + ", \"reason\": \"one more\", \"sheet\": " + sheet + "}");
        assertThat(refusal.get("detail").asString()).contains(right);
        assertThat(refusal.get("errors").get(0).get("where").asString()).startsWith("wires[");
        assertThat(app.get("/api/crafts/P7").get("version")).isEqualTo(chart.get("version"));
    }

    @Test
    void aCraftIsWiredFromTheShelfDuplicatedAndChangedByWhatDiffers() {
        app.ask("POST", "/api/crafts", "{\"craftId\": \"P8\", \"name\": \"bare\"}");
        assertThat(app.get("/api/crafts/P8").get("missing").get(0).asString()).contains("not entered");
        assertThat(app.get("/api/crafts/P8/complaints"))
                .as("those that need no leads")
                .hasSize(14);
        app.refused(409, "POST", "/api/crafts/P8/parts", "{\"version\": 1, \"archetype\": \"receiver\"}");
        JsonNode chart = app.ask("PUT", "/api/crafts/P8/layout", """
        {"version": 1, "layout": "STACK", "parts": [],
         "battery": {"cells": 6, "chemistry": "LIPO", "capacityMah": 1100, "cellMilliohms": 5}}""");
        chart = app.ask(
                "POST",
                "/api/crafts/P8/parts",
                "{\"version\": " + chart.get("version") + ", \"archetype\": \"receiver\"}");
        assertThat(chart.get("sheet").get("electrics").get("wires").toString())
                .contains("RX.+")
                .contains("RX.-");
        assertThat(chart.get("revisions").get(0).get("changes").toString())
                .contains("part RX")
                .contains("FC.R5 to RX.+");
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/crafts/P8/parts",
                                "{\"version\": " + chart.get("version") + ", \"archetype\": \"teapot\"}")
                        .get("detail")
                        .asString())
                .contains("receiver-satellite");
        JsonNode twin = app.ask("POST", "/api/crafts", "{\"craftId\": \"P8B\", \"name\": \"twin\", \"like\": \"p8\"}");
        assertThat(twin.get("sheet")).isEqualTo(chart.get("sheet"));
        chart = app.ask("DELETE", "/api/crafts/P8/parts/RX?version=" + chart.get("version"), "");
        assertThat(chart.get("sheet").get("electrics").toString()).doesNotContain("RX");
        assertThat(app.get("/api/crafts/P8/complaints").size()).isGreaterThan(6);
    }
}
