package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Listings of settings from the board to the chart and into a work-up, over HTTP. */
@ExtendWith(RunningApp.class)
class SnapshotsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String SOUND =
            "set motor_numbering = REAR_RIGHT\nset motor_outputs = 1-2-3-4\nset board_turn = 0/0/0\nset props_turn = INWARD\n"
                    + "set pack_ratio = 11000\nset led_colour = 3\n";

    private static void enter(App app, String craftId) {
        app.ask("POST", "/api/crafts", """
        {"craftId":"%s","name":"","craftClass":"INCH_5","spins":"INWARD","numbering":"REAR_RIGHT_FIRST","mode":"LEVEL","layout":"STACK","parts":["board-f7","receiver"],
        "battery":{"cells":4,"chemistry":"LIPO","capacityMah":1500,"cellMilliohms":4}}""".formatted(craftId));
    }

    private static HttpResponse<String> drop(App app, String craftId, byte[] file, String query) {
        return app.sendAs("POST", "/api/crafts/" + craftId + "/snapshots" + query, file, "application/octet-stream");
    }

    private static JsonNode kept(App app, String craftId, String export, String why) {
        HttpResponse<String> response = drop(
                app, craftId, export.getBytes(StandardCharsets.UTF_8), "?name=all.txt&why=" + why.replace(" ", "%20"));
        assertThat(response.statusCode()).as(response.body()).isEqualTo(200);
        return JSON.readTree(response.body());
    }

    @Test
    void aListingIsKeptByteForByteAndWhatIsNotUnderstoodIsToldByItsLine(App app) {
        enter(app, "AVOCET");
        JsonNode view = kept(app, "AVOCET", SOUND, "first");
        assertThat(view.get("row").get("family").asString()).isEqualTo("Alder");
        assertThat(view.get("row").get("version").asString())
                .as("pack_ratio came with it")
                .isEqualTo("2");
        assertThat(view.get("row").get("settings").asLong()).isEqualTo(5);
        assertThat(view.get("notUnderstood").get(0).get("line").asInt()).isEqualTo(6);
        assertThat(view.get("lint")).as("all of it goes with the craft").isEmpty();
        assertThat(app.send("GET", "/api/crafts/AVOCET/snapshots/1/file", "").body())
                .isEqualTo(SOUND);
        assertThat(app.get("/api/crafts/AVOCET").get("log").toString()).contains("Snapshot 1 of the settings: first");
    }

    @Test
    void whatChangedSaysWhatItCausesAndWhatPutsItBack(App app) {
        enter(app, "KNOT");
        kept(app, "KNOT", SOUND, "before");
        JsonNode after = kept(
                app,
                "KNOT",
                SOUND.replace("board_turn = 0/0/0", "board_turn = 0/0/180").replace("11000", "11500"),
                "after");
        assertThat(after.get("lint").toString()).contains("Enter the board alignment 0/0/0");
        JsonNode changes = app.get("/api/crafts/KNOT/snapshots/2/changes?since=1");
        assertThat(changes.get("changes")).hasSize(2);
        assertThat(changes.get("changes").get(0).get("causes").toString()).contains("Flips, tips");
        assertThat(changes.get("text").asString())
                .contains("set board_turn = 0/0/0")
                .contains("set pack_ratio = 11000");
        assertThat(app.get("/api/crafts/KNOT/snapshots/2/what-if?setting=alignment&value=0/0/0")
                        .get("cures")
                        .toString())
                .contains("Flips, tips");
        assertThat(app.get("/api/crafts/KNOT/snapshots/1/what-if?setting=port-1-jobs&value=none")
                        .get("causes")
                        .toString())
                .contains("sticks");
    }

    @Test
    void theWorkUpAsksForAListingAndTakesItForAFinding(App app) {
        enter(app, "SNIPE");
        kept(app, "SNIPE", SOUND, "set up");
        JsonNode workUp = app.ask("POST", "/api/work-ups", """
        {"craftId":"SNIPE","kind":"take-off","complaint":"flips since the flash","occasion":"FLASH","seen":{}}""");
        JsonNode asked = app.get("/api/work-ups/" + workUp.get("id") + "/checks/settings-listing");
        assertThat(asked.get("takesExport").asBoolean()).isTrue();
        JsonNode after =
                kept(app, "SNIPE", SOUND.replace("board_turn = 0/0/0", "board_turn = 0/0/180"), "for the work-up");
        JsonNode found = app.ask("POST", "/api/work-ups/" + workUp.get("id") + "/findings", """
        {"version":%d,"checkId":"%s","outcomes":{"seen":"listed"},"sureness":"SURE"}""".formatted(
                workUp.get("version").asLong(), after.get("row").get("checkId").asString()));
        assertThat(found.get("suspects").get(0).get("title").asString())
                .contains("alignment")
                .contains("180");
        assertThat(found.get("suspects").get(0).get("belief").asDouble()).isGreaterThan(0.95);
        JsonNode again = app.get("/api/work-ups/" + workUp.get("id"));
        assertThat(again.get("evidence").get(1).get("title").asString()).isEqualTo("Settings export, snapshot 2");
        assertThat(app.get("/api/crafts/SNIPE/snapshots/2/changes?since=1")
                        .get("complaint")
                        .asString())
                .isEqualTo("flips since the flash");
    }

    @Test
    void aCraftWhoseBoardWasNeverListedIsNotAskedForAListing(App app) {
        enter(app, "RUFF2");
        JsonNode workUp = app.ask("POST", "/api/work-ups", """
        {"craftId":"RUFF2","kind":"take-off","complaint":"flips","occasion":"FLASH","seen":{}}""");
        app.refused(422, "GET", "/api/work-ups/" + workUp.get("id") + "/checks/settings-listing", "");
    }

    @Test
    void whatIsNoListingIsRefusedAndNothingIsKept(App app) {
        enter(app, "REEVE2");
        assertThat(drop(app, "REEVE2", new byte[0], "").statusCode()).isEqualTo(422);
        assertThat(drop(app, "REEVE2", "colour = red\n".getBytes(StandardCharsets.UTF_8), "")
                        .body())
                .contains("No firmware dialect");
        assertThat(drop(app, "REEVE2", SOUND.getBytes(StandardCharsets.UTF_8), "?family=oak")
                        .body())
                .contains("alder, birch");
        assertThat(drop(app, "REEVE2", SOUND.getBytes(StandardCharsets.UTF_8), "?family=alder&version=7")
                        .body())
                .contains("it has 1, 2");
        assertThat(drop(app, "NOBODY", SOUND.getBytes(StandardCharsets.UTF_8), "")
                        .statusCode())
                .isEqualTo(404);
        Random random = new Random(31);
        for (int i = 0; i < 60; i++) {
            byte[] file = new byte[random.nextInt(2000)];
            random.nextBytes(file);
            assertThat(drop(app, "REEVE2", file, "").statusCode()).isLessThan(500);
        }
        assertThat(app.get("/api/crafts/REEVE2/snapshots")).isEmpty();
        app.refused(404, "GET", "/api/crafts/REEVE2/snapshots/1", "");
    }

    @Test
    void wrongQuestionsOfASnapshotSayWhatWouldBeRight(App app) {
        enter(app, "SANDPIPER");
        kept(app, "SANDPIPER", SOUND, "first");
        app.refused(404, "GET", "/api/crafts/SANDPIPER/snapshots/1/changes?since=9", "");
        assertThat(app.refused(422, "GET", "/api/crafts/SANDPIPER/snapshots/1/what-if?setting=cells&value=90", "")
                        .get("detail")
                        .asString())
                .contains("0 to 14");
        assertThat(app.refused(422, "GET", "/api/crafts/SANDPIPER/snapshots/1/what-if?setting=colour&value=1", "")
                        .get("detail")
                        .asString())
                .contains("no setting");
    }

    @Test
    void aFamilyIsEnteredRowByRowAndARefusalNamesTheLine(App app) {
        String rows = """
        {"rows": [["family", "rowan", "Rowan", "set", "1", "2"], ["name", "setting", "since", "until", "times", "values"], ["cells", "%s", "1", "", "", ""],
        ["*", "job-gnss", "1", "", "", "may-be-left-out"]]}""";
        assertThat(app.refused(422, "POST", "/api/firmware-families/rows", rows.formatted("cell"))
                        .get("detail")
                        .asString())
                .contains("Line 3: there is no setting “cell”");
        assertThat(app.ask("POST", "/api/firmware-families/rows", rows.formatted("cells"))
                        .get("names")
                        .asInt())
                .isEqualTo(1);
        assertThat(app.get("/api/firmware-families/rowan/rows").get("rows")).hasSize(4);
        assertThat(app.get("/api/firmware-families/words").get("abilities").toString())
                .contains("job-gnss");
        app.refused(422, "GET", "/api/firmware-families/nobody/rows", "");
        app.refused(
                409,
                "POST",
                "/api/firmware-families/rows",
                rows.formatted("cells").replace("rowan", "alder"));
        app.refused(422, "POST", "/api/firmware-families/rows", "{\"rows\": [[], [\"\"]]}");
    }

    @Test
    void versionsAreHeldAgainstOneAnother(App app) {
        JsonNode answer = app.ask(
                "POST",
                "/api/instruments/version-pairs",
                "{\"versions\": {\"RECEIVER\": \"v3.1\", \"MODULE\": \"2.9\", \"RADIO\": \"\"}}");
        assertThat(answer.get("pairings").get(0).get("verdict").asString()).isEqualTo("DOES_NOT");
        assertThat(answer.get("pairings").get(0).get("right").asString()).contains("3");
        assertThat(app.refused(422, "POST", "/api/instruments/version-pairs", "{\"versions\": {\"RADIO\": \"newest\"}}")
                        .get("detail")
                        .asString())
                .contains("such as 3.2.1");
    }

    @Test
    void theVersionThatBrokeItIsFoundTrialByTrial(App app) {
        String asked =
                "{\"versions\": [\"1\", \"2\", \"3\", \"4\", \"5\"], \"trials\": [%s], \"seemsToWork\": %s, \"seemsBroken\": 0}";
        assertThat(app.ask("POST", "/api/instruments/version-search", asked.formatted("", "0"))
                        .get("next")
                        .asString())
                .isEqualTo("3");
        JsonNode found = app.ask(
                "POST",
                "/api/instruments/version-search",
                asked.formatted("{\"version\": \"3\", \"works\": true}, {\"version\": \"4\", \"works\": false}", "0"));
        assertThat(found.get("found").asString()).isEqualTo("4");
        assertThat(found.get("proof").toString()).contains("flash 3").contains("Flash 4");
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/version-search",
                                asked.formatted("{\"version\": \"9\", \"works\": true}", "0"))
                        .get("detail")
                        .asString())
                .contains("no version “9”");
        assertThat(app.refused(
                                422,
                                "POST",
                                "/api/instruments/version-search",
                                asked.formatted(
                                        "{\"version\": \"3\", \"works\": true}, {\"version\": \"3\", \"works\": false}",
                                        "0"))
                        .get("detail")
                        .asString())
                .contains("contradict");
        app.refused(422, "POST", "/api/instruments/version-search", asked.formatted("", "0.9"));
    }

    @Test
    void idleFollowsFromTheThresholdsAndPulsesAreCalibrated(App app) {
        JsonNode answer = app.ask(
                "POST",
                "/api/instruments/motor-protocols",
                "{\"loopHz\": 2000, \"spoken\": [\"ONESHOT125\"], \"thresholds\": [4, 7]}");
        assertThat(answer.get("choice").asString()).isEqualTo("ONESHOT125");
        assertThat(answer.get("idle").asDouble()).isEqualTo(8);
        assertThat(answer.get("steps").get(0).asString()).startsWith("Props off");
        app.refused(
                422, "POST", "/api/instruments/motor-protocols", "{\"loopHz\": 1, \"spoken\": [], \"thresholds\": []}");
        app.refused(
                422,
                "POST",
                "/api/instruments/motor-protocols",
                "{\"loopHz\": 2000, \"spoken\": [], \"thresholds\": [400]}");
    }

    @Test
    void aFlashIsPlannedFromTheNewestSnapshotAndOneThatIsOutOfDateIsSaidToBe(App app) {
        enter(app, "TURNSTONE");
        JsonNode none = app.get("/api/crafts/TURNSTONE/flash-plan?family=alder&version=2");
        assertThat(none.has("snapshot")).isFalse();
        assertThat(none.get("steps").size()).isGreaterThan(5);
        kept(app, "TURNSTONE", "set volt_scale = 150\nset pack_cells = 4\n", "before");
        JsonNode plan = app.get("/api/crafts/TURNSTONE/flash-plan?family=alder&version=2");
        assertThat(plan.get("from").asString()).isEqualTo("Alder 1");
        assertThat(plan.has("stale")).isFalse();
        assertThat(plan.get("renamed").toString()).contains("set pack_ratio = 15000");
        JsonNode chart = app.get("/api/crafts/TURNSTONE");
        app.ask("PUT", "/api/crafts/TURNSTONE/uarts", "{\"version\":" + chart.get("version") + "}");
        assertThat(app.get("/api/crafts/TURNSTONE/flash-plan?family=alder&version=2")
                        .get("stale")
                        .asString())
                .isEqualTo("UARTs set from the wiring");
        app.refused(422, "GET", "/api/crafts/TURNSTONE/flash-plan?family=oak9&version=2", "");
        app.refused(422, "GET", "/api/crafts/TURNSTONE/flash-plan?family=alder&version=9", "");
    }

    @Test
    void aFamilyOfTheWorkshopGoesInAsATableAndReadsListingsFromThenOn(App app) {
        enter(app, "WHIMBREL2");
        String oak =
                "family,oak,Oak,put,1\nname,setting,since,until,times,values\nzellen,cells,1,,,\nlage,alignment,1,,,\n";
        HttpResponse<String> put = app.sendAs(
                "POST", "/api/firmware-families", oak.getBytes(StandardCharsets.UTF_8), "application/octet-stream");
        assertThat(put.statusCode()).as(put.body()).isEqualTo(200);
        assertThat(kept(app, "WHIMBREL2", "zellen = 6\nlage = 0/0/0\n", "own")
                        .get("lint")
                        .toString())
                .contains("flies with 4");
        assertThat(app.send("GET", "/api/firmware-families/oak", "").body().replace("\r\n", "\n"))
                .isEqualTo(oak);
        assertThat(app.get("/api/firmware-families")
                        .valueStream()
                        .filter(one -> one.get("own").asBoolean())
                        .map(one -> one.get("id").asString()))
                .contains("oak");
        HttpResponse<String> bad = app.sendAs(
                "POST",
                "/api/firmware-families",
                oak.replace("cells", "cell").getBytes(StandardCharsets.UTF_8),
                "application/octet-stream");
        assertThat(bad.statusCode()).isEqualTo(422);
        assertThat(bad.body()).contains("Line 3");
        HttpResponse<String> shipped = app.sendAs(
                "POST",
                "/api/firmware-families",
                oak.replace("oak", "alder").getBytes(StandardCharsets.UTF_8),
                "application/octet-stream");
        assertThat(shipped.statusCode()).isEqualTo(409);
    }
}
