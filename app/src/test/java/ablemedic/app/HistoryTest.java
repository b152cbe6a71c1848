package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * What happened stays readable whatever becomes of the craft: a part that was complained of may be off the sheet the
 * day after.
 */
class HistoryTest {
    @TempDir
    private Path folder;

    private static JsonNode open(App app, String craftId) {
        app.enterWired(craftId, "STACK");
        return app.ask(
                "POST",
                "/api/work-ups",
                "{\"craftId\": \"" + craftId
                        + "\", \"kind\": \"no-picture\", \"complaint\": \"black goggles\", \"occasion\": \"CRASH\", \"seen\": {\"seen\": \"black\"}}");
    }

    private static void takeOff(App app, String craftId, String part) {
        app.ask(
                "DELETE",
                "/api/crafts/" + craftId + "/parts/" + part + "?version="
                        + app.get("/api/crafts/" + craftId).get("version"),
                "");
    }

    private static JsonNode solved(App app, String craftId) {
        JsonNode view = app.fix(open(app, craftId), "dead-VTX", "replace");
        JsonNode tests = view.get("proof").get("tests");
        for (JsonNode test : tests) {
            String check = test.get("checkId").asString();
            view = check.equals("goggles-show")
                    ? app.record(view, check, "picture")
                    : number(
                            app,
                            view,
                            check,
                            App.asSomebodyReads(test.get("expected").asString()));
        }
        return app.ask(
                "POST",
                "/api/work-ups/" + view.get("id") + "/close",
                "{\"version\": " + view.get("version") + ", \"end\": \"SOLVED\", \"reason\": \"\"}");
    }

    private static JsonNode number(App app, JsonNode view, String check, String written) {
        JsonNode now = app.benchFor(view, check);
        return app.ask(
                "POST",
                "/api/work-ups/" + view.get("id") + "/findings",
                "{\"version\": " + now.get("version") + ", \"checkId\": \"" + check + "\", \"written\": \"" + written
                        + "\", \"sureness\": \"SURE\"}");
    }

    private static JsonNode view(App app, JsonNode workUp) {
        return app.get("/api/work-ups/" + workUp.get("id"));
    }

    private static String readings(App app, JsonNode workUp) {
        return app.send("GET", "/api/work-ups/" + workUp.get("id") + "/readings.csv", "")
                .body();
    }

