package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class NamesAndDaysTest {
    @TempDir
    private static Path folder;

    private static App app;

    @BeforeAll
    static void start() {
        app = App.on(folder.resolve("names.db"));
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static String inPath(String name) {
        return URLEncoder.encode(name, StandardCharsets.UTF_8).replace("+", "%20");
    }

    @ParameterizedTest
    @CsvSource({
        "ÄRGER, ärger",
        "Straße, STRASSE",
        "ΣΙΓΜΑ, σιγμα",
        "Ångström, A\u030Angstro\u0308m",
        "DOT.ted, dot.TED",
        "new, NEW"
    })
    void oneMarkHoweverItIsWritten(String craftId, String otherwise) {
        app.ask("POST", "/api/crafts", "{\"craftId\": \"" + craftId + "\", \"name\": \"\"}");
        app.refused(409, "POST", "/api/crafts", "{\"craftId\": \"" + otherwise + "\", \"name\": \"\"}");
        assertThat(app.get("/api/crafts/" + inPath(otherwise)).get("craftId").asString())
                .isEqualTo(craftId);
    }

    @Test
    void aLineOfTheLogWithoutAWorkUpNamesNone() {
        app.ask("POST", "/api/crafts", "{\"craftId\": \"LINES\", \"name\": \"\"}");
        long id = app.ask(
                        "POST",
                        "/api/work-ups",
                        "{\"craftId\": \"LINES\", \"complaint\": \"x\", \"occasion\": \"BUILD\", \"seen\": {}}")
                .get("id")
                .asLong();
        JsonNode log = app.get("/api/crafts/LINES/log");
        assertThat(log.get(0).get("workUpId").asLong()).isEqualTo(id);
        assertThat(log.get(1).has("workUpId")).isFalse();
    }

    @Test
    void aClosedWorkUpIsNotOpenedAgainBesideAnOpenOne() {
        long first = app.openWorkUp("TWICE", "BUILD", "{}").get("id").asLong();
        long version = app.ask(
                        "POST",
                        "/api/work-ups/" + first + "/close",
                        "{\"version\": 1, \"end\": \"HANDED_OVER\", \"reason\": \"r\"}")
                .get("version")
                .asLong();
        long second = app.ask(
                        "POST",
                        "/api/work-ups",
                        "{\"craftId\": \"TWICE\", \"complaint\": \"y\", \"occasion\": \"BUILD\", \"seen\": {}}")
                .get("id")
                .asLong();
        assertThat(app.refused(
                                409,
                                "POST",
                                "/api/work-ups/" + first + "/reopen",
                                "{\"version\": " + version + ", \"reason\": \"back\"}")
                        .get("detail")
                        .asString())
                .contains("number " + second);
        app.ask(
                "POST",
                "/api/work-ups/" + second + "/close",
                "{\"version\": 1, \"end\": \"HANDED_OVER\", \"reason\": \"r\"}");
        app.ask("POST", "/api/work-ups/" + first + "/reopen", "{\"version\": " + version + ", \"reason\": \"back\"}");
    }

    @Test
    void anOverrideWithAFindingStandsInTheCraftsLog() {
        long id = app.openWorkUp("OVER", "BUILD", "{}").get("id").asLong();
        JsonNode view = app.get("/api/work-ups/" + id);
        String locked = null;
        for (JsonNode check : view.get("checks")) {
            if (check.get("locked").asBoolean()) {
                locked = check.get("checkId").asString();
            }
        }
        JsonNode card = app.get("/api/work-ups/" + id + "/checks/" + locked);
        String outcome =
                card.get("questions").get(0).get("outcomes").get(0).get("id").asString();
        app.ask("POST", "/api/work-ups/" + id + "/findings", """
        {"version": 1, "checkId": "%s", "outcomes": {"%s": "%s"}, "sureness": "SURE", "override": "seen at the field"}""".formatted(
                        locked, card.get("questions").get(0).get("id").asString(), outcome));
        String overridden = app.get("/api/crafts/OVER/log")
                .valueStream()
                .filter(line -> line.get("kind").asString().equals("override"))
                .map(line -> line.get("text").asString())
                .findFirst()
                .orElseThrow();
        assertThat(overridden)
                .contains("seen at the field")
                .contains(card.get("title").asString());
    }

    @Test
    void theLedgerTakesDaysAsTheyAreWhereTheReaderIs() {
        long id = app.openWorkUp("DAYS", "BUILD", "{}").get("id").asLong();
        app.ask(
                "POST",
                "/api/work-ups/" + id + "/close",
                "{\"version\": 1, \"end\": \"HANDED_OVER\", \"reason\": \"days\"}");
        for (String zone : new String[] {"+14:00", "-12:00", "Z"}) {
            LocalDate today = LocalDate.now(ZoneOffset.of(zone));
            assertThat(found(zone, today, today)).as("today at " + zone).isEqualTo(1);
            assertThat(found(zone, today.plusDays(1), today.plusDays(1)))
                    .as("tomorrow at " + zone)
                    .isZero();
            assertThat(found(zone, today.minusDays(1), today.minusDays(1)))
                    .as("yesterday at " + zone)
                    .isZero();
        }
        assertThat(app.refused(422, "GET", "/api/repair-log?zone=Atlantis", "")
                        .get("detail")
                        .asString())
                .contains("Europe/Dublin");
    }

    private static int found(String zone, LocalDate from, LocalDate to) {
        return app.get("/api/repair-log?q=days&zone=" + inPath(zone) + "&from=" + from + "&to=" + to)
                .get("all")
                .asInt();
    }

    @Test
    void aLongLedgerComesInPages() {
        for (int i = 0; i < 53; i++) {
            long id = app.openWorkUp("PAGE" + i, "BUILD", "{}").get("id").asLong();
            app.ask(
                    "POST",
                    "/api/work-ups/" + id + "/close",
                    "{\"version\": 1, \"end\": \"HANDED_OVER\", \"reason\": \"paged\"}");
        }
        JsonNode first = app.get("/api/repair-log?q=paged");
        JsonNode rest = app.get("/api/repair-log?q=paged&skip=50");
        assertThat(first.get("all").asInt()).isEqualTo(53);
        assertThat(first.get("entries")).hasSize(50);
        assertThat(rest.get("entries")).hasSize(3);
        assertThat(first.get("minutes")).as("of all pages").isEqualTo(rest.get("minutes"));
    }
}
