package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A chart that is edited, and a book that changes, while a work-up on the craft is open. */
class EditsDuringAWorkUpTest {
    @TempDir
    private Path folder;

    private static JsonNode open(App app, String craftId) {
        app.enterWired(craftId, "STACK");
        return app.ask(
                "POST",
                "/api/work-ups",
                "{\"craftId\": \"" + craftId
                        + "\", \"kind\": \"voltage\", \"complaint\": \"shows too much\", \"occasion\": \"LONG_REST\", \"seen\": {}}");
    }

    private static JsonNode fix(App app, JsonNode view, String faultId) {
        JsonNode card = app.get("/api/work-ups/" + view.get("id") + "/fixes/" + faultId);
        return app.fix(view, faultId, card.get("options").get(0).get("fixId").asString());
    }

    private static String faultOf(App app, String craftId, String words) {
        for (JsonNode fault : app.get("/api/faults?craft=" + craftId)) {
            if (fault.get("title").asString().contains(words)) {
                return fault.get("id").asString();
            }
        }
        throw new AssertionError("no fault of " + words);
    }

    private static JsonNode now(App app, JsonNode view) {
        return app.get("/api/work-ups/" + view.get("id"));
    }

    private static ObjectNode sheet(App app, String craftId) {
        return (ObjectNode) app.get("/api/crafts/" + craftId + "/build-sheet");
    }

    private static void put(App app, String craftId, ObjectNode sheet) {
        app.ask(
                "PUT",
                "/api/crafts/" + craftId + "/build-sheet",
                "{\"version\": " + app.get("/api/crafts/" + craftId).get("version")
                        + ", \"reason\": \"edited meanwhile\", \"sheet\": " + sheet + "}");
    }

    @Test
    void aPartEnteredMeanwhileIsSeenByTheWorkUpAndSurvivesAFix() {
        try (App app = App.on(folder.resolve("part.db"))) {
            JsonNode view = open(app, "EDIT");
            assertThat(view.get("checks").toString()).doesNotContain("look-BEEP");
            app.ask("POST", "/api/crafts/EDIT/parts", "{\"version\": 1, \"archetype\": \"beeper\"}");
            String beeper = "";
            for (JsonNode part : sheet(app, "EDIT").get("electrics").get("parts")) {
                beeper = part.get("archetype").asString().equals("beeper")
                        ? part.get("id").asString()
                        : beeper;
            }
            JsonNode seen = now(app, view);
            assertThat(seen.get("checks").toString()).contains("look-" + beeper);
            assertThat(seen.get("map").toString()).contains("\"" + beeper + "\"");
            JsonNode fixed = fix(app, seen, faultOf(app, "EDIT", "scale"));
            assertThat(sheet(app, "EDIT").toString()).as("after a fix").contains("\"" + beeper + "\"");
            int n = fixed.get("made").get(0).get("n").asInt();
            app.ask(
                    "DELETE",
                    "/api/work-ups/" + view.get("id") + "/findings/" + n + "?version=" + fixed.get("version"),
                    "");
            assertThat(sheet(app, "EDIT").toString())
                    .as("after the fix was taken back")
                    .contains("\"" + beeper + "\"");
        }
    }

    @Test
    void aSettingEditedMeanwhileStaysBesideTheOneThatAFixEnters() {
        try (App app = App.on(folder.resolve("setting.db"))) {
            JsonNode view = open(app, "EDIT");
            ObjectNode sheet = sheet(app, "EDIT");
            ((ObjectNode) sheet.get("configuration")).put("gain", "0.8");
            put(app, "EDIT", sheet);
            JsonNode seen = now(app, view);
            fix(app, seen, faultOf(app, "EDIT", "scale"));
            assertThat(sheet(app, "EDIT").get("configuration").get("gain").asString())
                    .isEqualTo("0.8");
        }
    }

    @Test
    void aPartTakenOffMeanwhileIsGoneFromTheWorkUpAndDoesNotComeBack() {
        try (App app = App.on(folder.resolve("off.db"))) {
            JsonNode view = open(app, "EDIT");
            String camera = "";
            for (JsonNode part : sheet(app, "EDIT").get("electrics").get("parts")) {
                camera = part.get("archetype").asString().equals("camera")
                        ? part.get("id").asString()
                        : camera;
            }
            app.ask("DELETE", "/api/crafts/EDIT/parts/" + camera + "?version=1", "");
            JsonNode seen = now(app, view);
            assertThat(seen.get("checks").toString()).doesNotContain("look-" + camera + "\"");
            fix(app, seen, faultOf(app, "EDIT", "scale"));
            assertThat(sheet(app, "EDIT").get("electrics").get("parts").toString())
                    .doesNotContain("\"" + camera + "\"");
        }
    }

    @Test
    void whatTheBookNoLongerHasStaysOnRecordAndIsNotWeighed() throws SQLException {
        Path file = folder.resolve("book.db");
        long id;
        JsonNode before;
        try (App app = App.on(file)) {
            JsonNode view = open(app, "OLD");
            id = view.get("id").asLong();
            before = view;
            view = app.record(view, "arrow", "forward");
            view = app.ask(
                    "POST",
                    "/api/work-ups/" + id + "/suspicions",
                    "{\"version\": " + view.get("version") + ", \"faultId\": \"" + faultOf(app, "OLD", "scale")
                            + "\", \"words\": \"\"}");
            fix(app, view, faultOf(app, "OLD", "scale"));
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate(
                    "UPDATE work_up_event SET body = replace(body, '\"checkId\":\"arrow\"', '\"checkId\":\"compass\"')");
            statement.executeUpdate(
                    "UPDATE work_up_event SET body = replace(body, '\"faultId\":\"', '\"faultId\":\"once-')");
            // A program with another book is another build, which shows nothing that this one has kept.
            statement.executeUpdate("DELETE FROM work_up_shown");
        }
        try (App app = App.on(file)) {
            JsonNode view = app.get("/api/work-ups/" + id);
            assertThat(view.get("evidence").toString())
                    .contains("check “compass” is no longer in the book")
                    .contains("fault “once-")
                    .contains("fix “once-");
            assertThat(view.get("suspects")).as("as if nothing had been found").isEqualTo(before.get("suspects"));
            assertThat(app.get("/api/bench").get("needing")).hasSize(1);
            assertThat(app.get("/api/bench").get("unreadable")).isEmpty();
        }
    }
}
