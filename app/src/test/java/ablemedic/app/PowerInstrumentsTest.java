package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.app.RunningApp.App;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The instruments of power over HTTP: bounds of every entry, and laws that their answers keep. */
@ExtendWith(RunningApp.class)
class PowerInstrumentsTest {
    private static final Map<String, String> ASKED = Map.of(
            "lead-drop", """
          {"gaugeAwg": 16, "lengthMm": 100, "currentA": 20, "temperatureC": 20, "mostDropV": 0.1}""",
            "limiter-bulb", """
          {"batteryV": 16.4, "bulbV": 24, "bulbW": 21, "craftOhm": 100}""",
            "sense-chain", """
          {"batteryV": 16.4, "topOhm": 10000, "bottomOhm": 1000, "tolerance": 0.01, "scale": 11}""");

    static Stream<Arguments> entries() {
        List<Arguments> all = new ArrayList<>();
        ASKED.forEach((instrument, body) -> JsonMapper.shared()
                .readTree(body)
                .propertyNames()
                .forEach(field -> all.add(Arguments.of(instrument, field))));
        return all.stream();
    }

    private final App app;

    PowerInstrumentsTest(App app) {
        this.app = app;
    }

    private ObjectNode asked(String instrument) {
        return (ObjectNode) app.json.readTree(ASKED.get(instrument));
    }

    private JsonNode answer(String instrument, ObjectNode body) {
        return app.ask("POST", "/api/instruments/" + instrument, body.toString());
    }

    @ParameterizedTest
    @MethodSource("entries")
    void aNumberFarOutIsRefusedWithItsField(String instrument, String field) {
        for (long number : new long[] {-1_000_000, 1_000_000_000}) {
            JsonNode refusal = app.refused(
                    422,
                    "POST",
                    "/api/instruments/" + instrument,
                    asked(instrument).put(field, number).toString());
            assertThat(refusal.get("errors").get(0).get("where").asString()).isEqualTo(field);
            assertThat(refusal.get("errors").get(0).get("right").asString()).isNotBlank();
        }
    }

    @ParameterizedTest
    @MethodSource("entries")
    void aWordForANumberIsRefusedAndNotTakenForNought(String instrument, String field) {
        app.refused(
                400,
                "POST",
                "/api/instruments/" + instrument,
                asked(instrument).put(field, "much").toString());
    }

    @ParameterizedTest
    @MethodSource("entries")
    void anyNumberGivesAnAnswerOrARefusal(String instrument, String field) {
        Random random = new Random(field.hashCode());
        for (int n = 0; n < 12; n++) {
            double number =
                    (random.nextBoolean() ? 1 : -1) * Math.pow(10, random.nextInt(16) - 6) * random.nextDouble();
            assertThat(app.send(
                                    "POST",
                                    "/api/instruments/" + instrument,
                                    asked(instrument).put(field, number).toString())
                            .statusCode())
                    .as("%s of %s", number, field)
                    .isIn(200, 400, 422);
        }
    }

    /** Published source: ASTM B258, diameters of gauges in mm and their areas in mm². */
    @ParameterizedTest
    @CsvSource({
        "10, 2.588, 5.261",
        "16, 1.291, 1.309",
        "20, 0.8118, 0.5176",
        "24, 0.5106, 0.2047",
        "30, 0.2546, 0.05093"
    })
    void theLeadHasTheDiameterAndAreaOfItsGauge(int gauge, double diameter, double area) {
        JsonNode wire = answer("lead-drop", asked("lead-drop").put("gaugeAwg", gauge));
        assertThat(wire.get("diameterMm").asDouble()).isCloseTo(diameter, within(0.001 * diameter));
        assertThat(wire.get("areaMm2").asDouble()).isCloseTo(area, within(0.002 * area));
    }

    @Test
    void theLeadKeepsOhmsLaw() {
        for (int amps = 1; amps <= 100; amps *= 3) {
            JsonNode wire = answer("lead-drop", asked("lead-drop").put("currentA", amps));
            double drop = wire.get("resistanceMohm").asDouble() / 1000 * amps;
            assertThat(wire.get("dropV").asDouble()).isCloseTo(drop, within(1e-9));
            assertThat(wire.get("heatW").asDouble()).isCloseTo(drop * amps, within(1e-6));
        }
    }

    @Test
    void theChainShowsThePackWhereTheScaleIsThatOfItsDivider() {
        JsonNode chain = answer("sense-chain", asked("sense-chain"));
        assertThat(chain.get("ratio").asDouble()).isCloseTo(11, within(1e-9));
        assertThat(chain.get("rightScale").asDouble()).isCloseTo(11, within(1e-9));
        assertThat(chain.get("shownV").asDouble())
                .isCloseTo(16.4, within(chain.get("stepV").asDouble()));
        assertThat(chain.get("clipped").asBoolean()).isFalse();
        JsonNode high = answer("sense-chain", asked("sense-chain").put("batteryV", 50));
        assertThat(high.get("clipped").asBoolean())
                .as("3.3 V times 11 is the most")
                .isTrue();
        assertThat(high.get("shownV").asDouble()).isCloseTo(36.3, within(0.02));
        assertThat(high.get("leastTopOhm").asDouble())
                .as("a resistor that would do")
                .isGreaterThan(10_000);
        JsonNode looser = answer("sense-chain", asked("sense-chain").put("tolerance", 0.05));
        assertThat(looser.get("shownPlusMinusV").asDouble())
                .isGreaterThan(chain.get("shownPlusMinusV").asDouble());
    }

