package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Records that an older version stored and none can read; each shows as one strip and spoils nothing else. */
class UnreadableRecordsTest {
    @TempDir
    private Path folder;

    private static void spoil(Path file, String sql) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    private static JsonNode only(App app) {
        JsonNode unreadable = app.get("/api/bench").get("unreadable");
        assertThat(unreadable).hasSize(1);
        return unreadable.get(0);
    }

    @Test
    void aSheetThatCannotBeReadGoesBackToOneThatCan() throws SQLException {
        Path file = folder.resolve("sheet.db");
        try (App app = App.on(file)) {
            app.enterWired("SICK", "STACK");
            app.enterWired("WELL", "STACK");
            app.ask("POST", "/api/crafts/SICK/parts", "{\"version\": 1, \"archetype\": \"beeper\"}");
        }
        spoil(
                file,
                "UPDATE build_sheet SET body = replace(body, '\"chemistry\":\"LIPO\"', '\"chemistry\":null') "
                        + "WHERE craft_id = 'SICK' AND revision = 2");
        try (App app = App.on(file)) {
            assertThat(app.get("/api/bench").get("due").get(0).get("craftId").asString())
                    .isEqualTo("WELL");
            JsonNode strip = only(app);
            assertThat(strip.get("name").asString()).isEqualTo("SICK");
            assertThat(strip.get("goBackTo").asInt()).isEqualTo(1);
            assertThat(app.refused(409, "GET", "/api/crafts/SICK", "")
                            .get("detail")
                            .asString())
                    .contains("revision 2");
            app.refused(
                    409,
                    "POST",
                    "/api/work-ups",
                    "{\"craftId\": \"SICK\", \"complaint\": \"x\", \"occasion\": \"BUILD\", \"seen\": {}}");
            app.ask("POST", "/api/crafts/SICK/repair", "{\"revision\": 1}");
            assertThat(app.get("/api/bench").get("unreadable")).isEmpty();
            JsonNode chart = app.get("/api/crafts/SICK");
            assertThat(chart.get("revisions")).as("nothing was deleted").hasSize(3);
            assertThat(chart.get("revisions").get(1).get("reason").asString()).contains("can't be read");
        }
    }

    @Test
    void aCraftWithNoSheetLeftIsPutAsideAndBroughtBack() throws SQLException {
        Path file = folder.resolve("aside.db");
        try (App app = App.on(file)) {
            app.enterWired("GONE", "STACK");
        }
        spoil(file, "UPDATE build_sheet SET body = '{'");
        try (App app = App.on(file)) {
            assertThat(only(app).has("goBackTo")).isFalse();
            app.send("PUT", "/api/crafts/GONE/aside", "{\"reason\": \"sheet lost\"}");
            JsonNode bench = app.get("/api/bench");
            assertThat(bench.get("unreadable")).isEmpty();
            assertThat(bench.get("aside").get(0).get("reason").asString()).isEqualTo("sheet lost");
            app.send("PUT", "/api/crafts/GONE/aside", "{}");
            assertThat(only(app).get("name").asString()).isEqualTo("GONE");
        }
    }

    @Test
    void aWorkUpThatCannotBeReadIsOneStripAndLeavesTheBenchAlive() throws SQLException {
        Path file = folder.resolve("work-up.db");
        long id;
        try (App app = App.on(file)) {
            id = app.openWorkUp("SICK", "BUILD", "{\"manner\": \"flips\"}")
                    .get("id")
                    .asLong();
            app.openWorkUp("WELL", "BUILD", "{\"manner\": \"flips\"}");
        }
        spoil(file, "UPDATE work_up_event SET body = '{\"kind\":\"found\"' WHERE work_up_id = " + id);
        try (App app = App.on(file)) {
            assertThat(app.get("/api/bench").get("needing")).hasSize(1);
            assertThat(only(app).get("workUpId").asLong()).isEqualTo(id);
            assertThat(app.send("GET", "/api/work-ups/" + id, "").statusCode()).isEqualTo(409);
            app.send("PUT", "/api/work-ups/" + id + "/aside", "{\"reason\": \"spoilt\"}");
            JsonNode bench = app.get("/api/bench");
            assertThat(bench.get("unreadable")).isEmpty();
            assertThat(bench.get("due").toString())
                    .as("the craft itself is well")
                    .contains("SICK");
            app.ask(
                    "POST",
                    "/api/work-ups",
                    "{\"craftId\": \"SICK\", \"complaint\": \"again\", \"occasion\": \"BUILD\", \"seen\": {}}");
        }
    }

