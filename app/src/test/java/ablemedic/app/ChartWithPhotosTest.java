package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ablemedic.app.RunningApp.App;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.Arrays;
import java.util.Base64;
import java.util.Random;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A chart with photos is passed on whole or not at all. */
class ChartWithPhotosTest {
    private static final int PHOTOS = 6;

    @TempDir
    Path folder;

    private static byte[] photo(int seed) {
        byte[] photo = new byte[2 * 1024 * 1024];
        new Random(seed).nextBytes(photo);
        System.arraycopy(new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, (byte) 0xE0}, 0, photo, 0, 4);
        return photo;
    }

    private static void photographed(App app, String craftId) {
        app.openWorkUp(craftId, "CRASH", "{\"manner\": \"flips\"}");
        for (int i = 0; i < PHOTOS; i++) {
            assertThat(app.sendAs(
                                    "POST",
                                    "/api/crafts/" + craftId + "/files?name=same.jpg",
                                    photo(i),
                                    "application/octet-stream")
                            .statusCode())
                    .isEqualTo(201);
        }
    }

    private static JsonNode take(App app, int status, byte[] bytes) {
        var answer = app.sendAs("POST", "/api/bundles", bytes, "application/octet-stream");
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(status);
        return app.json.readTree(answer.body());
    }

    @Test
    void everyPhotoComesByteForByteAndTheSameTwiceGivesNoDoubles() throws IOException {
        try (App here = App.on(folder.resolve("here.db"));
                App there = App.on(folder.resolve("there.db"))) {
            photographed(here, "PHOTO");
            byte[] zip = here.bytes("/api/crafts/PHOTO/bundle");
            ZippedCharts charts = ZippedCharts.of(zip);
            assertThat(charts.names())
                    .hasSize(PHOTOS + 2)
                    .startsWith("1 PHOTO/chart.json")
                    .endsWith("manifest.json");
            assertThat(charts.files().get("1 PHOTO/chart.json").length)
                    .as("the document is small")
                    .isLessThan(64 * 1024);
            for (int twice = 0; twice < 2; twice++) {
                assertThat(take(there, 200, zip).get("refused")).isEmpty();
                JsonNode files = there.get("/api/crafts/PHOTO/files");
                assertThat(files).hasSize(PHOTOS);
                for (int i = 0; i < PHOTOS; i++) {
                    assertThat(there.bytes(
                                    "/api/crafts/PHOTO/files/" + files.get(i).get("id")))
                            .isEqualTo(photo(i));
                }
            }
        }
    }

    @Test
    void whatLacksAFileOrHasADamagedOneChangesNothing() throws IOException {
        try (App here = App.on(folder.resolve("here.db"));
                App there = App.on(folder.resolve("there.db"))) {
            photographed(here, "PHOTO");
            byte[] zip = here.bytes("/api/crafts/PHOTO/bundle");
            ZippedCharts lacking = ZippedCharts.of(zip);
            lacking.files().remove("1 PHOTO/files/4");
            assertThat(take(there, 422, lacking.zip()).toString())
                    .contains("manifest.json")
                    .contains("files/4");
            lacking.files().remove("manifest.json");
            assertThat(take(there, 200, lacking.zip()).get("refused").toString())
                    .contains("isn't in the ZIP");
            ZippedCharts more = ZippedCharts.of(zip);
            byte[] manifest = more.files().remove("manifest.json");
            more.files().put("1 PHOTO/files/99", new byte[3]);
            more.files().put("manifest.json", manifest);
            assertThat(take(there, 422, more.zip()).toString()).contains("more in the ZIP");
            byte[] damaged = zip.clone();
            for (int at = damaged.length / 2; at < damaged.length / 2 + 40; at++) {
                damaged[at] ^= 0x55;
            }
            assertThat(take(there, 200, damaged).get("taken")).isEmpty();
            assertThat(take(there, 422, Arrays.copyOf(zip, zip.length - 9)).toString())
                    .contains("Nothing was imported");
            assertThat(there.get("/api/crafts")).isEmpty();
            assertThat(there.get("/api/bench").get("unreadable")).isEmpty();
        }
    }

    @Test
    void aDocumentOfTheFormBeforeWithItsPhotosInItIsStillRead() throws IOException {
        try (App here = App.on(folder.resolve("here.db"));
                App there = App.on(folder.resolve("there.db"))) {
            photographed(here, "PHOTO");
            ObjectNode document = (ObjectNode) here.json.readTree(new String(
                    ZippedCharts.of(here.bytes("/api/crafts/PHOTO/bundle"))
                            .files()
                            .get("1 PHOTO/chart.json"),
                    StandardCharsets.UTF_8));
            assertThat(take(there, 422, document.toString().getBytes(StandardCharsets.UTF_8))
                            .toString())
                    .as("without its files")
                    .contains("send the ZIP");
            document.put("form", 2);
            ArrayNode files = (ArrayNode) document.get("files");
            for (int i = 0; i < PHOTOS; i++) {
                ((ObjectNode) files.get(i)).put("bytes", Base64.getEncoder().encodeToString(photo(i)));
            }
            assertThat(take(there, 200, document.toString().getBytes(StandardCharsets.UTF_8))
                            .get("taken"))
                    .hasSize(1);
            assertThat(there.get("/api/crafts/PHOTO/files")).hasSize(PHOTOS);
        }
    }

    @Test
    void aFailureInTheMiddleBreaksTheTransferAndGivesNoShorterZip() throws Exception {
        Path file = folder.resolve("spoilt.db");
        try (App app = App.on(file)) {
            photographed(app, "FIRST");
            photographed(app, "LATER");
            try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                    var statement = connection.createStatement()) {
                // Reading the photos of the later one fails in the database itself.
                statement.executeUpdate("ALTER TABLE kept_file RENAME TO kept_before");
                statement.executeUpdate(
                        "CREATE VIEW kept_file AS SELECT id, craft_id, work_up_id, n, log_id, name, type, entered_at, withdrawn, "
                                + "CASE WHEN craft_id = 'LATER' THEN abs(-9223372036854775807 - 1) ELSE bytes END AS bytes FROM kept_before");
            }
            byte[] got;
            try {
                got = app.bytes("/api/bundles");
            } catch (java.io.UncheckedIOException e) {
                return;
            }
            assertThatThrownBy(() -> ZippedCharts.of(got))
                    .as("a whole answer of " + got.length + " bytes")
                    .isInstanceOf(ZipException.class);
            assertThat(new ZipInputStream(new ByteArrayInputStream(got)).getNextEntry())
                    .isNotNull();
        }
    }

    @Test
    void aReadThatFailsDoesNotSayThatAnythingWasWritten() throws Exception {
        Path file = folder.resolve("read.db");
        try (App app = App.on(file)) {
            app.openWorkUp("ONLY", "CRASH", "{\"manner\": \"flips\"}");
            try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                    var statement = connection.createStatement()) {
                statement.executeUpdate("UPDATE work_up_event SET body = '{'");
            }
            var answer = app.send("GET", "/api/crafts/ONLY/bundle", "");
            assertThat(answer.statusCode()).isGreaterThanOrEqualTo(400);
            assertThat(answer.body()).contains("detail").doesNotContain("written all the same");
        }
    }
}
