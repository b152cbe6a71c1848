package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A work-up from intake to repair log, as the front end asks for it. */
@ExtendWith(RunningApp.class)
class WorkUpTest {
    private final App app;

    WorkUpTest(App app) {
        this.app = app;
    }

    private static String path(JsonNode view, String more) {
        return "/api/work-ups/" + view.get("id").asLong() + more;
    }

    private JsonNode fixed(String craftId) {
        JsonNode view = app.openWorkUp(
                craftId,
                "PART_SWAP",
                "{\"manner\": \"flips\", \"edge\": \"front-right\", \"onset\": \"at-once\", \"repeat\": \"same\"}");
        view = app.motorsTurn(app.record(view, "prop-front-right", "cw"));
        assertThat(view.get("stage").asString()).isEqualTo("FIXING");
        assertThat(view.get("fix").get("title").asString()).isEqualTo("The front-right prop is for the wrong rotation");
        return app.fix(view, "prop-hand-front-right", "fit");
    }

    @Test
    void aWorkUpIsSolvedOnlyByAProofThatPasses() {
        JsonNode view = fixed("W1");
        assertThat(view.get("stage").asString()).isEqualTo("PROVING");
        String closing = "{\"version\": %d, \"end\": \"SOLVED\", \"reason\": \"\"}";
        assertThat(app.refused(
                                409,
                                "POST",
                                path(view, "/close"),
                                closing.formatted(view.get("version").asLong()))
                        .get("detail")
                        .asString())
                .contains("proof has not passed");
        view = app.record(view, "prop-front-right", "ccw");
        assertThat(view.get("proof").get("passes").asBoolean()).isFalse();
        view = app.propsAndTilts(app.motorsTurn(view));
        view = app.record(view, "hover", "flies");
        assertThat(view.get("proof").get("passes").asBoolean()).isTrue();
        view = app.ask(
                "POST",
                path(view, "/close"),
                closing.formatted(view.get("version").asLong()));
        assertThat(view.get("stage").asString()).isEqualTo("CLOSED");

        JsonNode repairLog = app.get("/api/repair-log?q=W1");
        assertThat(repairLog.get("entries")).hasSize(1);
        JsonNode entry = repairLog.get("entries").get(0);
        assertThat(entry.get("causes").get(0).asString()).isEqualTo("The front-right prop is for the wrong rotation");
        assertThat(entry.get("changes").toString()).contains("clockwise → counter-clockwise");
        assertThat(entry.get("proof").toString()).contains("Hover test").contains("passed");
        assertThat(app.get("/api/crafts/W1/log").toString()).contains("Work-up closed: solved and proven");
    }

    @Test
    void aComplaintThatPersistsReopensTheWorkUpWithWhatWasLearnt() {
        JsonNode view = app.propsAndTilts(app.motorsTurn(app.record(fixed("W2"), "prop-front-right", "ccw")));
        view = app.record(view, "hover", "flips");
        assertThat(view.get("stage").asString()).isNotEqualTo("PROVING");
        assertThat(view.get("proof").get("passes").asBoolean()).isFalse();
        assertThat(view.get("suspects").get(0).get("faultId").asString()).doesNotContain("prop-hand-front-right");
        assertThat(view.get("next").isNull()).isFalse();
    }

    @Test
    void theChartTakesOverWhatAFixChangesAndGivesItBackWhenTheFixIsTakenBack() {
        JsonNode view = app.openWorkUp("W3", "FLASH", "{\"manner\": \"flips\"}");
        JsonNode card = app.get(path(view, "/fixes/outputs-2134"));
        assertThat(card.get("options").get(0).get("title").asString()).isEqualTo("Set the output order to 2-1-3-4");
        view = app.fix(view, "outputs-2134", "order");
        JsonNode chart = app.get("/api/crafts/W3");
        assertThat(chart.get("sheet").get("configuration").get("output-order").asString())
                .isEqualTo("2-1-3-4");
        assertThat(chart.get("revisions").get(0).get("changes").toString())
                .contains("1-2-3-4")
                .contains("2-1-3-4");
        int n = view.get("made").get(0).get("n").asInt();
        app.ask(
                "DELETE",
                path(view, "/findings/" + n + "?version=" + view.get("version").asLong()),
                "");
        assertThat(app.get("/api/crafts/W3").get("sheet").get("configuration").has("output-order"))
                .as("as usual again")
                .isFalse();
    }

