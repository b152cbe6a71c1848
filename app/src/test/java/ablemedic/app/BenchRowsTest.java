package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * The bench keeps how each craft stands for as long as nothing is written that concerns it; its chart works it out each
 * time.
 */
@ExtendWith(RunningApp.class)
class BenchRowsTest {
    private static final String LISTING =
            "set motor_numbering = REAR_RIGHT\nset motor_outputs = 1-2-3-4\nset board_turn = 0/0/0\nset pack_ratio = 11000\n";

    private final App app;

    BenchRowsTest(App app) {
        this.app = app;
    }

    @Test
    void afterEachKindOfWriteTheBenchSaysWhatTheChartSays() {
        app.enterWired("ROW", "STACK");
        app.enterWired("BESIDE", "STACK");
        Map<String, Runnable> writes = new LinkedHashMap<>();
        writes.put("note", () -> app.ask("POST", "/api/crafts/ROW/log", "{\"kind\": \"NOTE\", \"text\": \"x\"}"));
        writes.put(
                "export",
                () -> app.sendAs(
                        "POST",
                        "/api/crafts/ROW/snapshots?name=a.txt&why=x",
                        LISTING.getBytes(StandardCharsets.UTF_8),
                        "application/octet-stream"));
        writes.put("routine", () -> app.runRoutine("ROW"));
        writes.put(
                "radio-off",
                () -> app.ask(
                        "POST",
                        "/api/crafts/ROW/radio-off",
                        "{\"outcomes\": {\"does\": \"stop\"}, \"after\": \"1.7\", \"propsOff\": true}"));
        writes.put("set-up", () -> app.ask("POST", "/api/crafts/ROW/set-up", "{\"occasion\": \"RADIO\"}"));
        writes.put(
                "step",
                () -> app.ask(
                        "POST",
                        "/api/crafts/ROW/set-up/steps",
                        "{\"version\": "
                                + app.get("/api/crafts/ROW/set-up").get("run").get("version")
                                + ", \"stepId\": \"bind\", \"outcomes\": {\"seen\": \"moves\"}}"));
        writes.put(
                "end",
                () -> app.ask(
                        "POST",
                        "/api/crafts/ROW/set-up/end",
                        "{\"version\": "
                                + app.get("/api/crafts/ROW/set-up").get("run").get("version")
                                + ", \"reason\": \"x\"}"));
        writes.put("convention", () -> app.ask("PUT", "/api/pre-power-convention", "{\"convention\": \"QUICK\"}"));
        writes.put(
                "another export",
                () -> app.sendAs(
                        "POST",
                        "/api/crafts/ROW/snapshots?name=b.txt&why=x&version=1",
                        LISTING.replace("1-2-3-4", "2-1-3-4").getBytes(StandardCharsets.UTF_8),
                        "application/octet-stream"));
        writes.put(
                "part",
                () -> app.ask(
                        "POST",
                        "/api/crafts/ROW/parts",
                        "{\"version\": " + version() + ", \"archetype\": \"beeper\"}"));
        writes.put(
                "crash",
                () -> app.ask("POST", "/api/crafts/ROW/log", "{\"kind\": \"CRASH\", \"text\": \"into a tree\"}"));
        writes.put(
                "corrected",
                () -> app.ask(
                        "PUT",
                        "/api/crafts/ROW/log/"
                                + app.get("/api/crafts/ROW/log").get(0).get("id"),
                        "{\"kind\": \"NOTE\", \"text\": \"only a landing\", \"reason\": \"r\"}"));
        writes.put(
                "work-up",
                () -> close(
                        app.ask(
                                "POST",
                                "/api/work-ups",
                                "{\"craftId\": \"ROW\", \"kind\": \"take-off\", \"complaint\": \"flips\", \"occasion\": \"BUILD\", \"seen\": {}}")));
        writes.put(
                "sign-off",
                () -> app.ask(
                        "POST",
                        "/api/crafts/ROW/sign-off",
                        "{\"version\": " + version()
                                + ", \"reason\": \"hovered for two minutes, all as it should be\"}"));
        writes.put(
                "grounded",
                () -> app.ask(
                        "PATCH",
                        "/api/crafts/ROW",
                        "{\"version\": " + version()
                                + ", \"name\": \"x\", \"state\": \"GROUNDED\", \"reason\": \"r\"}"));
        writes.put(
                "meter",
                () -> app.ask("PUT", "/api/meter", app.get("/api/meter").toString()));
        writes.put(
                "hazard",
                () -> app.ask(
                        "PUT",
                        "/api/crafts/ROW/build-sheet",
                        "{\"version\": " + version() + ", \"reason\": \"as it is set\", \"sheet\": "
                                + app.get("/api/crafts/ROW/build-sheet")
                                        .toString()
                                        .replaceFirst(
                                                "\"configuration\":\\{",
                                                "\"configuration\":{\"receiver-failsafe\":\"hold\",")
                                        .replace(",}", "}")
                                + "}"));
        JsonNode beside = rested("BESIDE");
        same("as entered");
        writes.forEach((what, write) -> {
            write.run();
            same(what);
        });
        assertThat(rested("BESIDE").get("grounds")).isEqualTo(beside.get("grounds"));
    }

    private void same(String after) {
        JsonNode chart = app.get("/api/crafts/ROW");
        JsonNode row = rested("ROW");
        assertThat(row.get("grounds")).as(after).isEqualTo(chart.get("grounds"));
        assertThat(row.get("due")).as(after).isEqualTo(chart.get("due"));
        assertThat(row.get("list").asString())
                .as(after)
                .isEqualTo(chart.get("fitness").asString());
    }

    private long version() {
        return app.get("/api/crafts/ROW").get("version").asLong();
    }

    private void close(JsonNode view) {
        app.ask(
                "POST",
                "/api/work-ups/" + view.get("id") + "/close",
                "{\"version\": " + view.get("version") + ", \"end\": \"HANDED_OVER\", \"reason\": \"to its builder\"}");
    }

    /** The row of a craft, with the list that it stands in. */
    private JsonNode rested(String craftId) {
        JsonNode bench = app.get("/api/bench");
        for (Map.Entry<String, String> list :
                Map.of("fit", "FIT", "due", "DUE", "grounded", "GROUNDED").entrySet()) {
            for (JsonNode row : bench.get(list.getKey())) {
                if (row.get("craftId").asString().equals(craftId)) {
                    return row.asObject().put("list", list.getValue());
                }
            }
        }
        throw new AssertionError(craftId + " is not on the bench: " + bench);
    }
}
