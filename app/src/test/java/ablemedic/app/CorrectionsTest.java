package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What was entered by mistake is asked back or put right, and what was there stays in the history. */
@ExtendWith(RunningApp.class)
class CorrectionsTest {
    private final App app;

    CorrectionsTest(App app) {
        this.app = app;
    }

    private JsonNode noted(String craftId, String kind, String text) {
        return app.ask(
                        "POST",
                        "/api/crafts/" + craftId + "/log",
                        "{\"kind\": \"" + kind + "\", \"text\": \"" + text + "\"}")
                .get(0);
    }

    @Test
    void aLineThatWasWrittenByMistakeCountsNoMoreAndStaysInTheHistory() {
        app.enterWired("LINE", "STACK");
        app.runRoutine("LINE");
        JsonNode crash = noted("LINE", "CRASH", "into the hedge");
        assertThat(app.get("/api/crafts/LINE/routine").get("state").asString()).isEqualTo("NOT_DONE");
        String line = "/api/crafts/LINE/log/" + crash.get("id");
        JsonNode chart = app.ask(
                "PUT",
                line,
                "{\"kind\": \"FLIGHT\", \"text\": \"beside the hedge\", \"reason\": \"it was the other craft\"}");
        assertThat(chart.get("log").get(0).get("kind").asString()).isEqualTo("flight");
        assertThat(chart.get("corrections").get(0).get("before").asString()).isEqualTo("crash: into the hedge");
        assertThat(chart.get("corrections").get(0).get("entryId")).isEqualTo(crash.get("id"));
        assertThat(app.get("/api/crafts/LINE/routine").get("state").asString()).isEqualTo("PASSED");
        chart = app.ask("POST", line + "/withdrawal", "{\"reason\": \"no flight either\"}");
        assertThat(chart.get("log").get(0).get("kind").asString()).isEqualTo("withdrawn");
        assertThat(chart.get("corrections").get(0).get("withdrawn").asBoolean()).isTrue();
        assertThat(app.refused(409, "POST", line + "/withdrawal", "{\"reason\": \"twice over\"}")
                        .get("detail")
                        .asString())
                .contains("by hand");
    }

    @Test
    void whatFollowsFromSomethingDoneIsNotPutRightByHand() {
        app.enterWired("LINE2", "STACK");
        app.runRoutine("LINE2");
        String routine = "/api/crafts/LINE2/log/"
                + app.get("/api/crafts/LINE2/log").get(0).get("id");
        app.refused(409, "PUT", routine, "{\"kind\": \"NOTE\", \"text\": \"x\", \"reason\": \"y\"}");
        app.refused(
                404, "PUT", "/api/crafts/LINE2/log/999999", "{\"kind\": \"NOTE\", \"text\": \"x\", \"reason\": \"y\"}");
        app.refused(422, "PUT", routine, "{\"kind\": \"NOTE\", \"text\": \"x\", \"reason\": \" \"}");
    }

    @Test
    void whatABatteryCannotGiveIsRefusedAndWhatItSeldomGivesIsAskedBack() {
        app.ask("POST", "/api/batteries", """
        {"label": "ASKED", "rule": "LONG_LIFE", "kind": {"cells": 4, "chemistry": "LIPO", "capacityMah": 1500, "cellMilliohms": 4}}""");
        String entries = "/api/batteries/ASKED/entries";
        for (String never :
                new String[] {"\"restV\": 25", "\"usedMah\": 99999", "\"chargedMah\": 99999", "\"loadA\": 1200"}) {
            app.refused(422, "POST", entries, "{" + never + ", \"note\": \"\", \"sure\": true}");
        }
        assertThat(app.refused(409, "POST", entries, "{\"restV\": 8, \"note\": \"\"}")
                        .get("errors")
                        .get(0)
                        .get("where")
                        .asString())
                .isEqualTo("restV");
        assertThat(app.get("/api/batteries/ASKED").get("entries")).isEmpty();
        JsonNode stored = app.ask("POST", entries, "{\"restV\": 8, \"note\": \"two cells dead\", \"sure\": true}");
        String entry = entries + "/" + stored.get("entries").get(0).get("id");
        app.refused(422, "PUT", entry, "{\"restV\": 14.8, \"note\": \"\"}");
        JsonNode right =
                app.ask("PUT", entry, "{\"restV\": 14.8, \"note\": \"\", \"reason\": \"read the wrong plug\"}");
        assertThat(right.get("entries").get(0).get("entry").get("restV").asDouble())
                .isEqualTo(14.8);
        assertThat(right.get("corrections").get(0).get("before").asString()).contains("two cells dead");
        assertThat(app.ask("POST", entry + "/withdrawal", "{\"reason\": \"of another battery\"}")
                        .get("entries"))
                .isEmpty();
        app.refused(404, "POST", entry + "/withdrawal", "{\"reason\": \"twice over\"}");
    }

    @Test
    void aVoltageThatThisBatterySeldomShowsIsAskedBackInACheck() {
        app.enterWired("VOLTS", "STACK");
        app.runRoutine("VOLTS");
        JsonNode workUp = app.ask("POST", "/api/work-ups", """
        {"craftId": "VOLTS", "kind": "voltage", "complaint": "wrong voltage", "occasion": "LONG_REST", "seen": {}}""");
        String findings = "/api/work-ups/" + workUp.get("id") + "/findings";
        String found = "{\"version\": " + workUp.get("version")
                + ", \"checkId\": \"shown-full\", \"written\": \"16.4\", \"told\": \"%s\", \"sure\": %s, \"sureness\": \"SURE\", \"override\": \"powered at the bench already\"}";
        for (String seldom : new String[] {"25", "8"}) {
            JsonNode refused = app.refused(409, "POST", findings, found.formatted(seldom, false));
            assertThat(refused.get("errors").get(0).get("where").asString()).isEqualTo("told");
            assertThat(refused.get("detail").asString())
                    .contains("4-cell battery")
                    .contains("enter it again");
        }
        assertThat(app.ask("POST", findings, found.formatted("25", true))
                        .get("version")
                        .asLong())
                .isGreaterThan(workUp.get("version").asLong());
    }

    @Test
    void aCraftEnteredByMistakeIsArchivedAndBroughtBackWithAllItsHistory() {
        app.enterWired("TWICE", "STACK");
        noted("TWICE", "NOTE", "two of these stand on the shelf");
        app.send("PUT", "/api/crafts/TWICE/aside", "{\"reason\": \"entered twice\"}");
        JsonNode bench = app.get("/api/bench");
        assertThat(bench.get("aside").toString()).contains("TWICE").contains("entered twice");
        assertThat(bench.get("due").toString()).doesNotContain("TWICE");
        assertThat(app.get("/api/crafts/TWICE").get("aside").asString()).isEqualTo("entered twice");
        app.send("PUT", "/api/crafts/TWICE/aside", "{}");
        assertThat(app.get("/api/bench").get("due").toString()).contains("TWICE");
        assertThat(app.get("/api/crafts/TWICE").get("log").toString())
                .contains("two of these stand on the shelf")
                .contains("entered twice")
                .contains("Back on the bench");
    }
}
