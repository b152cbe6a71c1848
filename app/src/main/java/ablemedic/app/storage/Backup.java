package ablemedic.app.storage;

import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Copies a database to a file of its own and back. */
public final class Backup {
    private static final Words SAID = Catalogue.beside(Backup.class, "words").of("backup");
    private static final Logger LOG = LoggerFactory.getLogger(Backup.class);
    /** What is still being written is named so; it counts as no backup. */
    private static final String PART = ".part";

    private Backup() {}

    /**
     * Writes all that is committed to a new file, also while the program runs.
     *
     * @throws UnusableException when there is nothing to back up, the file exists already, or it cannot be written
     */
    public static void write(Path database, Path to) {
        if (!Files.exists(database)) {
            throw new UnusableException(
                    SAID.with("database", database).line("no-file").plain());
        }
        if (Files.exists(to)) {
            throw new UnusableException(
                    SAID.with("to", to).line("there-already").plain());
        }
        Path part = DatabaseFile.companion(to, PART);
        try {
            Files.createDirectories(to.toAbsolutePath().getParent());
            DatabaseFile.delete(part);
            copied(database, part);
            flush(part);
            BackupCheck.whole(part);
            Files.move(part, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            dropped(part);
            throw new UnusableException(Trouble.behind(e)
                    .map(trouble -> trouble.of("file " + to.toString()))
                    .orElse(SAID.with("to", to).with("e", e).line("folder").plain()));
        } catch (SQLException e) {
            dropped(part);
            throw new UnusableException(Trouble.behind(e)
                    .map(t -> t.of("file " + (t == Trouble.FULL ? to : database)))
                    .orElse(SAID.with("to", to)
                            .with("e", e.getMessage())
                            .line("write")
                            .plain()));
        } catch (UnusableException e) {
            dropped(part);
            throw new UnusableException(String.valueOf(e.getMessage()).replace(part.toString(), to.toString()));
        }
    }

    private static void copied(Path database, Path part) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database)) {
            try (Statement statement = connection.createStatement()) {
                statement.execute("PRAGMA busy_timeout = 10000");
            }
            try (PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
                copy.setString(1, part.toString());
                copy.execute();
            }
        }
    }

    private static void dropped(Path part) {
        try {
            DatabaseFile.delete(part);
        } catch (IOException e) {
            LOG.warn("What was written of a backup is left as {}: {}", part, e.getMessage());
        }
    }

    /**
     * Puts a backup in the place of a database, which is kept under another name. The caller holds the lock.
     *
     * @param aside where the present database goes
     * @return whether there was one to keep
     * @throws UnusableException when the backup is none; nothing is touched then
     */
    public static boolean restore(Path from, Path database, Path aside) {
        if (!Files.exists(from)) {
            throw new UnusableException(
                    SAID.with("from", from).line("nothing-to-restore").plain());
        }
        Path copy = DatabaseFile.companion(database, ".restoring");
        try {
            DatabaseFile.delete(copy);
            copyOf(from, copy);
            Identity.settle(copy, database);
            boolean kept = Files.exists(database);
            if (kept) {
                DatabaseFile.move(database, aside);
            }
            Files.move(copy, database, StandardCopyOption.ATOMIC_MOVE);
            return kept;
        } catch (IOException | SQLException e) {
            throw new UnusableException(SAID.with("from", from)
                    .with("e", e.getMessage())
                    .line("restore")
                    .plain());
        }
    }

    /** Copies through SQLite, so that what still lies in a log beside the backup comes along. */
    private static void copyOf(Path from, Path copy) throws IOException {
        long size = Files.size(from);
        if (size == 0) {
            throw new UnusableException(SAID.with("from", from).line("empty").plain());
        }
        Files.copy(from, copy);
        Path log = DatabaseFile.companion(from, "-wal");
        boolean logged = Files.exists(log) && Files.size(log) > 0;
        if (logged) {
            Files.copy(log, DatabaseFile.companion(copy, "-wal"));
        }
        try {
            // What lies in a log may be longer than the file; without one the file is as long as it says.
            if (logged) {
                DatabaseFile.check(copy);
            } else {
                BackupCheck.whole(copy);
            }
            if (!Files.exists(copy)) {
                throw new UnusableException(
                        SAID.with("from", from).line("holds-nothing").plain());
            }
            try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy);
                    Statement statement = connection.createStatement()) {
                statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
                statement.execute("PRAGMA journal_mode = DELETE");
            }
            if (logged) {
                BackupCheck.whole(copy);
            }
            flush(copy);
        } catch (SQLException e) {
            DatabaseFile.delete(copy);
            throw new UnusableException(SAID.with("from", from)
                    .with("e", e.getMessage())
                    .line("no-backup")
                    .plain());
        } catch (UnusableException e) {
            DatabaseFile.delete(copy);
            throw new UnusableException(String.valueOf(e.getMessage()).replace(copy.toString(), from.toString()));
        }
    }

    private static void flush(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }
}
