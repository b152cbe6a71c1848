package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Photos and files beside findings and logs: kept, shown, never run. */
@ExtendWith(RunningApp.class)
class FilesTest {
    private static final byte[] PHOTO = {
        (byte) 0xFF, (byte) 0xD8, (byte) 0xFF, (byte) 0xE0, 0, 16, 'J', 'F', 'I', 'F', 0, 1, 2, 3
    };

    @TempDir
    Path folder;

    private static JsonNode keep(App app, int status, String path, byte[] bytes) {
        var response = app.sendAs("POST", path, bytes, "application/octet-stream");
        assertThat(response.statusCode()).as(response.body()).isEqualTo(status);
        return app.json.readTree(response.body());
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aPhotoStandsBesideItsFindingComesBackByteForByteAndTravelsWithTheChart(App app)
            throws IOException, InterruptedException {
        long workUp =
                app.get("/api/crafts/LAPWING").get("workUps").get(0).get("id").asLong();
        JsonNode kept = keep(app, 201, "/api/crafts/LAPWING/files?name=lens.jpg&workUp=" + workUp + "&n=1", PHOTO)
                .get(0);
        assertThat(kept.get("picture").asBoolean()).isTrue();
        assertThat(kept.get("n").asInt()).isEqualTo(1);
        var file = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app.url("/api/crafts/LAPWING/files/" + kept.get("id"))))
                                .build(),
                        BodyHandlers.ofByteArray());
        assertThat(file.body()).isEqualTo(PHOTO);
        assertThat(file.headers().firstValue("Content-Type")).contains("image/jpeg");
        assertThat(file.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
        try (App other = App.empty(folder)) {
            byte[] bundle = app.bytes("/api/crafts/LAPWING/bundle");
            keep(other, 200, "/api/bundles", bundle);
            keep(other, 200, "/api/bundles", bundle);
            assertThat(other.get("/api/crafts/LAPWING/files")).hasSize(1);
            assertThat(other.get("/api/crafts/LAPWING/files")
                            .get(0)
                            .get("workUpId")
                            .asLong())
                    .isEqualTo(other.get("/api/crafts/LAPWING")
                            .get("workUps")
                            .get(0)
                            .get("id")
                            .asLong());
        }
    }

    @Test
    void aFileIsPutRightTakenOffAndBroughtBackAndWhatWasThereStaysInItsHistory(App app) throws IOException {
        JsonNode files = keep(app, 201, "/api/crafts/SKUA/files?name=wrong.jpg", PHOTO);
        String file = "/api/crafts/SKUA/files/" + files.get(files.size() - 1).get("id");
        app.refused(422, "PUT", file, "{\"name\": \"arm.jpg\", \"reason\": \" \"}");
        app.refused(422, "PUT", file, "{\"name\": \"arm.jpg\", \"line\": 999999, \"reason\": \"r\"}");
        assertThat(of(app.ask("PUT", file, "{\"name\": \"arm.jpg\", \"reason\": \"named by the camera\"}"), file)
                        .get("name")
                        .asString())
                .isEqualTo("arm.jpg");
        app.refused(422, "POST", file + "/withdrawal", "{\"reason\": \"\"}");
        assertThat(of(app.ask("POST", file + "/withdrawal", "{\"reason\": \"another craft\"}"), file)
                        .get("withdrawn")
                        .asBoolean())
                .isTrue();
        app.refused(409, "POST", file + "/withdrawal", "{\"reason\": \"twice over\"}");
        JsonNode history = app.get("/api/crafts/SKUA/files/corrections");
        assertThat(history.valueStream().map(one -> one.get("before").asString()))
                .containsExactly("arm.jpg", "wrong.jpg");
        assertThat(history.get(0).get("reason").asString()).isEqualTo("another craft");
        assertThat(app.send("GET", file, "").statusCode())
                .as("it can still be looked at")
                .isEqualTo(200);
        try (App other = App.empty(folder)) {
            keep(other, 200, "/api/bundles", app.bytes("/api/crafts/SKUA/bundle"));
            assertThat(other.get("/api/crafts/SKUA/files")).isEmpty();
        }
        assertThat(of(app.ask("PUT", file, "{\"name\": \"arm.jpg\", \"reason\": \"it was this one\"}"), file)
                        .get("withdrawn")
                        .asBoolean())
                .isFalse();
        assertThat(app.get("/api/crafts/SKUA/files/corrections")
                        .get(0)
                        .get("before")
                        .asString())
                .isEqualTo("arm.jpg, removed");
    }

    private static JsonNode of(JsonNode files, String path) {
        return files.valueStream()
                .filter(one -> path.endsWith("/" + one.get("id")))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aFileOfALineOfTheLogStaysWithThatLineInAnotherWorkshop(App app) {
        JsonNode log = app.get("/api/crafts/GANNET/log");
        JsonNode line = log.get(log.size() - 2);
        JsonNode kept = keep(app, 201, "/api/crafts/GANNET/files?name=field.jpg&line=" + line.get("id"), PHOTO);
        assertThat(kept.get(kept.size() - 1).get("logId").asLong())
                .isEqualTo(line.get("id").asLong());
        try (App other = App.empty(folder)) {
            keep(other, 200, "/api/bundles", app.bytes("/api/crafts/GANNET/bundle"));
            long there =
                    other.get("/api/crafts/GANNET/files").get(0).get("logId").asLong();
            assertThat(other.get("/api/crafts/GANNET/log")
                            .valueStream()
                            .filter(one -> one.get("id").asLong() == there)
                            .map(one -> one.get("text").asString()))
                    .containsExactly(line.get("text").asString());
        }
        assertThat(keep(app, 422, "/api/crafts/EIDER/files?name=x&line=" + line.get("id"), PHOTO)
                        .toString())
                .contains("no line");
        app.ask(
                "POST",
                "/api/crafts/GANNET/files/" + kept.get(kept.size() - 1).get("id") + "/withdrawal",
                "{\"reason\": \"a trial\"}");
    }

    @Test
    void whatCouldBeRunIsOnlyEverHandedBackAsText(App app) {
        JsonNode kept =
                keep(app, 201, "/api/crafts/EIDER/files?name=x.html", text("<html><script>alert(1)</script></html>"));
        var file = app.send(
                "GET", "/api/crafts/EIDER/files/" + kept.get(kept.size() - 1).get("id"), "");
        assertThat(file.headers().firstValue("Content-Type").orElseThrow()).startsWith("text/plain");
        assertThat(file.headers().firstValue("Content-Disposition").orElseThrow())
                .startsWith("attachment");
        assertThat(String.join(" ", file.headers().allValues("Content-Security-Policy")))
                .contains("sandbox");
    }

    @Test
    void whatIsNoPhotoTooLargeOrOfNothingIsRefused(App app) {
        byte[] noise = new byte[500];
        new Random(3).nextBytes(noise);
        assertThat(keep(app, 422, "/api/crafts/EIDER/files?name=x", noise).toString())
                .contains("JPEG");
        assertThat(keep(app, 422, "/api/crafts/EIDER/files?name=x", new byte[0]).toString())
                .contains("JPEG");
        assertThat(keep(app, 422, "/api/crafts/EIDER/files?name=x", Arrays.copyOf(PHOTO, 3_000_000))
                        .toString())
                .contains("2 MB");
        keep(app, 404, "/api/crafts/NOBODY/files?name=x", PHOTO);
        keep(app, 422, "/api/crafts/EIDER/files?name=x&n=1", PHOTO);
        long other =
                app.get("/api/crafts/LAPWING").get("workUps").get(0).get("id").asLong();
        assertThat(keep(app, 422, "/api/crafts/EIDER/files?name=x&workUp=" + other, PHOTO)
                        .toString())
                .contains("another craft");
    }
}