    @Test
    void theBulbComparesThisCraftWithOthers() {
        JsonNode bulb = answer("limiter-bulb", asked("limiter-bulb").put("craftOhm", 0));
        assertThat(bulb.get("look").asString()).isEqualTo("bright");
        assertThat(bulb.get("craftV").asDouble()).isCloseTo(0, within(1e-6));
        double before = Double.MAX_VALUE;
        for (JsonNode beside : bulb.get("beside")) {
            assertThat(beside.get("what").asString()).isNotBlank();
            assertThat(beside.get("craftOhm").asDouble()).isNotEqualTo(before);
            before = beside.get("craftOhm").asDouble();
        }
    }

    private static String kind(int cells, String chemistry, double mah, double mohm) {
        return "{\"cells\": %d, \"chemistry\": \"%s\", \"capacityMah\": %s, \"cellMilliohms\": %s}"
                .formatted(cells, chemistry, mah, mohm);
    }

    @ParameterizedTest
    @CsvSource({
        "0, LIPO, 1500, 4",
        "99, LIPO, 1500, 4",
        "4, LIPO, 0, 4",
        "4, LIPO, -1, 4",
        "4, LIPO, 1500, 0",
        "4, LIPO, 1500, 1e9"
    })
    void aPackThatCannotBeIsRefusedByTheInstrumentAndByThePacks(int cells, String chemistry, double mah, double mohm) {
        app.refused(
                422,
                "POST",
                "/api/instruments/pack",
                "{\"kind\": %s, \"rule\": \"LONG_LIFE\", \"drawA\": 8}".formatted(kind(cells, chemistry, mah, mohm)));
        app.refused(
                422,
                "POST",
                "/api/batteries",
                "{\"label\": \"NO-1\", \"kind\": %s, \"rule\": \"LONG_LIFE\"}"
                        .formatted(kind(cells, chemistry, mah, mohm)));
        app.refused(404, "GET", "/api/batteries/NO-1", "");
    }

    @Test
    void theInstrumentAndThePackOfTheShelfAgree() {
        app.ask(
                "POST",
                "/api/batteries",
                "{\"label\": \"AGREE\", \"kind\": %s, \"rule\": \"USE_THE_PACK\"}".formatted(kind(4, "LIPO", 1500, 4)));
        JsonNode battery = app.ask(
                "POST", "/api/batteries/AGREE/entries", "{\"minutes\": 6, \"chargedMah\": 1100, \"note\": \"\"}");
        JsonNode instrument = app.ask(
                "POST",
                "/api/instruments/pack",
                "{\"kind\": %s, \"rule\": \"USE_THE_PACK\", \"drawA\": %s}"
                        .formatted(
                                kind(4, "LIPO", 1500, 4), battery.get("drawA").asDouble()));
        assertThat(battery.get("drawA").asDouble())
                .as("1100 mAh in six minutes")
                .isCloseTo(11, within(1e-9));
        assertThat(instrument.get("usableMah").asDouble())
                .isCloseTo(battery.get("usableMah").asDouble(), within(1e-6));
        assertThat(instrument.get("landV").asDouble())
                .isCloseTo(battery.get("landV").asDouble(), within(1e-9));
        assertThat(battery.get("flightMinutes").get("value").asDouble())
                .isCloseTo(battery.get("usableMah").asDouble() / 1100 * 6, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"minutes\": 0, \"note\": \"\"}|minutes", "{\"usedMah\": -5, \"note\": \"\"}|usedMah",
                "{\"restV\": 40, \"note\": \"\"}|restV", "{\"restV\": 16, \"loadV\": 16.5, \"note\": \"\"}|loadV",
                "{\"loadA\": 1e6, \"note\": \"\"}|loadA"
            })
    void anEntryThatCannotBeChangesNothing(String body, String where) {
        String label = "KEPT-" + where;
        app.ask(
                "POST",
                "/api/batteries",
                "{\"label\": \"%s\", \"kind\": %s, \"rule\": \"LONG_LIFE\"}"
                        .formatted(label, kind(4, "LIPO", 1500, 4)));
        JsonNode refusal = app.refused(422, "POST", "/api/batteries/" + label + "/entries", body);
        assertThat(refusal.get("errors").get(0).get("where").asString()).isEqualTo(where);
        assertThat(app.get("/api/batteries/" + label).get("entries")).isEmpty();
    }

    @Test
    void everyPairOfPointsOfACraftHasAReading() {
        JsonNode points = app.get("/api/crafts/EIDER/power-map").get("points");
        Random random = new Random(5);
        for (int n = 0; n < 40; n++) {
            String red = points.get(random.nextInt(points.size())).get("id").asString();
            String black = points.get(random.nextInt(points.size())).get("id").asString();
            String body = "{\"craftId\": \"EIDER\", \"mode\": \"%s\", \"red\": \"%s\", \"black\": \"%s\"}"
                    .formatted(n % 2 == 0 ? "OHMS" : "VOLTS", red, black);
            if (red.equals(black)) {
                app.refused(422, "POST", "/api/instruments/read-here", body);
            } else {
                assertThat(app.ask("POST", "/api/instruments/read-here", body)
                                .get("sound")
                                .asString())
                        .as(body)
                        .isNotBlank();
            }
        }
    }

    @Test
    void theBudgetOfEveryDemoCraftAddsUp() {
        app.get("/api/crafts").forEach(craft -> {
            JsonNode budget = app.ask(
                    "POST",
                    "/api/instruments/rail-budget",
                    "{\"craftId\": \"%s\"}".formatted(craft.get("craftId").asString()));
            double share = budget.get("spareShare").asDouble();
            budget.get("rails").forEach(rail -> assertThat(rail.get("spareA").asDouble())
                    .isCloseTo(
                            (1 - share) * rail.get("limitA").asDouble()
                                    - rail.get("givesA").asDouble(),
                            within(1e-9)));
        });
    }
}
