package ablemedic.app.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** Looks at a database file before it is opened for work. */
public final class DatabaseFile {
  /** "ablm" in hexadecimal, as the first migration writes it. */
  static final int APPLICATION_ID = 0x61626c6d;
  /** The newest migration that this version knows. */
  static final int NEWEST_SCHEMA = 2;

  private DatabaseFile() {}

  /** The file cannot be used; the message says why and what would be right. */
  public static final class UnusableException extends RuntimeException {
    private static final long serialVersionUID = 1;

    UnusableException(String message) {
      super(message);
    }
  }

  /**
   * Passes for a file of ours and for one that is not there yet, whose folder it makes.
   *
   * @throws UnusableException for a file that is not ours, locked, unreadable or from a newer version
   */
  public static void check(Path file) {
    try {
      Path folder = file.toAbsolutePath().getParent();
      Files.createDirectories(folder);
      if (!Files.exists(file) || Files.size(file) == 0) {
        return;
      }
    } catch (IOException e) {
      throw new UnusableException("The folder of the database " + file + " cannot be used: " + e.getMessage());
    }
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement()) {
      statement.execute("PRAGMA busy_timeout = 500");
      int id = number(statement, "PRAGMA application_id");
      if (id != APPLICATION_ID) {
        throw new UnusableException("The file " + file + " is a database of another program. Name another file with "
            + "--medic.database=FILE.");
      }
      int schema = number(statement,
          "SELECT max(CAST(version AS INTEGER)) FROM flyway_schema_history WHERE success = 1");
      if (schema > NEWEST_SCHEMA) {
        throw new UnusableException("The file " + file + " was written by a newer version of Able Medic (schema "
            + schema + "; this one knows " + NEWEST_SCHEMA + "). Start the newer version, or restore a backup.");
      }
      statement.execute("BEGIN IMMEDIATE");
      statement.execute("ROLLBACK");
    } catch (SQLException e) {
      throw new UnusableException(explained(file, e));
    }
  }

  private static String explained(Path file, SQLException e) {
    String message = String.valueOf(e.getMessage());
    if (message.contains("SQLITE_BUSY") || message.contains("locked")) {
      return "The file " + file + " is locked by another program. Close it, or the other Able Medic that uses it.";
    }
    if (message.contains("SQLITE_NOTADB") || message.contains("not a database")) {
      return "The file " + file + " is not a database. Name another file with --medic.database=FILE, or restore a "
          + "backup.";
    }
    return "The file " + file + " cannot be used as a database: " + message;
  }

  private static int number(Statement statement, String query) throws SQLException {
    try (ResultSet rows = statement.executeQuery(query)) {
      return rows.next() ? rows.getInt(1) : 0;
    }
  }
}
