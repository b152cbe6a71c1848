package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import ablemedic.app.RunningApp.App;
import ablemedic.app.storage.Backup;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Backups destroy no backups: each data file has its own, the newest good ones stay, and what is no whole copy is never
 * gone back to.
 */
class BackupsTest {
    @TempDir
    private Path folder;

    private Path file(String name) {
        return folder.resolve(name);
    }

    private List<String> kept() throws IOException {
        if (!Files.isDirectory(file("backups"))) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(file("backups"))) {
            return all.map(one -> one.getFileName().toString()).sorted().toList();
        }
    }

    private static List<JsonNode> all(App app) {
        return app.get("/api/backups").get("all").valueStream().toList();
    }

    private static List<String> own(App app) {
        return all(app).stream()
                .filter(one -> one.get("own").asBoolean())
                .map(one -> one.get("name").asString())
                .toList();
    }

    private static void keep(App app, int count) {
        app.ask("PUT", "/api/backups", "{\"every\": \"NEVER\", \"keep\": " + count + "}");
    }

    private static void make(App app, int count) {
        for (int i = 0; i < count; i++) {
            app.ask("POST", "/api/backups", "");
        }
    }

    @Test
    void twoDataFilesInOneFolderKeepTheirOwn() throws IOException {
        try (App first = App.on(file("first.db"));
                App second = App.on(file("second.db"))) {
            make(first, 3);
            keep(second, 1);
            make(second, 2);
            assertThat(own(first)).hasSize(3);
            assertThat(own(second)).hasSize(1);
            assertThat(all(second)).as("those of the other are listed").hasSize(4);
            assertThat(kept()).hasSize(4);
        }
    }

    @Test
    void aFileThatWasCopiedAndRunsElsewhereCountsAsAnother() throws IOException {
        try (App app = App.on(file("one.db"))) {
            make(app, 2);
        }
        Files.copy(file("one.db"), file("copy.db"));
        try (App copy = App.on(file("copy.db"))) {
            assertThat(own(copy)).isEmpty();
            keep(copy, 1);
            make(copy, 1);
        }
        try (App app = App.on(file("one.db"))) {
            assertThat(own(app)).hasSize(2);
        }
    }

    @Test
    void theNewestAreKeptByTheirNumberWhateverTheClockSaid() {
        try (App ahead = App.on(file("clock.db"), "--medic.clock-ahead=PT9600H")) {
            keep(ahead, 5);
            make(ahead, 5);
        }
        try (App right = App.on(file("clock.db"))) {
            make(right, 2);
            List<JsonNode> own = all(right);
            assertThat(own).hasSize(5);
            assertThat(own.stream().map(one -> one.get("number").asInt()).toList())
                    .containsExactly(7, 6, 5, 4, 3);
            assertThat(own.get(0).get("at").asString())
                    .isLessThan(own.get(2).get("at").asString());
        }
    }

    @Test
    void aDamagedOneNeitherCountsNorPushesAGoodOneOut() throws IOException {
        try (App app = App.on(file("full.db"))) {
            make(app, 2);
            List<String> good = own(app);
            String empty = good.get(0).replace("-0002-", "-0003-");
            Files.createFile(file("backups").resolve(empty));
            JsonNode listed = all(app).get(0);
            assertThat(listed.get("name").asString()).isEqualTo(empty);
            assertThat(listed.get("trouble").asString()).contains("empty");
            keep(app, 2);
            assertThat(own(app))
                    .as("two good ones are kept beside it")
                    .containsExactly(empty, good.get(0), good.get(1));
            keep(app, 1);
            assertThat(own(app)).containsExactly(empty, good.get(0));
            try (RandomAccessFile cut =
                    new RandomAccessFile(file("backups").resolve(good.get(0)).toFile(), "rw")) {
                cut.setLength(cut.length() - 700);
            }
            keep(app, 1);
            assertThat(own(app))
                    .as("nothing good is left, so nothing is deleted")
                    .containsExactly(empty, good.get(0));
            make(app, 1);
            assertThat(own(app))
                    .as("the good one goes on")
                    .hasSize(1)
                    .first()
                    .asString()
                    .contains("-0004-");
            assertThat(kept()).hasSize(1);
        }
    }

    @Test
    void thoseOfAnOlderVersionAreListedAndNeverDeleted() throws IOException {
        try (App app = App.on(file("old.db"))) {
            make(app, 1);
            Path old = file("backups").resolve("medic-20260101-101500-000.db");
            Files.copy(file("backups").resolve(own(app).get(0)), old);
            keep(app, 1);
            make(app, 2);
            assertThat(own(app)).hasSize(1);
            assertThat(all(app).get(1).get("name").asString()).isEqualTo("medic-20260101-101500-000.db");
            assertThat(old).exists();
        }
    }

    @Test
    void goingBackKeepsWhichFileItIs() throws IOException {
        Path database = file("back.db");
        Path backup;
        try (App app = App.on(database)) {
            make(app, 2);
            backup = file("backups").resolve(own(app).get(1));
        }
        Backup.restore(backup, database, file("aside.db"));
        try (App app = App.on(database)) {
            assertThat(own(app)).hasSize(2);
            make(app, 1);
            assertThat(own(app).get(0)).contains("-0003-");
        }
        Files.delete(file("aside.db"));
        Path elsewhere = Files.createDirectory(file("new")).resolve("back.db");
        Backup.restore(backup, elsewhere, file("none.db"));
        try (App app = App.on(elsewhere)) {
            make(app, 1);
            assertThat(own(app).get(0).split("-")[1])
                    .as("while the first lies where it lay, this is another")
                    .isNotEqualTo(backup.getFileName().toString().split("-")[1]);
        }
        Files.delete(database);
        Path moved = Files.createDirectory(file("moved")).resolve("back.db");
        Backup.restore(backup, moved, file("none.db"));
        try (App app = App.on(moved)) {
            make(app, 1);
            assertThat(own(app).get(0).split("-")[1])
                    .as("once that is gone, it is the one that it was")
                    .isEqualTo(backup.getFileName().toString().split("-")[1]);
        }
    }

    @Test
    void aFolderThatTakesNoneSaysSo() throws IOException {
        Files.writeString(file("backups"), "no folder");
        try (App app = App.on(file("unwritable.db"))) {
            assertThat(app.get("/api/backups").get("trouble").asString())
                    .contains(file("backups").toString());
            assertThat(app.refused(409, "POST", "/api/backups", "")
                            .get("detail")
                            .asString())
                    .contains(file("backups").toString());
        }
    }

    @Test
    void whatAKilledProgramBeganIsTidiedAway() throws IOException {
        try (App app = App.on(file("killed.db"))) {
            make(app, 1);
            Path begun = file("backups").resolve(own(app).get(0).replace("-0001-", "-0002-") + ".part");
            Files.writeString(begun, "half of it");
            assertThat(all(app)).hasSize(1);
            make(app, 1);
            assertThat(begun).doesNotExist();
            assertThat(kept()).hasSize(2);
        }
    }

    private Path backup(String name) {
        Path backup = file("good-" + name);
        try (App app = App.on(file("of-" + name))) {
            app.enterWired("WIRED", "STACK");
            Backup.write(file("of-" + name), backup);
        }
        return backup;
    }

    private void notRestored(Path backup, String words) throws IOException {
        Path database = file("target.db");
        Files.writeString(database, "what is there");
        assertThatExceptionOfType(UnusableException.class)
                .isThrownBy(() -> Backup.restore(backup, database, file("aside.db")))
                .withMessageContaining(words)
                .withMessageContaining(backup.toString());
        assertThat(database).hasContent("what is there");
        assertThat(file("aside.db")).doesNotExist();
    }

    @Test
    void aCopyThatIsCutOrLacksATableIsNotRestored() throws IOException, SQLException {
        Path cut = backup("cut.db");
        try (RandomAccessFile bytes = new RandomAccessFile(cut.toFile(), "rw")) {
            bytes.setLength(bytes.length() - 1);
        }
        notRestored(cut, "cut off");
        Path dropped = backup("dropped.db");
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + dropped);
                var statement = connection.createStatement()) {
            statement.execute("DROP TABLE pre_power_run");
        }
        notRestored(dropped, "lacks pre_power_run");
    }
}
