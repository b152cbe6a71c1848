package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * One record never takes a view down: every column of every table of the schema holds nonsense in turn, and every view
 * is opened. Views that are not of that very record go on as before; that one says in words what is wrong with it.
 */
class SpoiledRecordsTest {
    /** What no view is made from: the migrations' own list. */
    private static final Set<String> APART = Set.of("flyway_schema_history");
    /** The database itself refuses nonsense there. */
    private static final Set<String> CHECKED = Set.of("craft.state");

    @TempDir
    private static Path folder;

    private static Path sound;
    private static List<String> views;
    private static Map<String, Integer> before;

    @BeforeAll
    static void fill() throws IOException, SQLException {
        sound = folder.resolve("sound.db");
        try (App app = App.on(sound)) {
            OneOfEach one = OneOfEach.enter(app);
            views = EveryView.of(app, one.values());
            before = EveryView.statuses(app, views);
            assertThat(before.entrySet().stream()
                            .filter(view -> view.getValue() != 200)
                            .map(Map.Entry::getKey)
                            .toList())
                    .as("a craft without modems has no chain of them")
                    .containsExactly("/api/crafts/SPOILT/modem-chain");
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + sound);
                var statement = connection.createStatement()) {
            statement.executeUpdate(
                    "INSERT INTO set_aside VALUES ('log_entry', '900', 'line of the log 900', 'of no use', '2026-11-30T10:00:00Z')");
        }
    }

    /** A table, a column that holds neither a number nor what another table is found by, and its kind of value. */
    record Column(String table, String name, boolean bytes) {
        @Override
        public String toString() {
            return table + "." + name;
        }
    }

    static Stream<Column> columns() throws SQLException, IOException {
        if (sound == null) {
            return Stream.empty();
        }
        List<Column> columns = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + sound);
                var statement = connection.createStatement()) {
            List<String> tables = new ArrayList<>();
            try (var rows = statement.executeQuery(
                    "SELECT name FROM sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")) {
                while (rows.next()) {
                    tables.add(rows.getString(1));
                }
            }
            tables.removeAll(APART);
            for (String table : tables) {
                Set<String> links = new java.util.HashSet<>();
                try (var rows = statement.executeQuery("PRAGMA foreign_key_list(" + table + ")")) {
                    while (rows.next()) {
                        links.add(rows.getString("from"));
                    }
                }
                try (var rows = statement.executeQuery("PRAGMA table_info(" + table + ")")) {
                    while (rows.next()) {
                        String type = rows.getString("type");
                        if (!type.equals("INTEGER")
                                && !type.equals("REAL")
                                && rows.getInt("pk") == 0
                                && !links.contains(rows.getString("name"))
                                && !CHECKED.contains(table + "." + rows.getString("name"))) {
                            columns.add(new Column(table, rows.getString("name"), type.equals("BLOB")));
                        }
                    }
                }
            }
        }
        return columns.stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("columns")
    void nonsenseInOneRecordLeavesEveryOtherViewAsItWas(Column column) throws SQLException, IOException {
        Path file = folder.resolve(column + ".db");
        Files.copy(sound, file);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            int spoiled = statement.executeUpdate("UPDATE " + column.table() + " SET " + column.name() + " = "
                    + (column.bytes() ? "x'00'" : "'@spoiled'") + " WHERE rowid = (SELECT max(rowid) FROM "
                    + column.table() + ")");
            assertThat(spoiled).as("a record of " + column.table()).isEqualTo(1);
        }
        try (App app = App.on(file)) {
            Map<String, Integer> now = new LinkedHashMap<>(EveryView.statuses(app, views));
            assertThat(now.entrySet().stream()
                            .filter(view -> view.getValue() >= 500)
                            .toList())
                    .as("server errors")
                    .isEmpty();
            assertThat(now.entrySet().stream()
                            .filter(view -> !view.getKey().contains(OneOfEach.CRAFT)
                                    && !view.getKey()
                                            .matches(".*/(work-ups|batteries|parts-library|firmware-families)/[^/]+.*")
                                    && view.getValue() != 200)
                            .toList())
                    .as("views of more than that record")
                    .isEmpty();
            for (String other : List.of(
                    "/api/crafts/" + OneOfEach.OTHER,
                    "/api/crafts/" + OneOfEach.OTHER + "/routine",
                    "/api/crafts/" + OneOfEach.OTHER + "/power-map",
                    "/api/crafts/" + OneOfEach.OTHER + "/snapshots")) {
                assertThat(app.send("GET", other, "").statusCode()).as(other).isEqualTo(200);
            }
        }
    }

    @Test
    void aRecordThatCannotBeReadIsNamedOnTheBenchUntilItIsSetAsideAndStaysStored() throws SQLException, IOException {
        Path file = folder.resolve("named.db");
        Files.copy(sound, file);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate("UPDATE battery_entry SET body = 'nothing of ours'");
            statement.executeUpdate(
                    "UPDATE repair_log_entry SET closed_at = '+999999999-01-01T00:00:00Z' WHERE id = (SELECT max(id) FROM repair_log_entry)");
        }
        try (App app = App.on(file)) {
            assertThat(app.get("/api/batteries/P1").get("entries")).isEmpty();
            assertThat(app.get("/api/repair-log/trends").toString()).isNotEmpty();
            assertThat(app.get("/api/bench")
                            .get("unreadable")
                            .valueStream()
                            .map(one -> one.get("name").asString())
                            .toList())
                    .containsExactlyInAnyOrder(
                            "entry 1 of battery P1", "the time of line 2 of the repair log, of SPOILT");
            String record =
                    app.get("/api/bench").get("unreadable").get(0).get("record").toString();
            app.send(
                    "PUT",
                    "/api/bench/unreadable/aside",
                    "{\"record\": " + record + ", \"reason\": \"a flight of last year\"}");
            app.refused(
                    404,
                    "PUT",
                    "/api/bench/unreadable/aside",
                    "{\"record\": {\"table\": \"craft\", \"key\": \"1\", \"what\": \"x\"}, \"reason\": \"r\"}");
        }
        try (App app = App.on(file)) {
            app.get("/api/batteries/P1");
            app.get("/api/repair-log");
            JsonNode bench = app.get("/api/bench");
            assertThat(bench.get("unreadable")).hasSize(1);
            JsonNode aside = bench.get("aside")
                    .valueStream()
                    .filter(one -> one.get("name").asString().startsWith("entry 1 of battery"))
                    .findFirst()
                    .orElseThrow();
            assertThat(aside.get("reason").asString()).isEqualTo("a flight of last year");
            app.send("PUT", "/api/bench/unreadable/aside", "{\"record\": " + aside.get("record") + "}");
            assertThat(app.get("/api/bench").get("unreadable")).hasSize(2);
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var rows = connection.createStatement().executeQuery("SELECT body FROM battery_entry")) {
            assertThat(rows.getString(1)).isEqualTo("nothing of ours");
        }
    }

    @Test
    void aChartThatCannotBeReadIsNamedInTheZipOfAllAndWhereItComesIn() throws SQLException, IOException {
        Path file = folder.resolve("zip.db");
        Files.copy(sound, file);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate("UPDATE log_entry SET at = 'once' WHERE craft_id = 'SPOILT'");
        }
        try (App app = App.on(file);
                App other = App.on(folder.resolve("other.db"))) {
            var arrived = other.sendAs("POST", "/api/bundles", app.bytes("/api/bundles"), "application/octet-stream");
            assertThat(arrived.statusCode()).as(arrived.body()).isEqualTo(200);
            JsonNode answer = app.json.readTree(arrived.body());
            assertThat(answer.get("taken").get(0).get("craftId").asString()).isEqualTo(OneOfEach.OTHER);
            assertThat(answer.get("refused").get(0).toString())
                    .contains("SPOILT")
                    .contains("left out where the file was made");
        }
    }

    @ParameterizedTest
    @MethodSource("tables")
    void oneOfEachKindIsThere(String table) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + sound);
                var rows = connection.createStatement().executeQuery("SELECT count(*) FROM " + table)) {
            assertThat(rows.getInt(1)).as("rows of " + table).isPositive();
        }
    }

    static Stream<String> tables() throws SQLException, IOException {
        return columns().map(Column::table).distinct();
    }
}