    @Test
    void aPackAMeterAndARoutineThatCannotBeReadSpoilNothing() throws SQLException {
        Path file = folder.resolve("rest.db");
        try (App app = App.on(file)) {
            app.enterWired("WELL", "STACK");
            app.runRoutine("WELL");
            String convention =
                    app.get("/api/landing-voltage-rules").get(0).get("id").asString();
            for (String label : new String[] {"BAD", "GOOD"}) {
                app.ask(
                        "POST",
                        "/api/batteries",
                        "{\"label\": \"" + label + "\", \"rule\": \"" + convention + "\", \"kind\": {\"cells\": 4, "
                                + "\"chemistry\": \"LIPO\", \"capacityMah\": 1500, \"cellMilliohms\": 4}}");
            }
            app.ask("PUT", "/api/meter", app.get("/api/meter").toString());
        }
        spoil(file, "UPDATE battery SET body = replace(body, '\"LIPO\"', 'null') WHERE label = 'BAD'");
        spoil(file, "UPDATE setting SET body = '[]'");
        spoil(file, "UPDATE pre_power_run SET body = '[]'");
        try (App app = App.on(file)) {
            assertThat(app.get("/api/batteries")).hasSize(1);
            assertThat(app.get("/api/bench")
                            .get("unreadable")
                            .valueStream()
                            .map(one -> one.get("name").asString())
                            .toList())
                    .containsExactlyInAnyOrder("BAD", "run 1 of the pre-power checks of WELL");
            assertThat(app.get("/api/meter").get("counts").asInt()).isPositive();
            assertThat(app.get("/api/crafts/WELL/routine").get("state").asString())
                    .as("due again")
                    .isEqualTo("NOT_DONE");
        }
    }

    private static byte[] gzip(byte[] file) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (OutputStream into = new GZIPOutputStream(packed)) {
            into.write(file);
        }
        return packed.toByteArray();
    }

    /** No settings at all, packed bytes that are none, and 64 MB in a few kB. */
    @Test
    void anExportThatCannotBeReadTakesNoViewDown() throws SQLException, IOException {
        Path file = folder.resolve("export.db");
        try (App app = App.on(file)) {
            app.enterWired("LISTED", "STACK");
            var kept = app.sendAs(
                    "POST",
                    "/api/crafts/LISTED/snapshots?name=a.txt&why=found",
                    "arm_tilt = 25\nvolt_ratio = 110\npack_ratio = 11000\n".getBytes(StandardCharsets.UTF_8),
                    "application/octet-stream");
            assertThat(kept.statusCode()).as(kept.body()).isEqualTo(200);
            app.openWorkUp("OTHER", "CRASH", "{\"manner\": \"flips\"}");
        }
        for (byte[] packed : List.of(
                gzip("good morning".getBytes(StandardCharsets.UTF_8)),
                "no gzip".getBytes(StandardCharsets.UTF_8),
                gzip(new byte[64 * 1024 * 1024]))) {
            try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                    var statement = connection.prepareStatement("UPDATE snapshot SET packed = ?")) {
                statement.setBytes(1, packed);
                statement.executeUpdate();
            }
            try (App app = App.on(file)) {
                JsonNode workUp = app.ask(
                        "POST",
                        "/api/work-ups",
                        "{\"craftId\": \"LISTED\", \"kind\": \"take-off\", \"complaint\": \"flips\", \"occasion\": \"CRASH\", \"seen\": {}}");
                for (String view : List.of(
                        "/api/bench",
                        "/api/crafts/LISTED",
                        "/api/crafts/LISTED/snapshots",
                        "/api/crafts/LISTED/snapshots/1",
                        "/api/crafts/LISTED/power-map",
                        "/api/crafts/LISTED/set-up",
                        "/api/crafts/LISTED/routine",
                        "/api/crafts/LISTED/flash-plan?family=alder&version=2",
                        "/api/work-ups/" + workUp.get("id"),
                        "/api/repair-log/trends")) {
                    assertThat(app.send("GET", view, "").statusCode()).as(view).isEqualTo(200);
                }
                assertThat(app.get("/api/crafts/LISTED/snapshots/1")
                                .get("notUnderstood")
                                .toString())
                        .contains("can't be read as settings");
                assertThat(app.send("GET", "/api/work-ups/" + workUp.get("id") + "/job-sheet", "")
                                .statusCode())
                        .isEqualTo(200);
                app.ask(
                        "POST",
                        "/api/work-ups/" + workUp.get("id") + "/close",
                        "{\"version\": "
                                + app.get("/api/work-ups/" + workUp.get("id")).get("version")
                                + ", \"end\": \"NO_FAULT_FOUND\", \"reason\": \"a trial of views\"}");
            }
        }
    }
}
