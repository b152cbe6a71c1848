package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import de.siegmar.fastcsv.reader.CsvReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class BenchAndRepairLogTest {
    private final App app;

    BenchAndRepairLogTest(App app) {
        this.app = app;
    }

    @Test
    void theDemoBenchHasEightBirdsFiveOfThemInWork() {
        JsonNode bench = app.get("/api/bench");
        List<String> needing = bench.get("needing")
                .valueStream()
                .map(g -> g.get("craftId").asString())
                .toList();
        assertThat(needing).contains("GANNET", "PETREL", "PUFFIN", "SKUA", "TERN");
        assertThat(bench.get("grounded").toString()).contains("SHAG");
        assertThat(bench.get("fit").toString() + bench.get("due"))
                .as("nobody works on it, whatever fell due")
                .contains("FULMAR");
        bench.get("needing").forEach(g -> assertThat(g.get("next").asString()).isNotBlank());
    }

    /**
     * After a start nothing of them is known; whoever looks gets all of them at once, and what is still worked out soon
     * after.
     */
    @Test
    void everyOpenWorkUpIsListedAtOnceAndFilledInWhenItIsWorkedOut(@TempDir Path folder) throws InterruptedException {
        Path file = folder.resolve("many.db");
        try (App first = App.on(file)) {
            for (String layout : List.of("STACK", "SEPARATE")) {
                for (int i = 0; i < 4; i++) {
                    first.enterWired(layout + i, layout);
                    first.openPower(layout + i, "dead-arm", "front-right");
                }
            }
        }
        try (App again = App.on(file)) {
            JsonNode bench = again.get("/api/bench");
            assertThat(bench.get("needing")
                            .valueStream()
                            .map(one -> one.get("craftId").asString())
                            .toList())
                    .hasSize(8)
                    .contains("STACK0", "SEPARATE3");
            for (int i = 0;
                    i < 100
                            && again.get("/api/bench")
                                    .get("needing")
                                    .valueStream()
                                    .anyMatch(one -> one.get("pending").asBoolean());
                    i++) {
                Thread.sleep(300);
            }
            again.get("/api/bench").get("needing").forEach(one -> {
                assertThat(one.get("pending").asBoolean()).isFalse();
                assertThat(one.get("suspect").asString()).isNotBlank();
                assertThat(one.get("next").asString()).isNotBlank().isNotEqualTo("Being worked out");
            });
        }
    }

    @Test
    void theLedgerIsSearchedByWordCraftCauseAndDayAndSaysWhatComesBack() {
        assertThat(app.get("/api/repair-log?q=heather").get("entries")).hasSize(1);
        assertThat(app.get("/api/repair-log?craft=shag").get("entries")).hasSize(2);
        assertThat(app.get("/api/repair-log?cause=prop-wrong-hand&to=2099-01-01")
                        .get("entries")
                        .size())
                .isGreaterThan(1);
        assertThat(app.get("/api/repair-log?to=2000-01-01").get("entries")).isEmpty();
        assertThat(app.get("/api/repair-log?q=%25").get("entries"))
                .as("a percent sign is a percent sign")
                .isEmpty();
        assertThat(app.get("/api/repair-log")
                        .get("returning")
                        .get(0)
                        .get("kind")
                        .asString())
                .isEqualTo("prop-wrong-hand");
    }

    @Test
    void theLedgerGoesOutAsCsvThatIsSafeInASpreadsheet() throws IOException {
        JsonNode view = app.openWorkUp("L1", "BUILD", "{}");
        app.ask("POST", "/api/work-ups/" + view.get("id") + "/close", """
        {"version": %s, "end": "HANDED_OVER", "reason": "=HYPERLINK(\\"x\\")"}""".formatted(view.get("version")));
        String csv = app.send("GET", "/api/repair-log.csv", "").body();
        assertThat(csv)
                .as("with the mark by which spreadsheets know its encoding")
                .startsWith("\uFEFF");
        try (var reader = CsvReader.builder().ofNamedCsvRecord(csv.substring(1))) {
            var rows = reader.stream().toList();
            assertThat(rows.get(0).getField("reason")).isEqualTo("'=HYPERLINK(\"x\")");
            assertThat(rows).allSatisfy(row -> assertThat(row.getHeader()).contains("craft", "causes", "minutes"));
        }
    }

    @Test
    void aCraftIsGroundedReleasedAndRevisedOnTopOfTheVersionSeenLast() {
        app.ask("POST", "/api/crafts", "{\"craftId\": \"C1\", \"name\": \"x\"}");
        JsonNode chart = app.ask(
                "PATCH",
                "/api/crafts/C1",
                "{\"version\": 1, \"name\": \"y\", \"state\": \"GROUNDED\", \"reason\": \"bent\"}");
        assertThat(chart.get("state").asString()).isEqualTo("GROUNDED");
        app.refused(
                409,
                "PATCH",
                "/api/crafts/C1",
                "{\"version\": 1, \"name\": \"z\", \"state\": \"FIT\", \"reason\": \"\"}");
        var sheet = (tools.jackson.databind.node.ObjectNode) chart.get("sheet");
        sheet.put("massG", 700);
        JsonNode revised = app.ask(
                "PUT",
                "/api/crafts/C1/build-sheet",
                "{\"version\": " + chart.get("version") + ", \"reason\": \"larger pack\", \"sheet\": " + sheet + "}");
        assertThat(revised.get("revisions")
                        .get(0)
                        .get("changes")
                        .get(0)
                        .get("after")
                        .asString())
                .isEqualTo("700 g");
    }

    @Test
    void theDescriptionOfTheInterfaceIsTheOneThatTheFrontEndIsTypedBy() throws IOException {
        var described = (tools.jackson.databind.node.ObjectNode) app.get("/api/docs");
        described.remove("servers");
        JsonNode kept = app.json.readTree(Files.readString(Path.of("../docs/openapi.json")));
        assertThat(described).as("write it anew with ./medic describe").isEqualTo(kept);
    }

    @Test
    void everyViewGetsThePageAndNothingElseDoes() {
        assertThat(app.send("GET", "/work-ups/1", "").body()).contains("<div id=\"app\">");
        assertThat(app.send("GET", "/crafts/GANNET", "").body()).contains("<div id=\"app\">");
        assertThat(app.send("GET", "/nothing.js", "").statusCode()).isEqualTo(404);
        assertThat(app.send("GET", "/api/nothing", "").body()).doesNotContain("<div id=\"app\">");
    }

    /** The demo's own work-ups: each took some minutes of checks, and a fixed order is never free. */
    @Test
    void whatTheWorkUpsTookStandsBesideAFixedOrder(App app) {
        JsonNode saved = app.get("/api/repair-log/saved");
        assertThat(saved.size()).isGreaterThan(4);
        saved.forEach(one -> {
            assertThat(one.get("tookMinutes").asDouble()).as(one.toString()).isPositive();
            assertThat(one.get("fixedMinutes").asDouble()).as(one.toString()).isPositive();
            assertThat(app.get("/api/work-ups/" + one.get("workUpId").asLong())
                            .get("ended")
                            .asString())
                    .isEqualTo("solved and proven");
        });
    }
}