    @Test
    void aClosedWorkUpIsShownAsItEndedWhateverIsTakenOffTheCraftSince() {
        Path file = folder.resolve("closed.db");
        JsonNode closed;
        String readings;
        try (App app = App.on(file)) {
            closed = solved(app, "GONE");
            assertThat(closed.get("ended").asString()).isEqualTo("solved and proven");
            assertThat(closed.get("made").toString()).contains("Replace the VTX");
            readings = readings(app, closed);
            takeOff(app, "GONE", "VTX");
            takeOff(app, "GONE", "CAM");
            assertThat(view(app, closed)).isEqualTo(closed);
        }
        try (App app = App.on(file)) {
            assertThat(view(app, closed)).as("after a restart").isEqualTo(closed);
            assertThat(readings(app, closed)).isEqualTo(readings).contains("Black");
            assertThat(app.bytes("/api/work-ups/" + closed.get("id") + "/job-sheet"))
                    .startsWith("%PDF".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
            JsonNode again = app.ask(
                    "POST",
                    "/api/work-ups/" + closed.get("id") + "/reopen",
                    "{\"version\": " + closed.get("version") + ", \"reason\": \"black again\"}");
            assertThat(again.get("stage").asString()).isNotEqualTo("CLOSED");
            assertThat(again.get("complaintGone").asString()).contains("off the build sheet");
        }
    }

    @Test
    void oneThatWasClosedBeforeEndsWereKeptTellsWhatItsEventsHold() throws SQLException {
        Path file = folder.resolve("older.db");
        JsonNode closed;
        try (App app = App.on(file)) {
            closed = solved(app, "OLDER");
            takeOff(app, "OLDER", "VTX");
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            assertThat(statement.executeUpdate("DELETE FROM work_up_end")).isEqualTo(1);
        }
        try (App app = App.on(file)) {
            JsonNode view = view(app, closed);
            assertThat(view.get("ended")).isEqualTo(closed.get("ended"));
            for (int i = 0; i < view.get("evidence").size(); i++) {
                assertThat(view.get("evidence").get(i).get("title"))
                        .isEqualTo(closed.get("evidence").get(i).get("title"));
                assertThat(view.get("evidence").get(i).get("answers"))
                        .isEqualTo(closed.get("evidence").get(i).get("answers"));
            }
            assertThat(readings(app, closed)).contains("Black").contains("Replace the VTX");
            assertThat(app.send("GET", "/api/work-ups/" + closed.get("id") + "/job-sheet", "")
                            .statusCode())
                    .isEqualTo(200);
        }
    }

    @Test
    void anOpenOneKeepsWhatNoLongerAppliesWithoutWeightAndCanBeClosed() {
        try (App app = App.on(folder.resolve("open.db"))) {
            JsonNode view = open(app, "OPEN");
            view = app.ask(
                    "POST",
                    "/api/work-ups/" + view.get("id") + "/suspicions",
                    "{\"version\": " + view.get("version") + ", \"faultId\": \"dead-VTX\", \"words\": \"it is cold\"}");
            view = app.ask(
                    "POST",
                    "/api/work-ups/" + view.get("id") + "/skips",
                    "{\"version\": " + view.get("version") + ", \"checkId\": \"look-VTX\"}");
            assertThat(view.get("complaintGone").asString()).isEmpty();
            takeOff(app, "OPEN", "VTX");
            JsonNode after = view(app, view);
            assertThat(after.get("complaintGone").asString()).contains("Enter the part again, or close the work-up");
            assertThat(after.get("evidence")
                            .valueStream()
                            .map(one -> one.get("title"))
                            .toList())
                    .isEqualTo(view.get("evidence")
                            .valueStream()
                            .map(one -> one.get("title"))
                            .toList());
            assertThat(after.get("evidence").get(0).get("answers"))
                    .isEqualTo(view.get("evidence").get(0).get("answers"));
            assertThat(after.get("evidence").toString()).contains("not weighed: the craft has changed");
            assertThat(after.get("suspects").toString()).doesNotContain("VTX");
            assertThat(app.get("/api/bench").get("needing")).hasSize(1);
            JsonNode closed = app.ask(
                    "POST",
                    "/api/work-ups/" + view.get("id") + "/close",
                    "{\"version\": " + after.get("version")
                            + ", \"end\": \"NOT_WORTH_REPAIR\", \"reason\": \"flies without a picture from now on\"}");
            assertThat(closed.get("stage").asString()).isEqualTo("CLOSED");
            assertThat(app.get("/api/bench").get("needing")).isEmpty();
            assertThat(app.get("/api/repair-log").get("entries")).hasSize(1);
        }
    }

    /** Kept for this build alone, and lost without harm. */
    @Test
    void whatWasShownOfAnOpenOneIsShownAgainAfterARestartAndWorkedOutAnewWhereItCannotBeRead() throws SQLException {
        Path file = folder.resolve("shown.db");
        JsonNode before;
        try (App app = App.on(file)) {
            before = view(app, open(app, "SHOWN"));
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            assertThat(statement.executeUpdate("UPDATE work_up_shown SET stamp = stamp"))
                    .isEqualTo(1);
        }
        try (App app = App.on(file)) {
            assertThat(view(app, before)).isEqualTo(before);
            JsonNode told = app.ask(
                    "POST",
                    "/api/work-ups/" + before.get("id") + "/suspicions",
                    "{\"version\": " + before.get("version")
                            + ", \"faultId\": \"dead-VTX\", \"words\": \"it is cold\"}");
            assertThat(told.get("suspects")).isNotEqualTo(before.get("suspects"));
            before = told;
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate("UPDATE work_up_shown SET packed = x'00'");
        }
        try (App app = App.on(file)) {
            assertThat(view(app, before)).isEqualTo(before);
        }
    }

    @Test
    void aWriteAnswersItsVersionAndWhatWasRecordedAndNoPlan() {
        try (App app = App.on(folder.resolve("written.db"))) {
            JsonNode view = open(app, "TOLD");
            JsonNode written = app.answer(
                    "POST",
                    "/api/work-ups/" + view.get("id") + "/suspicions",
                    "{\"version\": " + view.get("version") + ", \"faultId\": \"dead-VTX\", \"words\": \"it is cold\"}");
            assertThat(written.propertyNames()).containsExactlyInAnyOrder("id", "craftId", "version", "recorded");
            JsonNode after = view(app, view);
            assertThat(written.get("version")).isEqualTo(after.get("version"));
            assertThat(written.get("recorded").get(0))
                    .isEqualTo(after.get("evidence").get(after.get("evidence").size() - 1));
        }
    }

    /** The newest form of the end is kept beside the events; one of a newer program is worked out from these. */
    @Test
    void anEndThatCannotBeReadIsWorkedOutFromItsEvents() throws SQLException {
        Path file = folder.resolve("spoiled.db");
        JsonNode closed;
        try (App app = App.on(file)) {
            closed = solved(app, "SPOILED");
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate("UPDATE work_up_end SET packed = x'00'");
        }
        try (App app = App.on(file)) {
            assertThat(view(app, closed).get("made")).isEqualTo(closed.get("made"));
        }
    }
}
