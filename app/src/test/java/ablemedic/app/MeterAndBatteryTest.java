package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Meter, batteries and the instruments of power, over the interface. */
@ExtendWith(RunningApp.class)
class MeterAndBatteryTest {
    private final App app;

    MeterAndBatteryTest(App app) {
        this.app = app;
    }

    @Test
    void theInstrumentsOfPowerAnswerAndRefuse() {
        JsonNode here = app.ask(
                "POST",
                "/api/instruments/read-here",
                "{\"craftId\": \"EIDER\", \"mode\": \"VOLTS\", \"red\": \"PB.5V\", \"black\": \"PB.G5\"}");
        assertThat(here.get("sound").asString()).startsWith("4.9");
        assertThat(here.get("under").toString()).contains("5 V regulator of the power board is dead");
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/read-here",
                                "{\"craftId\": \"SKUA\", \"mode\": \"OHMS\", \"red\": \"A\", \"black\": \"B\"}")
                        .get("detail")
                        .asString())
                .contains("not entered");
        JsonNode scale = app.ask("POST", "/api/instruments/scale-from-readings", """
        {"craftId": "PETREL", "scale": 11, "readings": [{"meterV": 16.4, "shownV": 5.0}, {"meterV": 14.0, "shownV": 5.0}]}""");
        assertThat(scale.has("newScale")).isFalse();
        assertThat(scale.get("advice").asString()).contains("wire on the wrong pad");
        JsonNode chain = app.ask(
                "POST",
                "/api/instruments/sense-chain",
                "{\"batteryV\": 16.5, \"topOhm\": 10000, \"bottomOhm\": 1000, \"tolerance\": 0.01, \"scale\": 11}");
        assertThat(chain.get("converterV").asDouble()).isCloseTo(1.5, within(1e-9));
        assertThat(chain.get("fullScaleV").asDouble()).isCloseTo(36.3, within(1e-9));
        assertThat(chain.get("leastTopOhm").asDouble())
                .as("E96 at or above 4000 ohm")
                .isCloseTo(4020, within(1e-6));
        JsonNode drop = app.ask("POST", "/api/instruments/lead-drop", """
        {"gaugeAwg": 16, "lengthMm": 100, "currentA": 20, "temperatureC": 20, "mostDropV": 0.1}""");
        assertThat(drop.get("resistanceMohm").asDouble()).isCloseTo(2.634, within(0.01));
        assertThat(app.ask(
                                "POST",
                                "/api/instruments/limiter-bulb",
                                "{\"batteryV\": 16, \"bulbV\": 24, \"bulbW\": 21, \"craftOhm\": 0}")
                        .get("look")
                        .asString())
                .isEqualTo("bright");
        assertThat(app.ask("POST", "/api/instruments/rail-budget", "{\"craftId\": \"FULMAR\"}")
                        .get("rails"))
                .hasSize(3);
        JsonNode battery = app.ask("POST", "/api/instruments/pack", """
        {"kind": {"cells": 4, "chemistry": "LIPO_HIGH_VOLTAGE", "capacityMah": 1300, "cellMilliohms": 4},
         "rule": "LONG_LIFE", "drawA": 8}""");
        assertThat(battery.get("guessFull").asInt())
                .as("a full high-voltage pack is misjudged")
                .isEqualTo(5);
        app.refused(422, "POST", "/api/instruments/lead-drop", """
        {"gaugeAwg": 99, "lengthMm": 100, "currentA": 20, "temperatureC": 20, "mostDropV": 0.1}""");
        app.refused(
                422,
                "POST",
                "/api/instruments/limiter-bulb",
                "{\"batteryV\": -1, \"bulbV\": 24, \"bulbW\": 21, \"craftOhm\": 0}");
    }

    @Test
    void theMeterIsKeptAndPredictionsGoThroughIt() {
        ObjectNode usual = (ObjectNode) app.get("/api/meter");
        ObjectNode other = usual.deepCopy().put("leadOhms", 0.8);
        app.ask("PUT", "/api/meter", other.toString());
        try {
            String two = "{\"craftId\": \"EIDER\", \"mode\": \"OHMS\", \"red\": \"PB.1+\", \"black\": \"CFR.+\"}";
            assertThat(app.ask("POST", "/api/instruments/read-here", two)
                            .get("sound")
                            .asString())
                    .startsWith("0.81 ohm");
            assertThat(app.refused(
                                    422,
                                    "PUT",
                                    "/api/meter",
                                    other.deepCopy().put("ohmsShare", 3).toString())
                            .get("errors")
                            .get(0)
                            .get("where")
                            .asString())
                    .isEqualTo("ohmsShare");
        } finally {
            app.ask("PUT", "/api/meter", usual.toString());
        }
    }

    @Test
    void aPackKnowsWhenToLandAndWhatItsLogSays() {
        String kind = "{\"cells\": 4, \"chemistry\": \"LIPO\", \"capacityMah\": 1300, \"cellMilliohms\": 4}";
        JsonNode battery = app.ask(
                "POST", "/api/batteries", "{\"label\": \"T1\", \"rule\": \"LONG_LIFE\", \"kind\": " + kind + "}");
        assertThat(battery.get("landV").asDouble()).isCloseTo(14.8, within(1e-9));
        assertThat(battery.has("flightMinutes")).isFalse();
        battery = app.ask("POST", "/api/batteries/T1/entries", """
        {"craft": "eider", "minutes": 6, "usedMah": 800, "chargedMah": 900, "restV": 16.6, "loadV": 16.2, "loadA": 20,
         "note": ""}""");
        assertThat(battery.get("resistanceMohm").get("value").asDouble()).isCloseTo(20, within(1e-6));
        assertThat(battery.get("chargeScale").get("value").asDouble()).isCloseTo(1.125, within(1e-9));
        assertThat(battery.get("flightMinutes").get("value").asDouble())
                .isCloseTo(battery.get("usableMah").asDouble() / 150, within(1e-6));
        assertThat(battery.get("entries").get(0).get("entry").get("craft").asString())
                .isEqualTo("EIDER");
        battery = app.ask("PUT", "/api/batteries/T1/rule", "{\"rule\": \"USE_THE_PACK\"}");
        assertThat(battery.get("criticalV").asDouble()).isCloseTo(13.2, within(1e-9));
        app.refused(
                409, "POST", "/api/batteries", "{\"label\": \"t1\", \"rule\": \"LONG_LIFE\", \"kind\": " + kind + "}");
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/batteries/T1/entries",
                                "{\"restV\": 16, \"loadV\": 16.5, \"note\": \"\"}")
                        .get("detail")
                        .asString())
                .contains("below its resting voltage");
        app.refused(422, "POST", "/api/batteries/T1/entries", "{\"minutes\": -2, \"note\": \"\"}");
        app.refused(404, "GET", "/api/batteries/NOBODY", "");
        app.refused(
                422,
                "POST",
                "/api/batteries",
                "{\"label\": \"T2\", \"rule\": \"LONG_LIFE\", \"kind\": " + kind.replace("4,", "40,") + "}");
    }
}
