package ablemedic.app.storage;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;

/** Looks at a database file before it is opened for work. */
public final class DatabaseFile {
    private static final Words SAID =
            Catalogue.beside(DatabaseFile.class, "words").of("database-file");
    /** "ablm" in hexadecimal, as the first migration writes it. */
    static final int APPLICATION_ID = 0x61626c6d;
    /** The newest migration that this version knows. */
    static final int NEWEST_SCHEMA = 20;

    private static final int MOST_LINKS = 40;
    /** What SQLite keeps beside the file. */
    private static final List<String> COMPANIONS = List.of("-wal", "-shm", "-journal");

    private DatabaseFile() {}

    /** The file cannot be used; the message says why and what would be right. */
    public static final class UnusableException extends RuntimeException {
        private static final long serialVersionUID = 1;

        public UnusableException(String message) {
            super(message);
        }
    }

    /**
     * Passes for a file of ours and for one that is not there yet, whose folder it makes. One that a first start left
     * half made is begun again.
     *
     * @throws UnusableException for a file that is not ours, locked, damaged, unreadable or from a newer version
     */
    public static void check(Path file) {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            if (!Files.exists(file) || Files.size(file) == 0 && !Files.exists(companion(file, "-wal"))) {
                return;
            }
            LeftJournal.check(file, companion(file, "-wal"));
            if (unfinished(file)) {
                delete(file);
            }
        } catch (IOException e) {
            throw new UnusableException(SAID.with("file", file)
                    .with("e", e.getMessage())
                    .line("unreadable")
                    .plain());
        }
    }

    /** Whether a first start ended before anything could be entered; refuses what cannot be used. */
    private static boolean unfinished(Path file) {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA busy_timeout = 500");
            sound(file, statement);
            boolean ours = number(statement, "PRAGMA application_id") == APPLICATION_ID;
            int tables = number(
                    statement,
                    "SELECT count(*) FROM sqlite_schema WHERE type = 'table' "
                            + "AND name NOT LIKE 'sqlite_%' AND name <> 'flyway_schema_history'");
            if (!ours && tables > 0) {
                throw new UnusableException(
                        SAID.with("file", file).line("other-program").plain());
            }
            boolean history =
                    number(statement, "SELECT count(*) FROM sqlite_schema WHERE name = 'flyway_schema_history'") > 0;
            int schema = history
                    ? number(
                            statement,
                            "SELECT max(CAST(version AS INTEGER)) FROM flyway_schema_history WHERE success = 1")
                    : 0;
            if (schema > NEWEST_SCHEMA) {
                throw new UnusableException(SAID.with("file", file)
                        .with("schema", schema)
                        .with("newestSchema", NEWEST_SCHEMA)
                        .line("newer")
                        .plain());
            }
            statement.execute("BEGIN IMMEDIATE");
            statement.execute("ROLLBACK");
            return schema == 0;
        } catch (SQLException e) {
            throw new UnusableException(Trouble.behind(e)
                    .map(trouble -> trouble.of("file " + file.toString()))
                    .orElse(SAID.with("file", file)
                            .with("e", e.getMessage())
                            .line("no-database")
                            .plain()));
        }
    }

    /** A quick look at every page. @throws UnusableException where one is damaged */
    private static void sound(Path file, Statement statement) throws SQLException {
        try (ResultSet rows = statement.executeQuery("PRAGMA quick_check(1)")) {
            if (rows.next() && !rows.getString(1).equals("ok")) {
                throw new UnusableException(Trouble.DAMAGED.of("file " + file.toString()));
            }
        }
    }

    /** Where a file lies, or will lie, without links on the way. */
    static Path real(Path database) throws IOException {
        Path at = database.toAbsolutePath();
        for (int links = 0; Files.isSymbolicLink(at) && links < MOST_LINKS; links++) {
            at = at.resolveSibling(Files.readSymbolicLink(at)).normalize();
        }
        return Files.exists(at.getParent()) ? at.getParent().toRealPath().resolve(at.getFileName()) : at;
    }

    static Path companion(Path file, String ending) {
        return file.resolveSibling(file.getFileName() + ending);
    }

    /** Deletes a database with all that SQLite keeps beside it. */
    public static void delete(Path file) throws IOException {
        Files.deleteIfExists(file);
        for (String ending : COMPANIONS) {
            Files.deleteIfExists(companion(file, ending));
        }
    }

    /** Moves a database with all that SQLite keeps beside it. */
    static void move(Path file, Path to) throws IOException {
        Files.move(file, to);
        for (String ending : COMPANIONS) {
            if (Files.exists(companion(file, ending))) {
                Files.move(companion(file, ending), companion(to, ending));
            }
        }
    }

    private static int number(Statement statement, String query) throws SQLException {
        try (ResultSet rows = statement.executeQuery(query)) {
            return rows.next() ? rows.getInt(1) : 0;
        }
    }
}
