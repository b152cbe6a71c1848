package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import ablemedic.app.RunningApp.App;
import ablemedic.app.storage.DatabaseFile;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

class StartTest {
    @TempDir
    private Path folder;

    private Path database(String... statements) throws SQLException {
        Path file = folder.resolve("some.db");
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            for (String sql : statements) {
                statement.execute(sql);
            }
        }
        return file;
    }

    private static void refused(Path file, String words) {
        assertThatExceptionOfType(UnusableException.class)
                .isThrownBy(() -> DatabaseFile.check(file))
                .withMessageContaining(words)
                .withMessageContaining(file.toString());
    }

    @Test
    void aFileThatIsNotThereYetIsFineAndItsFolderIsMade() {
        DatabaseFile.check(folder.resolve("deep/er/new.db"));
        assertThat(folder.resolve("deep/er")).isDirectory();
    }

    @Test
    void aFileThatIsNoDatabaseIsRefusedAndLeftAsItIs() throws IOException {
        Path file = Files.writeString(folder.resolve("notes.txt"), "remember the milk ".repeat(100));
        refused(file, "not a database");
        assertThat(file).hasContent("remember the milk ".repeat(100));
    }

    @Test
    void theDatabaseOfAnotherProgramIsRefused() throws SQLException {
        refused(database("CREATE TABLE cats (name TEXT)"), "another program");
    }

    @Test
    void aDatabaseFromANewerVersionIsRefused() throws SQLException {
        refused(
                database(
                        "PRAGMA application_id = 1633840237",
                        "CREATE TABLE flyway_schema_history (version TEXT, success INTEGER)",
                        "INSERT INTO flyway_schema_history VALUES ('99', 1)"),
                "newer version");
    }

    @Test
    void aLockedDatabaseIsRefused() throws SQLException {
        Path file = database(
                "PRAGMA application_id = 1633840237",
                "CREATE TABLE flyway_schema_history (version TEXT, success INTEGER)");
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = other.createStatement()) {
            statement.execute("BEGIN EXCLUSIVE");
            refused(file, "locked");
        }
    }

    @Test
    void anEmptyDatabaseStartsEmptyAndKeepsWhatIsEnteredAcrossAStart() {
        try (App app = App.empty(folder)) {
            assertThat(app.get("/api/bench").get("due")).isEmpty();
            app.ask("POST", "/api/crafts", "{\"craftId\": \"KITE\", \"name\": \"first\"}");
        }
        try (App app = App.empty(folder)) {
            assertThat(app.get("/api/bench").get("due").get(0).get("craftId").asString())
                    .isEqualTo("KITE");
        }
    }

    @Test
    void aDatabaseOfTheFirstVersionIsTakenOverWithAllThatIsInIt() throws IOException, SQLException {
        Path file = folder.resolve("empty.db");
        Flyway.configure()
                .dataSource("jdbc:sqlite:" + file, null, null)
                .target("1")
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate(Files.readString(Path.of("src/test/resources/first-version.sql")));
        }
        try (App app = App.empty(folder)) {
            JsonNode open = app.get("/api/work-ups/9");
            assertThat(open.get("stage").asString()).isEqualTo("PROVING");
            assertThat(open.get("evidence")).hasSizeGreaterThan(2);
            assertThat(app.get("/api/work-ups/5").get("stage").asString()).isEqualTo("CLOSED");
            assertThat(app.get("/api/repair-log").toString()).contains("EIDER");
            assertThat(app.get("/api/crafts/GANNET").get("sheet").has("electrics"))
                    .as("not entered yet")
                    .isFalse();
            assertThat(app.get("/api/crafts/GANNET/routine").get("steps"))
                    .as("the routine of every bench")
                    .hasSize(4);
            app.ask("PUT", "/api/crafts/GANNET/layout", """
          {"version": 1, "layout": "SEPARATE", "parts": ["receiver"],
           "battery": {"cells": 6, "chemistry": "LIPO", "capacityMah": 3000, "cellMilliohms": 3}}""");
            assertThat(app.get("/api/crafts/GANNET/power-map").get("boxes")).hasSizeGreaterThan(6);
        }
    }
}