    @Test
    void takingAFindingBackRestoresTheBeliefsToTheLastDigit() {
        JsonNode before = app.openWorkUp("W4", "BUILD", "{\"manner\": \"flips\", \"repeat\": \"same\"}");
        JsonNode after = app.record(before, "prop-rear-left", "cw");
        assertThat(after.get("suspects")).isNotEqualTo(before.get("suspects"));
        int n = after.get("evidence").get(1).get("n").asInt();
        JsonNode back = app.ask(
                "DELETE",
                path(
                        after,
                        "/findings/" + n + "?version=" + after.get("version").asLong()),
                "");
        for (int i = 0; i < 3; i++) {
            assertThat(back.get("suspects").get(i).get("belief"))
                    .isEqualTo(before.get("suspects").get(i).get("belief"));
        }
        assertThat(back.get("evidence").get(1).get("takenBack").asBoolean())
                .as("the record stays")
                .isTrue();
    }

    @Test
    void whatWasFoundOutBeforeCountsFromTheStart() {
        JsonNode plain = app.openWorkUp("SB1", "BUILD", "{\"manner\": \"flips\"}");
        app.ask("POST", path(plain, "/close"), """
        {"version": %d, "end": "HANDED_OVER", "reason": "r"}""".formatted(
                        plain.get("version").asLong()));
        assertThat(app.get("/api/crafts/SB1/seen-before").findValuesAsString("checkId"))
                .contains("arrow", "motors", "sticks", "finger");
        String intake = """
        {"craftId": "SB1", "complaint": "goes over", "occasion": "BUILD", "seen": {"manner": "flips"}, "before": [
         {"checkId": "%s", "outcomes": {"seen": "%s"}}]}""";
        JsonNode view = app.ask("POST", "/api/work-ups", intake.formatted("arrow", "left"));
        assertThat(view.get("evidence").toString())
                .contains("Find the arrow on the FC")
                .contains("Left, face up");
        assertThat(view.get("suspects").get(0).get("faultId").asString()).isEqualTo("board-270");
        app.ask("POST", path(view, "/close"), """
        {"version": %d, "end": "HANDED_OVER", "reason": "r"}""".formatted(view.get("version").asLong()));
        for (String[] wrong : new String[][] {{"nonsense", "left"}, {"arrow", "sideways"}, {"hover", "flies"}}) {
            assertThat(app.refused(422, "POST", "/api/work-ups", intake.formatted(wrong[0], wrong[1]))
                            .get("errors"))
                    .isNotEmpty();
        }
        assertThat(app.get("/api/crafts/SB1").get("workUps"))
                .as("a refusal opens nothing")
                .hasSize(2);
    }

    @Test
    void aCardSaysWhatTheCheckGaveBeforeUntilTheNextFix() {
        JsonNode view = app.openWorkUp("W5B", "BUILD", "{\"manner\": \"flips\"}");
        assertThat(app.get(path(view, "/checks/arrow")).get("before")).isEmpty();
        view = app.ask("POST", path(view, "/findings"), """
        {"version": %d, "checkId": "arrow", "outcomes": {"seen": "left"}, "sureness": "SURE"}""".formatted(
                        view.get("version").asLong()));
        assertThat(app.get(path(view, "/checks/arrow")).get("before").toString())
                .isEqualTo("[\"Left, face up\"]");
        view = app.fix(view, "board-270", "turn");
        assertThat(app.get(path(view, "/checks/arrow")).get("before")).isEmpty();
    }

    @Test
    void aCheckThatNeedsThePackIsLockedUntilItsGuardsAreRecordedAndAnOverrideIsLogged() {
        JsonNode view = app.openWorkUp("W5", "BUILD", "{\"manner\": \"flips\"}");
        JsonNode card = app.get(path(view, "/checks/spin-1"));
        assertThat(card.get("locked").asBoolean()).isTrue();
        assertThat(card.get("steps").toString()).contains("Take all props off").contains("Pre-power checks");
        String finding = """
        {"version": %d, "checkId": "spin-1", "outcomes": {"seen": "rear-right-cw"}, "sureness": "SURE"%s}""";
        assertThat(app.refused(
                                409,
                                "POST",
                                path(view, "/findings"),
                                finding.formatted(view.get("version").asLong(), ""))
                        .get("errors")
                        .get(0)
                        .get("where")
                        .asString())
                .isEqualTo("benchState");
        view = app.ask(
                "POST",
                path(view, "/findings"),
                finding.formatted(view.get("version").asLong(), ", \"override\": \"seen by the owner\""));
        assertThat(view.get("evidence").toString()).contains("Guard overridden").contains("seen by the owner");

        String bench = """
        {"version": %d, "state": {"propsOn": true, "batteryIn": true, "limiterIn": false, "usbIn": false,
         "antennaOn": true, "radioOn": false, "atField": false, "shortTest": "PASSED"}%s}""";
        assertThat(app.refused(
                                409,
                                "PUT",
                                path(view, "/bench-state"),
                                bench.formatted(view.get("version").asLong(), ""))
                        .get("detail")
                        .asString())
                .contains("checks of W5 are due");
        app.runRoutine("W5");
        view = app.get(path(view, ""));
        assertThat(app.refused(
                                409,
                                "PUT",
                                path(view, "/bench-state"),
                                bench.formatted(view.get("version").asLong(), ""))
                        .get("detail")
                        .asString())
                .contains("props are off");
        app.ask(
                "PUT",
                path(view, "/bench-state"),
                bench.formatted(view.get("version").asLong(), ", \"override\": \"tied down in the cage\""));
        assertThat(app.get("/api/crafts/W5/log").toString()).contains("tied down in the cage");
    }

