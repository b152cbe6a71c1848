package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A craft with serial lines from its entry to a proven end, over HTTP. */
@ExtendWith(RunningApp.class)
class SerialCraftTest {
    private static final String CRAFT = """
      {"craftId":"%s","name":"","craftClass":"INCH_5","spins":"INWARD","numbering":"REAR_RIGHT_FIRST","mode":"LEVEL","layout":"%s","parts":[%s],
      "battery":{"cells":4,"chemistry":"LIPO","capacityMah":1500,"cellMilliohms":4}}""";

    private static JsonNode entered(App app, String craftId, String layout, String parts) {
        return app.ask("POST", "/api/crafts", CRAFT.formatted(craftId, layout, parts));
    }

    private static JsonNode line(JsonNode map, String name) {
        return map.get("lines")
                .valueStream()
                .filter(line -> line.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aCraftOnAChosenBoardHasItsPortsToldAsItsLeadsAreRun(App app) {
        JsonNode chart = entered(app, "SANDERLING", "STACK", "\"board-f7\",\"receiver\",\"gnss\"");
        assertThat(chart.get("sheet").get("configuration").get("port-1-jobs").asString())
                .isEqualTo("receiver");
        assertThat(chart.get("sheet").get("configuration").get("port-2-jobs").asString())
                .isEqualTo("gnss");
        JsonNode map = app.get("/api/crafts/SANDERLING/serial-map");
        assertThat(map.get("lines").valueStream().map(line -> line.get("verdict")
                        .asString()))
                .containsOnly("SOUND");
        assertThat(map.get("notes").get(0).asString()).contains("receiver's own line");
    }

    @Test
    void aWireThatIsMovedOnTheSheetIsJudgedWrongUntilThePortsAreTold(App app) {
        JsonNode chart = entered(app, "STINT", "STACK", "\"board-f7\",\"gnss\"");
        String sheet = chart.get("sheet").toString().replace("FC.R1", "FC.R4").replace("FC.T1", "FC.T4");
        chart = app.ask(
                "PUT",
                "/api/crafts/STINT/build-sheet",
                "{\"version\":" + chart.get("version") + ",\"reason\":\"moved\",\"sheet\":" + sheet + "}");
        JsonNode wrong = line(app.get("/api/crafts/STINT/serial-map"), "GNSS module");
        assertThat(wrong.get("verdict").asString()).isEqualTo("WRONG");
        assertThat(wrong.get("found").get(0).get("remedy").asString()).contains("UART 4");
        app.ask("PUT", "/api/crafts/STINT/uarts", "{\"version\":" + chart.get("version") + "}");
        assertThat(line(app.get("/api/crafts/STINT/serial-map"), "GNSS module")
                        .get("verdict")
                        .asString())
                .isEqualTo("SOUND");
        app.refused(409, "PUT", "/api/crafts/STINT/uarts", "{\"version\":" + chart.get("version") + "}");
    }

    @Test
    void aBoardWithoutPortsHasNoMapAndTwoBoardsAreRefused(App app) {
        entered(app, "RUFF", "STACK", "\"receiver\"");
        assertThat(app.get("/api/crafts/RUFF/serial-map").get("uarts").size()).isZero();
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/crafts",
                                CRAFT.formatted("REEVE", "STACK", "\"board-f7\",\"board-h7\""))
                        .get("detail")
                        .asString())
                .contains("one flight controller");
        assertThat(app.refused(422, "POST", "/api/crafts", CRAFT.formatted("REEVE", "SEPARATE", "\"board-f7\""))
                        .toString())
                .contains("lacks a pad");
    }

    private static JsonNode opened(App app, String craftId, String seen) {
        return app.ask("POST", "/api/work-ups", """
        {"craftId":"%s","kind":"no-sticks","complaint":"sticks do nothing","occasion":"BUILD","seen":{"seen":"%s"}}""".formatted(craftId, seen));
    }

    @Test
    void aComplaintThatNobodySawInDetailStillSaysThatItIsTrue(App app) {
        entered(app, "GODWIT", "STACK", "\"board-f7\",\"receiver\",\"gnss\"");
        JsonNode workUp = app.ask("POST", "/api/work-ups", """
        {"craftId":"GODWIT","kind":"positioning","complaint":"no satellites since it fell","occasion":"CRASH","seen":{}}""");
        assertThat(workUp.get("evidence").get(0).toString())
                .contains("No GNSS, or no satellites")
                .contains("It is so");
        assertThat(workUp.get("suspects").toString())
                .as("props, which a crash breaks most often, do not hide satellites")
                .doesNotContain("prop is");
    }

