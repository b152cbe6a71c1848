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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

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
    assertThatExceptionOfType(UnusableException.class).isThrownBy(() -> DatabaseFile.check(file))
        .withMessageContaining(words).withMessageContaining(file.toString());
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
    refused(database("PRAGMA application_id = 1633840237",
        "CREATE TABLE flyway_schema_history (version TEXT, success INTEGER)",
        "INSERT INTO flyway_schema_history VALUES ('99', 1)"), "newer version");
  }

  @Test
  void aLockedDatabaseIsRefused() throws SQLException {
    Path file = database("PRAGMA application_id = 1633840237",
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
      assertThat(app.get("/api/bench").get("fit")).isEmpty();
      app.ask("POST", "/api/crafts", "{\"mark\": \"KITE\", \"name\": \"first\"}");
    }
    try (App app = App.empty(folder)) {
      assertThat(app.get("/api/bench").get("fit").get(0).get("mark").asString()).isEqualTo("KITE");
    }
  }
}