    @Test
    void ownSuspicionsAndOwnTestsCountAndSkippedChecksStayAway() {
        JsonNode view = app.openWorkUp("W6", "BUILD", "{\"manner\": \"flips\"}");
        String first = view.get("next").get("checkId").asString();
        JsonNode skipped = app.ask(
                "POST",
                path(view, "/skips"),
                "{\"version\": %d, \"checkId\": \"%s\"}"
                        .formatted(view.get("version").asLong(), first));
        assertThat(skipped.get("next").get("checkId").asString()).isNotEqualTo(first);
        JsonNode suspected = app.ask("POST", path(view, "/suspicions"), """
        {"version": %d, "faultId": "motor-weak-rear-left", "words": "it whined"}""".formatted(
                        skipped.get("version").asLong()));
        JsonNode tested = app.ask("POST", path(view, "/own-tests"), """
        {"version": %d, "faultId": "motor-weak-rear-left", "speaksFor": true, "strong": true,
         "words": "hot after ten seconds"}""".formatted(
                        suspected.get("version").asLong()));
        assertThat(tested.get("suspects").get(0).get("faultId").asString()).isEqualTo("motor-weak-rear-left");
    }

    @Test
    void aStaleWriteIsRefusedAndWritesNothing() {
        JsonNode view = app.openWorkUp("W7", "BUILD", "{}");
        app.record(view, "arrow", "forward");
        JsonNode refusal = app.refused(409, "POST", path(view, "/findings"), """
        {"version": %d, "checkId": "arrow", "outcomes": {"seen": "back"}, "sureness": "SURE"}""".formatted(
                        view.get("version").asLong()));
        assertThat(refusal.get("errors").get(0).get("where").asString()).isEqualTo("version");
        assertThat(app.get(path(view, "")).get("evidence"))
                .as("that the complaint is true, and the first writing")
                .hasSize(2);
    }

    @Test
    void otherEndsNeedAReasonAndAClosedWorkUpOpensAgain() {
        JsonNode view = app.openWorkUp("W8", "CRASH", "{}");
        String closing = "{\"version\": %d, \"end\": \"NOT_WORTH_REPAIR\", \"reason\": \"%s\"}";
        app.refused(
                422,
                "POST",
                path(view, "/close"),
                closing.formatted(view.get("version").asLong(), " "));
        view = app.ask(
                "POST",
                path(view, "/close"),
                closing.formatted(view.get("version").asLong(), "frame in two"));
        app.refused(
                409,
                "POST",
                path(view, "/skips"),
                "{\"version\": %d, \"checkId\": \"arrow\"}"
                        .formatted(view.get("version").asLong()));
        view = app.ask(
                "POST",
                path(view, "/reopen"),
                "{\"version\": %d, \"reason\": \"a new frame was given\"}"
                        .formatted(view.get("version").asLong()));
        assertThat(view.get("stage").asString()).isEqualTo("LOOKING");
    }

    @Test
    void aNumberIsEnteredAsPeopleWriteIt() {
        JsonNode view = app.openWorkUp("W9", "PART_SWAP", "{}");
        String finding = """
        {"version": %d, "checkId": "weigh", "written": "%s", "sureness": "SURE"}""";
        for (String wrong : new String[] {"heavy", "12 V", "OL", "90 kg", "-3"}) {
            assertThat(app.refused(
                                    422,
                                    "POST",
                                    path(view, "/findings"),
                                    finding.formatted(view.get("version").asLong(), wrong))
                            .get("detail")
                            .asString())
                    .isNotBlank();
        }
        JsonNode after = app.ask(
                "POST",
                path(view, "/findings"),
                finding.formatted(view.get("version").asLong(), "0,99 kg"));
        assertThat(after.get("suspects").get(0).get("faultId").asString()).isEqualTo("overloaded");
        assertThat(after.get("evidence").get(1).get("answers").get(0).asString())
                .isEqualTo("0,99 kg");
    }
}