    private static HttpResponse<String> drop(App app, JsonNode workUp, String check, byte[] file, String more) {
        return app.sendAs(
                "POST",
                "/api/work-ups/" + workUp.get("id") + "/captures?check=" + check + "&name=pad.vcd" + more,
                file,
                "application/octet-stream");
    }

    @Test
    void aRecordingDroppedOnACheckAnswersItAndIsKept(App app) {
        entered(app, "WIGEON", "STACK", "\"board-f7\",\"receiver-one-way\"");
        JsonNode workUp = opened(app, "WIGEON", "nothing");
        String turned = app.send("GET", "/api/instruments/signal?format=SBUS&inverted=true", "")
                .body();
        HttpResponse<String> answer =
                drop(app, workUp, "signal-at-pad-R1", turned.getBytes(StandardCharsets.UTF_8), "");
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        JsonNode finding = app.json.readTree(answer.body());
        assertThat(finding.get("outcome").asString()).isEqualTo("turned");
        assertThat(finding.get("label").asString()).contains("inverted");
        JsonNode kept =
                app.get("/api/work-ups/" + workUp.get("id") + "/captures").get(0);
        assertThat(kept.get("checkId").asString()).isEqualTo("signal-at-pad-R1");
        HttpResponse<String> file =
                app.send("GET", "/api/work-ups/" + workUp.get("id") + "/captures/" + kept.get("number"), "");
        assertThat(file.body()).isEqualTo(turned);
        assertThat(file.headers().firstValue("Content-Disposition").orElseThrow())
                .contains("pad.vcd");
        assertThat(app.get("/api/work-ups/" + workUp.get("id")).get("version").asInt())
                .as("it is no finding yet")
                .isEqualTo(workUp.get("version").asInt());
    }

    @Test
    void everyFormatOfAPadIsToldFromEveryOther(App app) {
        entered(app, "SHOVELER", "STACK", "\"board-f7\",\"receiver-one-way\"");
        JsonNode workUp = opened(app, "SHOVELER", "nothing");
        for (String[] one : new String[][] {
            {"SBUS", "", "right"},
            {"SBUS", "&rate=1.1", "rate"},
            {"IBUS", "", "other"},
            {"PPM", "", "other"},
            {"SBUS", "&inverted=true", "turned"}
        }) {
            String made = app.send("GET", "/api/instruments/signal?format=" + one[0] + one[1], "")
                    .body();
            assertThat(app.json
                            .readTree(drop(app, workUp, "signal-at-pad-R1", made.getBytes(StandardCharsets.UTF_8), "")
                                    .body())
                            .get("outcome")
                            .asString())
                    .as(one[0] + one[1])
                    .isEqualTo(one[2]);
        }
        String still = "time,level\n0,1\n0.5,1\n1,1\n";
        assertThat(app.json
                        .readTree(drop(app, workUp, "signal-at-pad-R1", still.getBytes(StandardCharsets.UTF_8), "")
                                .body())
                        .get("outcome")
                        .asString())
                .isEqualTo("still");
    }

    @Test
    void whatCannotBeTakenIsRefusedAndNothingIsKept(App app) {
        entered(app, "GADWALL", "STACK", "\"board-f7\",\"receiver-one-way\"");
        JsonNode workUp = opened(app, "GADWALL", "nothing");
        byte[] sound = app.send("GET", "/api/instruments/signal?format=SBUS", "")
                .body()
                .getBytes(StandardCharsets.UTF_8);
        assertThat(drop(app, workUp, "tilts", sound, "").body()).contains("is not answered by a recording");
        assertThat(drop(app, workUp, "nothing-of-the-kind", sound, "").statusCode())
                .isEqualTo(422);
        assertThat(drop(app, workUp, "signal-at-pad-R1", new byte[0], "").statusCode())
                .isEqualTo(422);
        assertThat(drop(
                                app,
                                workUp,
                                "signal-at-pad-R1",
                                "t,a,b\n0,1,0\n1e-5,0,1\n2e-5,1,0\n".getBytes(StandardCharsets.UTF_8),
                                "")
                        .body())
                .contains("\"signals\":[\"a\",\"b\"]");
        Random random = new Random(11);
        for (int i = 0; i < 30; i++) {
            byte[] some = new byte[1 + random.nextInt(900)];
            random.nextBytes(some);
            assertThat(drop(app, workUp, "signal-at-pad-R1", some, i % 2 == 0 ? "" : "&signal=x")
                            .statusCode())
                    .isIn(200, 409, 422);
        }
        assertThat(app.sendAs(
                                "POST",
                                "/api/work-ups/999999/captures?check=tilts&name=x",
                                sound,
                                "application/octet-stream")
                        .statusCode())
                .isEqualTo(404);
        assertThat(app.send("GET", "/api/work-ups/" + workUp.get("id") + "/captures/999999", "")
                        .statusCode())
                .isEqualTo(404);
        assertThat(app.get("/api/work-ups/" + workUp.get("id") + "/captures").size())
                .isLessThanOrEqualTo(20);
    }

