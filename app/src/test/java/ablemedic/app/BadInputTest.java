package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class BadInputTest {
    private final App app;

    BadInputTest(App app) {
        this.app = app;
    }

    @Test
    void aMarkThatIsTakenIsRefusedWhateverItsCase() {
        JsonNode refusal = app.refused(409, "POST", "/api/crafts", "{\"craftId\": \"gannet\", \"name\": \"\"}");
        assertThat(refusal.get("errors").get(0).get("where").asString()).isEqualTo("craftId");
        assertThat(refusal.get("detail").asString()).contains("another craft ID");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
      massG          | 0                                          | massG      | more than 0 g
      massG          | 100                                        | motorMassG | less than the craft
      thrustToWeight | 0.5                                        | thrustToWeight | above 1
      configuration           | {"output-order": "1-1-2-3"}                | configuration.output-order | 4-2-1-3
      configuration           | {"stick-order": "AAAA"}                    | configuration.stick-order | AETR
      configuration           | {"colour": "red"}                          | configuration.colour | GET /api/settings
      configuration           | {"voltage-scale": "0"}                     | configuration.voltage-scale | from 0.001 to 1000
      configuration           | {"cells": "3.5"}                           | configuration.cells | a whole number from 0 to 14
      mounted        | {"rollDeg": 45, "pitchDeg": 0, "yawDeg": 0} | mounted    | quarter turns
      configuration           | {"gain": "-1"}                             | configuration.gain  | from 0.01 to 99
      wiring         | ["FRONT_LEFT", "FRONT_LEFT", "REAR_LEFT", "REAR_RIGHT"] | wiring | By the wires the outputs drive
      """)
    void aSheetThatMakesNoCraftIsRefusedWithThePlace(String field, String value, String where, String right) {
        var sheet = (tools.jackson.databind.node.ObjectNode) app.get("/api/crafts/EIDER/build-sheet");
        sheet.set(field, app.json.readTree(value));
        String before = app.get("/api/crafts").toString();
        JsonNode refusal = app.refused(
                422, "POST", "/api/crafts", "{\"craftId\": \"NEW\", \"name\": \"\", \"sheet\": " + sheet + "}");
        assertThat(refusal.get("errors").get(0).get("where").asString()).isEqualTo(where);
        assertThat(refusal.get("errors").get(0).get("right").asString()).contains(right);
        assertThat(app.get("/api/crafts")).hasToString(before);
    }

    @Test
    void twoMotorsOnOneSpotMakeNoCraft() {
        var sheet = (tools.jackson.databind.node.ObjectNode) app.get("/api/crafts/EIDER/build-sheet");
        var motors = (tools.jackson.databind.node.ArrayNode) sheet.get("motors");
        motors.set(1, motors.get(0));
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/crafts",
                                "{\"craftId\": \"NEW\", \"name\": \"\", \"sheet\": " + sheet + "}")
                        .get("detail")
                        .asString())
                .contains("on one spot");
    }

    @Test
    void whatIsNotThereIsNamedAndWhatIsThereIsListed() {
        assertThat(app.refused(404, "GET", "/api/crafts/NOBODY", "")
                        .get("detail")
                        .asString())
                .contains("GANNET");
        app.refused(404, "GET", "/api/work-ups/99999", "");
        app.refused(404, "GET", "/api/handbook/nothing", "");
        assertThat(app.refused(400, "GET", "/api/work-ups/abc", "")
                        .get("detail")
                        .asString())
                .contains("abc");
        assertThat(app.refused(422, "GET", "/api/work-ups/1/checks/guess", "")
                        .get("detail")
                        .asString())
                .contains("guess");
        assertThat(app.refused(422, "GET", "/api/repair-log?from=yesterday", "")
                        .get("detail")
                        .asString())
                .contains("2026-03-31");
        assertThat(app.send("GET", "/api/nothing", "").statusCode()).isEqualTo(404);
    }

    @Test
    void anUnknownOutcomeIsRefusedWithThoseThatThereAre() {
        JsonNode view = app.openWorkUp("B1", "BUILD", "{}");
        assertThat(app.refused(422, "POST", "/api/work-ups/" + view.get("id") + "/findings", """
        {"version": %s, "checkId": "arrow", "outcomes": {"seen": "sideways"}, "sureness": "SURE"}""".formatted(
                                        view.get("version")))
                        .get("detail")
                        .asString())
                .contains("sideways")
                .contains("forward");
        assertThat(app.refused(422, "POST", "/api/work-ups", """
        {"craftId": "FULMAR", "complaint": "x", "occasion": "BUILD", "seen": {"manner": "explodes"}}""").get("detail").asString())
                .contains("flips");
    }

    @Test
    void missingAndSuperfluousFieldsAreNamed() {
        assertThat(app.refused(422, "POST", "/api/work-ups", "{}").get("errors").toString())
                .contains("craftId")
                .contains("complaint")
                .contains("occasion");
        assertThat(app.refused(400, "POST", "/api/crafts", "{\"craftId\": \"X\", \"name\": \"\", \"wings\": 2}")
                        .get("detail")
                        .asString())
                .contains("wings");
        assertThat(app.refused(
                                400,
                                "POST",
                                "/api/crafts",
                                "{\"craftId\": \"X\", \"name\": \"\", \"craftClass\": \"HUGE\"}")
                        .get("detail")
                        .asString())
                .contains("craftClass");
    }

    @Test
    void brokenJsonIsRefusedWithThePlace() {
        assertThat(app.refused(400, "POST", "/api/crafts", "{\"craftId\": ")
                        .get("detail")
                        .asString())
                .contains("line 1");
    }

    @Test
    void tooMuchIsRefused() {
        byte[] large =
                ("{\"craftId\": \"" + "x".repeat(400_000) + "\"}").getBytes(java.nio.charset.StandardCharsets.UTF_8);
        assertThat(app.send("POST", "/api/crafts", large).statusCode()).isEqualTo(413);
    }

    @ParameterizedTest
    @CsvSource({"66, 12, meterV", "0.1, 12, meterV", "15, 81, shownV", "15, -1, shownV"})
    void aReadingBeyondWhatPacksAndScreensShowIsRefused(double meter, double shown, String where) {
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/scale-from-readings",
                                "{\"readings\": [{\"meterV\": " + meter + ", \"shownV\": " + shown
                                        + "}], \"scale\": 11}")
                        .get("errors")
                        .get(0)
                        .get("where")
                        .asString())
                .isEqualTo(where);
    }

    @Test
    void theHighestReadingsAreStillAnswered() {
        app.ask(
                "POST",
                "/api/instruments/scale-from-readings",
                "{\"readings\": [{\"meterV\": 65, \"shownV\": 80}, {\"meterV\": 0.5, \"shownV\": 0}], \"scale\": 11}");
    }

    @Test
    void randomBytesNeverGiveAServerError() {
        Random random = new Random(17);
        List<String> paths = List.of(
                "/api/crafts",
                "/api/work-ups",
                "/api/work-ups/1/findings",
                "/api/work-ups/1/own-tests",
                "/api/instruments/motor-map",
                "/api/instruments/board-orientation",
                "/api/instruments/take-off-motion",
                "/api/crafts/EIDER/routine",
                "/api/crafts/EIDER/log",
                "/api/crafts/EIDER/parts",
                "/api/batteries",
                "/api/batteries/A1/entries",
                "/api/instruments/pack",
                "/api/instruments/read-here",
                "/api/instruments/scale-from-readings",
                "/api/instruments/sense-chain",
                "/api/instruments/lead-drop",
                "/api/instruments/limiter-bulb",
                "/api/instruments/rail-budget");
        String template =
                "{\"craftId\":\"A\",\"seen\":{},\"version\":1,\"motions\":{},\"faultIds\":[\"x\"],\"props\":{}}";
        for (int i = 0; i < 300; i++) {
            byte[] body = template.getBytes(java.nio.charset.StandardCharsets.UTF_8);
            for (int n = 1 + random.nextInt(30); n > 0; n--) {
                body[random.nextInt(body.length)] = (byte) random.nextInt(256);
            }
            HttpResponse<String> response = app.send("POST", paths.get(i % paths.size()), body);
            assertThat(response.statusCode()).as(response.body()).isBetween(200, 499);
        }
    }

    @Test
    void pagesOfOtherSitesAreTurnedAway() {
        assertThat(app.send("POST", "/api/crafts", "{}".getBytes(), "Origin", "http://elsewhere.example")
                        .statusCode())
                .isEqualTo(403);
        assertThat(app.send("GET", "/api/health", new byte[0]).headers().firstValue("Content-Security-Policy"))
                .hasValueSatisfying(policy -> assertThat(policy).contains("default-src 'self'"));
    }
}
