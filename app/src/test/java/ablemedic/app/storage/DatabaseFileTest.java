package ablemedic.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import ablemedic.app.RunningApp.App;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.testing.OutsideCheck;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DatabaseFileTest {
    @TempDir
    private Path folder;

    private static void refused(Path file, String words) {
        assertThatExceptionOfType(UnusableException.class)
                .isThrownBy(() -> DatabaseFile.check(file))
                .withMessageContaining(words);
    }

    private static void run(Path file, String... statements) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            for (String sql : statements) {
                statement.execute(sql);
            }
        }
    }

    private Path filled(String name, int crafts) {
        Path file = folder.resolve(name);
        try (App app = App.on(file)) {
            for (int i = 0; i < crafts; i++) {
                app.ask("POST", "/api/crafts", "{\"craftId\": \"C" + i + "\", \"name\": \"\"}");
            }
        }
        return file;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
      PRAGMA journal_mode = WAL | the journal mode alone
      CREATE TABLE flyway_schema_history (version TEXT, success INTEGER) | the list of migrations alone
      PRAGMA application_id = 1633840237 | our number and nothing else
      """)
    void whatAFirstStartLeftHalfMadeIsBegunAgain(String sql, String what) throws SQLException {
        Path file = folder.resolve("half.db");
        run(file, sql);
        try (App app = App.on(file)) {
            assertThat(app.get("/api/crafts")).as(what).isEmpty();
        }
    }

    @Test
    void aDamagedPageIsFoundAtTheStartWithTheWayOut() throws IOException {
        Path file = filled("damaged.db", 40);
        try (RandomAccessFile bytes = new RandomAccessFile(file.toFile(), "rw")) {
            for (long at = 4096 * 2; at < bytes.length(); at += 4096) {
                bytes.seek(at);
                bytes.write(new byte[200]);
            }
        }
        refused(file, "is damaged");
        refused(file, "./medic restore");
    }

    @Test
    void aFolderThatCannotBeOneIsNamed() throws IOException {
        Path file = Files.writeString(folder.resolve("notes"), "x").resolve("medic.db");
        assertThatExceptionOfType(UnusableException.class)
                .isThrownBy(() -> FileLock.take(file, "test"))
                .withMessageContaining("can't be used")
                .withMessageContaining("notes");
    }

    @Test
    void aSecondProgramOnOneFileIsRefusedUntilTheFirstHasEnded() {
        Path file = folder.resolve("one.db");
        try (App app = App.on(file)) {
            assertThatExceptionOfType(UnusableException.class)
                    .isThrownBy(() -> App.on(file))
                    .withMessageContaining("already")
                    .withMessageContaining("process " + ProcessHandle.current().pid());
            assertThatExceptionOfType(UnusableException.class)
                    .as("nor may it be begun anew")
                    .isThrownBy(() -> App.on(file, "--medic.fresh=true"));
            assertThat(app.send("GET", "/api/health", "").statusCode()).isEqualTo(200);
        }
        try (App app = App.on(file)) {
            assertThat(app.send("GET", "/api/health", "").statusCode()).isEqualTo(200);
        }
    }

    @Test
    void aFreshStartForgetsWhatWasThere() {
        Path file = filled("fresh.db", 1);
        try (App app = App.on(file, "--medic.fresh=true")) {
            assertThat(app.get("/api/crafts")).isEmpty();
        }
    }

    @Test
    void aBackupIsWrittenWhileTheProgramRunsAndOverwritesNothing() {
        Path file = folder.resolve("live.db");
        Path backup = folder.resolve("backup.db");
        try (App app = App.on(file)) {
            app.ask("POST", "/api/crafts", "{\"craftId\": \"KEPT\", \"name\": \"\"}");
            Backup.write(file, backup);
            app.ask("POST", "/api/crafts", "{\"craftId\": \"LATER\", \"name\": \"\"}");
        }
        assertThatExceptionOfType(UnusableException.class)
                .isThrownBy(() -> Backup.write(file, backup))
                .withMessageContaining("overwrites nothing");
        Path aside = folder.resolve("aside.db");
        assertThat(Backup.restore(backup, file, aside)).isTrue();
        try (App app = App.on(file)) {
            assertThat(app.get("/api/crafts").toString()).contains("KEPT").doesNotContain("LATER");
        }
        try (App app = App.on(aside)) {
            assertThat(app.get("/api/crafts").toString())
                    .as("what was there is kept")
                    .contains("LATER");
        }
    }

    @Test
    void whatIsNoBackupIsRefusedAndTouchesNothing() throws IOException, SQLException {
        Path file = filled("mine.db", 1);
        byte[] before = Files.readAllBytes(file);
        Path cats = folder.resolve("cats.db");
        run(cats, "CREATE TABLE cats (name TEXT)");
        for (Path wrong : new Path[] {
            cats,
            Files.writeString(folder.resolve("text.db"), "no database ".repeat(99)),
            Files.createFile(folder.resolve("empty")),
            folder.resolve("missing.db")
        }) {
            assertThatExceptionOfType(UnusableException.class)
                    .as(wrong.toString())
                    .isThrownBy(() -> Backup.restore(wrong, file, folder.resolve("aside.db")))
                    .withMessageContaining(wrong.getFileName().toString());
            assertThat(file).hasBinaryContent(before);
        }
    }

    /** A killed program leaves its log; the file under it is then an older backup, put there later. */
    private Path backupCopiedOverAFileWithItsLog() throws IOException, SQLException {
        Path file = filled("crashed.db", 2);
        Path old = folder.resolve("old.db");
        Backup.write(file, old);
        Path living = folder.resolve("living.db");
        Files.copy(file, living);
        try (Connection open = DriverManager.getConnection("jdbc:sqlite:" + living);
                var statement = open.createStatement()) {
            statement.execute("PRAGMA journal_mode = WAL");
            statement.execute("PRAGMA wal_autocheckpoint = 0");
            for (int i = 0; i < 30; i++) {
                statement.execute(
                        "INSERT INTO log_entry (craft_id, at, kind, text) VALUES ('C0', '2026-01-01T00:00:00Z', 'note', '"
                                + "x".repeat(900) + "')");
            }
            Files.copy(living, folder.resolve("killed.db"));
            Files.copy(folder.resolve("living.db-wal"), folder.resolve("killed.db-wal"));
        }
        Path killed = folder.resolve("killed.db");
        Files.setLastModifiedTime(
                folder.resolve("killed.db-wal"), FileTime.from(Instant.now().minus(Duration.ofHours(1))));
        return killed;
    }

    @Test
    void aFilePutOverTheLogOfAKilledProgramIsRefusedWithTheWayOut() throws IOException, SQLException {
        Path killed = backupCopiedOverAFileWithItsLog();
        Files.copy(folder.resolve("old.db"), killed, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        refused(killed, "was put there after the log");
        refused(killed, "touch");
    }

    @Test
    void theLogOfAKilledProgramIsTakenInWhereItsFileIsItsOwn() throws IOException, SQLException {
        Path killed = backupCopiedOverAFileWithItsLog();
        Files.setLastModifiedTime(folder.resolve("killed.db-wal"), FileTime.from(Instant.now()));
        try (App app = App.on(killed)) {
            assertThat(app.get("/api/crafts/C0/log")).hasSize(31);
        }
    }

    @Test
    void aRestoreLeavesNoLogThatCouldBePlayedIntoTheBackup() throws IOException, SQLException {
        Path killed = backupCopiedOverAFileWithItsLog();
        Backup.restore(folder.resolve("old.db"), killed, folder.resolve("killed.before"));
        assertThat(folder.resolve("killed.db-wal")).doesNotExist();
        assertThat(folder.resolve("killed.before-wal")).exists();
        try (App app = App.on(killed)) {
            assertThat(app.get("/api/crafts/C0/log")).hasSize(1);
        }
    }

    @Test
    void aChangedMigrationIsSaidPlainly() throws SQLException {
        Path file = filled("changed.db", 0);
        run(file, "UPDATE flyway_schema_history SET checksum = 1 WHERE version = '1'");
        assertThat(Program.failing("--medic.database=" + file))
                .contains("tables differ")
                .doesNotContain("at org.");
    }

    @Test
    void aPortOutOfRangeIsSaidPlainly() {
        assertThat(Program.failing("--medic.database=" + folder.resolve("x.db"), "--server.port=99999"))
                .contains("no port")
                .doesNotContain("Exception");
    }

    @OutsideCheck(
            kind = OutsideCheck.Kind.PUBLISHED,
            source = "SQLite documentation, Result and Error Codes: primary codes in the low byte")
    @ParameterizedTest
    @CsvSource({
        "5, LOCKED",
        "261, LOCKED",
        "8, READ_ONLY",
        "1032, READ_ONLY",
        "10, FAILING",
        "778, FAILING",
        "11, DAMAGED",
        "13, FULL",
        "14, UNREACHABLE",
        "26, NOT_A_DATABASE"
    })
    void eachTroubleOfTheFileHasItsOwnSentence(int code, Trouble trouble) {
        assertThat(Trouble.behind(new RuntimeException(new SQLException("x", "", code))))
                .contains(trouble);
        assertThat(trouble.of("file medic.db")).contains("file medic.db ").endsWith(".");
    }

    @Test
    void whatTheSystemSaysOfADiskIsSaidPlainly() {
        assertThat(Trouble.behind(new IOException("No space left on device"))).contains(Trouble.FULL);
        assertThat(Trouble.behind(new java.nio.file.FileSystemException("x.lock", null, "Read-only file system")))
                .contains(Trouble.READ_ONLY);
        assertThat(Trouble.behind(new java.nio.file.AccessDeniedException("x.lock")))
                .contains(Trouble.READ_ONLY);
        assertThat(Trouble.behind(new IOException("anything else"))).isEmpty();
    }

    @Test
    void aFileIsOpenedByOneProgramUnderWhateverNameItIsGiven(@TempDir Path there) throws IOException {
        Path file = there.resolve("medic.db");
        Files.writeString(file, "x");
        Path link = Files.createSymbolicLink(there.resolve("link.db"), file);
        Path folder = Files.createSymbolicLink(there.resolve("folder"), there);
        Path later = Files.createSymbolicLink(there.resolve("later.db"), there.resolve("not-there-yet.db"));
        try (FileLock lock = FileLock.take(file, "first");
                FileLock other = FileLock.take(later, "second")) {
            for (Path second : List.of(file, link, folder.resolve("medic.db"), folder.resolve("link.db"))) {
                assertThatExceptionOfType(UnusableException.class)
                        .as(second.toString())
                        .isThrownBy(() -> FileLock.take(second, "third"))
                        .withMessageContaining("already");
            }
            assertThatExceptionOfType(UnusableException.class)
                    .isThrownBy(() -> FileLock.take(there.resolve("not-there-yet.db"), "third"));
        }
        Path hard = Files.createLink(there.resolve("hard.db"), file);
        for (Path named : List.of(file, hard, link)) {
            assertThatExceptionOfType(UnusableException.class)
                    .isThrownBy(() -> FileLock.take(named, "fourth"))
                    .withMessageContaining("hard link");
        }
        Files.delete(hard);
        FileLock.take(link, "fifth").close();
        assertThat(Files.readString(file))
                .as("the file itself is never touched")
                .isEqualTo("x");
    }
}