    @Test
    void aBoardOfTheWorkshopIsPlannedOnAsSoonAsItStandsOnTheShelf(App app) {
        JsonNode like = app.get("/api/parts-library")
                .valueStream()
                .filter(one -> one.get("partType").get("id").asString().equals("board-f4-pad"))
                .findFirst()
                .orElseThrow();
        String own = like.get("partType")
                .toString()
                .replace("board-f4-pad", "board-own")
                .replace("\"F4 FC, one inverted receiver pad\"", "\"Own board\"");
        app.ask("POST", "/api/parts-library", own);
        assertThat(app.ask("POST", "/api/instruments/port-planner", """
        {"board":"board-own","wishes":[{"name":"receiver","job":"RECEIVER","format":"SBUS","volts5":false}]}""")
                        .get("placed")
                        .get(0)
                        .get("uart")
                        .asString())
                .isEqualTo("1");
        String contradicting =
                own.replace("board-own", "board-other").replace("\"inverter\":\"FIXED\"", "\"inverter\":\"NONE\"");
        assertThat(app.refused(422, "POST", "/api/parts-library", contradicting).toString())
                .contains("same pad under two labels")
                .contains("uarts.pads[2].inverter");
    }

    @Test
    void aCraftOfTheBenchIsRecordedSoundOrWithAFaultAndTheRecordingTellsWhich(App app) {
        entered(app, "PINTAIL", "STACK", "\"board-f7\",\"receiver-one-way\",\"gnss\"");
        JsonNode workUp = opened(app, "PINTAIL", "nothing");
        assertThat(app.get("/api/crafts/PINTAIL/signal/choices").get("pads").toString())
                .isEqualTo("[\"R1\",\"R2\"]");
        for (String[] one : new String[][] {
            {"", "right"},
            {"dead-RX", "still"},
            {"open-FC_R1_RX_S", "still"},
            {"speaks-ibus-RX-receiver", "other"},
            {"job-missing-RX-receiver", "right"}
        }) {
            for (String form : new String[] {"VCD", "LEVELS", "VOLTS"}) {
                HttpResponse<String> made =
                        app.send("GET", "/api/crafts/PINTAIL/signal?pad=R1&fault=" + one[0] + "&form=" + form, "");
                assertThat(made.statusCode()).as(made.body()).isEqualTo(200);
                assertThat(app.json
                                .readTree(drop(
                                                app,
                                                workUp,
                                                "signal-at-pad-R1",
                                                made.body().getBytes(StandardCharsets.UTF_8),
                                                "")
                                        .body())
                                .get("outcome")
                                .asString())
                        .as(one[0] + " " + form)
                        .isEqualTo(one[1]);
            }
        }
        assertThat(app.send("GET", "/api/crafts/PINTAIL/signal?pad=R3", "").statusCode())
                .isEqualTo(422);
        assertThat(app.send("GET", "/api/crafts/PINTAIL/signal?pad=R1&fault=nothing-of-the-kind", "")
                        .statusCode())
                .isEqualTo(422);
        assertThat(app.send("GET", "/api/crafts/TERN/signal?pad=R1", "").statusCode())
                .isEqualTo(422);
        assertThat(app.send("GET", "/api/crafts/TERN/modem-chain", "").statusCode())
                .isEqualTo(422);
        assertThat(app.get("/api/crafts/CURLEW/modem-chain")
                        .get("board")
                        .get("baud")
                        .asInt())
                .isEqualTo(57_600);
    }
}
