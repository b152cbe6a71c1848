package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What an older version wrote opens and means the same; what it showed then stands beside the file. */
class KeptFormsTest {
    /** What the catalogue gained since moves a belief by less. */
    private static final double ALIKE = 0.03;

    private static final Path RESOURCES = Path.of("src/test/resources");

    @TempDir
    Path folder;

    private static final Pattern NUMBER = Pattern.compile("\\d+(?:\\.\\d+)?");

    private static void fill(Path file) throws IOException, SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate(Files.readString(RESOURCES.resolve("demo-of-form-1.sql")));
        }
    }

    @Test
    void everythingOfTheFirstFormsOpensAndMeansTheSame() throws IOException, SQLException {
        Path file = folder.resolve("old.db");
        fill(file);
        try (App app = App.on(file)) {
            JsonNode then = app.json.readTree(Files.readString(RESOURCES.resolve("demo-of-form-1.json")));
            then.get("workUps").properties().forEach(e -> same(e.getValue(), app.get("/api/work-ups/" + e.getKey())));
            then.get("crafts").properties().forEach(e -> {
                sameChart(e.getValue(), app.get("/api/crafts/" + e.getKey()));
                sameRoutine(e.getValue().get("routine"), app.get("/api/crafts/" + e.getKey() + "/routine"));
            });
            List<String> batteries = app.get("/api/batteries")
                    .valueStream()
                    .map(p -> p.get("label").asString())
                    .toList();
            assertThat(batteries)
                    .isEqualTo(then.get("packs")
                            .valueStream()
                            .map(JsonNode::asString)
                            .toList());
            assertThat(app.get("/api/repair-log").get("entries"))
                    .hasSize(then.get("ledger").asInt());
            assertThat(app.get("/api/bench").get("unreadable")).isEmpty();
        }
    }

    private static void same(JsonNode then, JsonNode now) {
        String craftId = then.get("craftId").asString();
        for (String field : List.of("craftId", "version", "ended")) {
            assertThat(now.get(field)).as(craftId + " " + field).isEqualTo(then.get(field));
        }
        List<String> noted = now.get("evidence")
                .valueStream()
                .map(e -> entered(e.get("answers"), e.get("takenBack")))
                .toList();
        assertThat(noted)
                .as(craftId)
                .isEqualTo(then.get("evidence")
                        .valueStream()
                        .map(e -> entered(e.get(1), e.get(2)))
                        .toList());
        if (!now.get("stage").asString().equals("CLOSED")) {
            // One that is open goes on by the rule of the craft as required; what was entered stays.
            return;
        }
        assertThat(now.get("notInBook").get("belief").asDouble())
                .as(craftId)
                .isCloseTo(then.get("notInBook").asDouble(), within(ALIKE));
        assertThat(now.get("nothingLeft").asDouble())
                .as(craftId)
                .isCloseTo(then.get("nothingLeft").asDouble(), within(ALIKE));
        TreeMap<String, Double> beliefs = new TreeMap<>();
        now.get("suspects")
                .forEach(s ->
                        beliefs.put(s.get("faultId").asString(), s.get("belief").asDouble()));
        then.get("suspects")
                .forEach(s -> assertThat(beliefs.getOrDefault(s.get(0).asString(), 0.0))
                        .as(craftId + ": " + s.get(0).asString())
                        .isCloseTo(s.get(1).asDouble(), within(ALIKE)));
        assertThat(now.get("made")).hasSameSizeAs(then.get("made"));
    }

    /** What was entered, whatever it is called today: how many answers, their numbers, and whether it was undone. */
    private static String entered(JsonNode answers, JsonNode undone) {
        return answers.size() + " " + numbers(answers.toString()) + " " + undone;
    }

    /** The numbers in a text; some lost a zero behind the point. */
    private static List<String> numbers(String text) {
        return NUMBER.matcher(text.replaceAll("(\\d)\\.0\\b", "$1"))
                .results()
                .map(MatchResult::group)
                .toList();
    }

    private static void sameChart(JsonNode then, JsonNode now) {
        assertThat(facts(now, f -> f.get("value"))).isEqualTo(facts(then, f -> f.get(1)));
        assertThat(now.get("missing")).hasSameSizeAs(then.get("missing"));
        assertThat(now.get("revisions")).hasSameSizeAs(then.get("revisions"));
        for (int i = 0; i < now.get("revisions").size(); i++) {
            JsonNode is = now.get("revisions").get(i);
            JsonNode was = then.get("revisions").get(i);
            assertThat(is.get("reason")).isEqualTo(was.get(1));
            assertThat(is.get("changes")).hasSameSizeAs(was.get(2));
        }
    }

    private static List<List<String>> facts(JsonNode chart, Function<JsonNode, JsonNode> value) {
        return chart.get("facts")
                .valueStream()
                .map(fact -> numbers(value.apply(fact).asString()))
                .toList();
    }

    private static void sameRoutine(JsonNode then, JsonNode now) {
        assertThat(now.get("state")).isEqualTo(then.get(0));
        List<String> given = new ArrayList<>();
        if (now.hasNonNull("newest")) {
            now.get("newest")
                    .get("steps")
                    .forEach(s -> given.add(numbers(s.get("given").asString()) + " " + s.get("passed")));
        }
        List<String> gave = new ArrayList<>();
        then.get(1).forEach(s -> gave.add(numbers(s.get(1).asString()) + " " + s.get(2)));
        assertThat(given).isEqualTo(gave);
    }

    @Test
    void whatIsWrittenNowSaysItsFormAndARecordOfANewerOneIsLeftAsItIs() throws IOException, SQLException {
        Path file = folder.resolve("newer.db");
        fill(file);
        try (App app = App.on(file)) {
            JsonNode chart = app.get("/api/crafts/EIDER");
            app.ask(
                    "PUT",
                    "/api/crafts/EIDER/build-sheet",
                    "{\"version\": " + chart.get("version") + ", \"reason\": \"as it is\"," + " \"sheet\": "
                            + chart.get("sheet") + "}");
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            var newest = statement.executeQuery(
                    "SELECT body FROM build_sheet WHERE craft_id = 'EIDER' ORDER BY revision DESC LIMIT 1");
            assertThat(newest.getString(1)).contains("\"form\":4").contains("\"configuration\":{");
            statement.executeUpdate("UPDATE build_sheet SET body = replace(body, '\"form\":4', '\"form\":5')");
        }
        try (App app = App.on(file)) {
            assertThat(app.get("/api/bench").get("unreadable").toString())
                    .contains("EIDER")
                    .contains("can't be read");
        }
    }
}
