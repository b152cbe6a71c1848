package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.app.RunningApp.App;
import ablemedic.protocol.Format;
import ablemedic.protocol.Sender;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class LineInstrumentsTest {

    private static HttpResponse<String> post(App app, byte[] file, String query, String type) {
        return app.sendAs("POST", "/api/instruments/capture" + query, file, type);
    }

    private static JsonNode tells(App app, String file) {
        HttpResponse<String> answer = post(app, file.getBytes(StandardCharsets.UTF_8), "", "application/octet-stream");
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return app.json.readTree(answer.body()).get("tells");
    }

    @Test
    void theOrderOfTheChannelsFollowsFromTheBarsThatMoved(App app) {
        JsonNode found = app.ask("POST", "/api/instruments/channel-order", """
        {"board": "AETR", "seen": [{"stick": "THROTTLE", "bar": "ROLL", "up": true}, {"stick": "ROLL", "bar": "PITCH", "up": false}, {"stick": "PITCH", "bar": "THROTTLE", "up": true}]}""");
        assertThat(found.get("orders").valueStream().map(JsonNode::asString)).containsExactly("TAER");
        assertThat(found.get("reversed").valueStream().map(JsonNode::asString)).containsExactly("roll");
        assertThat(app.refused(422, "POST", "/api/instruments/channel-order", "{\"board\": \"AAAA\", \"seen\": []}")
                        .get("detail")
                        .asString())
                .contains("as in AETR");
    }

    @Test
    void aLostLinkIsFollowedToTheGroundAndALandingThatClimbsIsSaid(App app) {
        String lost = """
        {"receiver": "NO_FRAMES", "noticeS": 0.5, "presetArm": false, "presetThrottle": 0, "detectS": 0.2, "guardS": 1, "afterGuardTime": "LAND", "landingThrottle": %s,
        "landingS": 60, "home": {"fix": true, "homeSet": true, "satellites": 10, "wanted": 8, "leastM": 10, "climbToM": 30, "levelSound": true, "compassDeg": 0, "at": "ARMING"}, "speedMs": 10, "heightM": 20, "distanceM": 80, "windMs": 0}""";
        JsonNode lands = app.ask("POST", "/api/instruments/failsafe-timeline", lost.formatted("20"));
        assertThat(lands.get("outcome").asString()).isEqualTo("LANDS");
        assertThat(lands.get("blindM").asDouble()).isCloseTo(17, within(1e-9));
        assertThat(lands.get("impactMs").asDouble()).isPositive();
        assertThat(app.ask("POST", "/api/instruments/failsafe-timeline", lost.formatted("90"))
                        .get("hazards")
                        .get(0)
                        .asString())
                .contains("climbs at this weight");
        assertThat(app.refused(422, "POST", "/api/instruments/failsafe-timeline", lost.formatted("190"))
                        .get("detail")
                        .asString())
                .contains("between 0 and 100");
        app.refused(400, "POST", "/api/instruments/failsafe-timeline", "{}");
    }

    @Test
    void trimTravelAndFrameTimesAreWorkedOutAndTheirBoundsKept(App app) {
        String bar =
                "{\"bars\": [{\"stick\": \"YAW\", \"centreUs\": 1497, \"lowUs\": %s, \"highUs\": 1997, \"lowPct\": 100, \"highPct\": 100}]}";
        assertThat(app.ask("POST", "/api/instruments/trim-and-travel", bar.formatted("997"))
                        .get("bars")
                        .get(0)
                        .get("trimUs")
                        .asDouble())
                .isEqualTo(3);
        assertThat(app.refused(422, "POST", "/api/instruments/trim-and-travel", bar.formatted("99"))
                        .get("detail")
                        .asString())
                .contains("500 and 2500");
        JsonNode rows = app.ask(
                        "POST",
                        "/api/instruments/frame-time",
                        "{\"channels\": 8, \"between\": [{\"format\": \"SBUS\", \"betweenMs\": 18}]}")
                .get("rows");
        assertThat(rows.valueStream()
                        .filter(row -> row.get("id").asString().equals("SBUS"))
                        .findFirst()
                        .orElseThrow()
                        .get("worstMs")
                        .asDouble())
                .isEqualTo(21);
        app.refused(422, "POST", "/api/instruments/frame-time", "{\"channels\": 40, \"between\": []}");
    }

    @Test
    void whatTheGeneratorMakesTheReaderKnows(App app) {
        for (Format format : Sender.FORMATS) {
            if (format == Format.SATELLITE || format == Format.POLLED || format == Format.STREAM) {
                continue;
            }
            for (String form : new String[] {"VCD", "LEVELS"}) {
                String file = app.send("GET", "/api/instruments/signal?format=" + format + "&form=" + form, "")
                        .body();
                assertThat(tells(app, file).get("carried").get("format").asString())
                        .as(format + " " + form)
                        .isEqualTo(format.label());
            }
        }
    }

    @Test
    void aTurnedLineOfAFastClockIsSaidToBeBoth(App app) {
        String file = app.send(
                        "GET",
                        "/api/instruments/signal?format=IBUS&form=VOLTS&inverted=true&rate=1.04&highV=5&frames=8",
                        "")
                .body();
        JsonNode tells = tells(app, file);
        assertThat(tells.get("volts").get("high").asDouble()).isCloseTo(5, within(0.1));
        assertThat(tells.get("serial").get("off").asDouble()).isCloseTo(0.04, within(0.002));
        assertThat(tells.get("verdicts").get(0).get("weight").asString()).isEqualTo("HARMS");
        assertThat(tells.get("verdicts").toString())
                .contains("faster than 115200")
                .contains("inverted, and IBUS is not");
        assertThat(tells.get("stripS").size()).isGreaterThan(20);
        assertThat(tells.get("stripBytes").get(0).get("value").asInt()).isEqualTo(0x20);
    }

    @Test
    void ofSeveralSignalsOneIsAskedFor(App app) {
        byte[] file = "t,TX,RX\n0,1,0\n1e-5,0,1\n2e-5,1,0\n".getBytes(StandardCharsets.UTF_8);
        JsonNode asked = app.json.readTree(
                post(app, file, "", "application/octet-stream").body());
        assertThat(asked.get("signals").toString()).isEqualTo("[\"TX\",\"RX\"]");
        assertThat(asked.has("tells")).isFalse();
        assertThat(app.json
                        .readTree(post(app, file, "?signal=RX", "application/octet-stream")
                                .body())
                        .get("tells")
                        .get("edges")
                        .asInt())
                .isEqualTo(2);
    }

    @Test
    void whatIsNoCaptureIsRefusedWithThePlace(App app) {
        HttpResponse<String> refused =
                post(app, "time,level\n0,1\n5 ms,0\n".getBytes(StandardCharsets.UTF_8), "", "application/octet-stream");
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(app.json.readTree(refused.body()).get("detail").asString())
                .startsWith("Line 3")
                .contains("5 ms");
        assertThat(post(app, new byte[] {1}, "", "text/plain").statusCode()).isEqualTo(415);
        assertThat(post(app, new byte[0], "", "application/octet-stream").statusCode())
                .isEqualTo(422);
    }

    @Test
    void aFileLargerThanOtherBodiesIsReadAndRandomBytesNeverGiveAServerError(App app) {
        byte[] large = new byte[3_000_000];
        Random random = new Random(4);
        random.nextBytes(large);
        assertThat(post(app, large, "", "application/octet-stream").statusCode())
                .isEqualTo(200);
        for (int i = 0; i < 60; i++) {
            byte[] some = new byte[1 + random.nextInt(2000)];
            random.nextBytes(some);
            if (i % 2 == 0) {
                for (int k = 0; k < some.length; k++) {
                    some[k] = (byte) "$#01!;,.-e\n 9FxAmus".charAt((some[k] & 0xFF) % 19);
                }
            }
            assertThat(post(app, some, i % 3 == 0 ? "?signal=x" : "", "application/octet-stream")
                            .statusCode())
                    .isIn(200, 422);
        }
    }

    @Test
    void thePlannerGivesEachPartItsPortAndNamesWhatCannotBe(App app) {
        assertThat(app.get("/api/instruments/port-planner").get("boards").size())
                .isGreaterThan(5);
        JsonNode plan = app.ask("POST", "/api/instruments/port-planner", """
        {"board":"board-f4-pad","wishes":[{"name":"receiver","job":"RECEIVER","format":"SBUS","volts5":false},
        {"name":"telemetry","job":"TELEMETRY","format":"POLLED","volts5":false}]}""");
        assertThat(plan.get("placed").get(0).get("wires").get(0).asString()).isEqualTo("receiver signal to pad SBUS");
        assertThat(plan.get("lost").get(0).get("otherwise").toString()).contains("OSD");
        assertThat(app.refused(422, "POST", "/api/instruments/port-planner", """
        {"board":"none","wishes":[]}""")
                        .get("detail")
                        .asString())
                .contains("board-f7");
        assertThat(app.refused(422, "POST", "/api/instruments/port-planner", """
        {"board":"board-f7","wishes":[{"name":"x","job":"GNSS","format":"SBUS","volts5":false}]}""")
                        .get("errors")
                        .get(0)
                        .get("where")
                        .asString())
                .isEqualTo("wishes[0].format");
    }

    @Test
    void aShownVoltagePutsTheFormatsThatFitFirst(App app) {
        JsonNode formats = app.ask("POST", "/api/instruments/signal-pad", "{\"highV\":3.3,\"shownV\":0.25}")
                .get("formats");
        assertThat(formats.get(0).get("fits").asBoolean()).isTrue();
        assertThat(formats.toString()).contains("\"PWM\"");
        assertThat(app.ask("POST", "/api/instruments/signal-pad", "{\"highV\":3.3}")
                        .get("formats")
                        .get(0)
                        .has("fits"))
                .isFalse();
    }

    @Test
    void twoEndsAreJudgedWithTheReasonAndTheRemedy(App app) {
        String asked = """
        {"board":"board-f4-pad","part":{"name":"receiver","job":"RECEIVER","format":"SBUS","volts5":false},"baud":100000,"sends":"%s","ground":true,
         "supplyV":5,"standsV":5,"computer":false,"told":{"uart":"%s","jobs":["RECEIVER"],"format":"SBUS","baud":100000,"inverted":true,"oneWire":false,
         "softOn":false}}""";
        assertThat(app.ask("POST", "/api/instruments/two-ends", asked.formatted("SBUS RX", "1"))
                        .get("judged")
                        .size())
                .isZero();
        JsonNode wrong = app.ask("POST", "/api/instruments/two-ends", asked.formatted("R3 RX", "3"))
                .get("judged")
                .get(0);
        assertThat(wrong.get("grade").asString()).isEqualTo("WRONG");
        assertThat(wrong.get("remedy").asString()).isEqualTo("Move the wire to pad SBUS.");
        assertThat(app.refused(422, "POST", "/api/instruments/two-ends", asked.formatted("R9 RX", "3"))
                        .get("detail")
                        .asString())
                .contains("R3 RX");
    }

    @Test
    void aModemChainIsJudgedHopByHopAndToldWhatToEnter(App app) {
        String wire =
                "{\"baud\":57600,\"farBaud\":%d,\"flow\":false,\"flowWired\":false,\"highV\":3.3,\"farHighV\":3.3}";
        JsonNode chain = app.ask(
                "POST", "/api/instruments/modem-chain", """
        {"board":%s,"air":{"baud":64000,"oneWay":false,"changed":false,"restarted":true,"rangeFirst":false,"stations":1,"serialPorts":1},"ground":%s,
         "bytesPerS":400,"twoWay":true}""".formatted(wire.formatted(19200), wire.formatted(57600)));
        assertThat(chain.get("hops").get(0).get("grade").asString()).isEqualTo("WRONG");
        assertThat(chain.get("hops").get(2).get("grade").asString()).isEqualTo("SOUND");
        assertThat(chain.get("found").get(0).get("remedy").asString()).isEqualTo("Set both to 57600.");
        assertThat(chain.get("entries").size()).isEqualTo(4);
    }

    @Test
    void budgetRateAndChannelAreWorkedOut(App app) {
        JsonNode budget = app.ask("POST", "/api/instruments/byte-budget", """
        {"messages":[{"name":"sentences","rateHz":10,"payload":150,"overhead":0}],"hops":[{"name":"module","baud":9600},{"name":"air","baud":57600}]}""");
        assertThat(budget.get("hops").get(0).get("fits").asBoolean()).isFalse();
        assertThat(budget.get("hops").get(1).get("fits").asBoolean()).isTrue();
        assertThat(budget.get("leastBaud").asInt()).isEqualTo(38_400);
        assertThat(app.ask(
                                "POST",
                                "/api/instruments/baud-error",
                                "{\"clockHz\":16000000,\"oversampling\":16,\"baud\":115200,\"parity\":false,\"stopBits\":1,\"otherOff\":0.02}")
                        .get("holds")
                        .asBoolean())
                .isFalse();
        assertThat(app.ask("POST", "/api/instruments/channel-numbers", "{\"channel\":16}")
                        .get("auxiliary")
                        .asInt())
                .isEqualTo(12);
    }

    @ParameterizedTest
    @CsvSource({
        "channel-numbers, {\"channel\":0}",
        "signal-pad, {\"highV\":0}",
        "baud-error, '{\"clockHz\":1,\"oversampling\":16,\"baud\":9600,\"parity\":false,\"stopBits\":1,\"otherOff\":0}'",
        "byte-budget, '{\"messages\":[],\"hops\":[{\"name\":\"a\",\"baud\":1}]}'"
    })
    void whatCannotBeAskedIsRefused(String instrument, String body, App app) {
        app.refused(422, "POST", "/api/instruments/" + instrument, body);
    }

    @Test
    void theGeneratorRefusesWhatItCannotMake(App app) {
        assertThat(app.send("GET", "/api/instruments/signal?format=BINARY_GNSS", "")
                        .statusCode())
                .isEqualTo(422);
        assertThat(app.send("GET", "/api/instruments/signal?format=SBUS&frames=100000", "")
                        .statusCode())
                .isEqualTo(422);
        assertThat(app.send("GET", "/api/instruments/signal?format=SBUS", "")
                        .headers()
                        .firstValue("Content-Disposition")
                        .orElseThrow())
                .contains("sbus.vcd");
    }
}
