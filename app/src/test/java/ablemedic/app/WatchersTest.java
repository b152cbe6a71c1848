package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Two devices at one work-up: each hears of what the other wrote, and a stale write is refused. */
@ExtendWith(RunningApp.class)
class WatchersTest {
    private static BlockingQueue<String> device(App app, long workUp) throws IOException, InterruptedException {
        var response = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app.url("/api/work-ups/" + workUp + "/live")))
                                .build(),
                        BodyHandlers.ofInputStream());
        assertThat(response.statusCode()).isEqualTo(200);
        assertThat(response.headers().firstValue("Content-Type").orElseThrow()).startsWith("text/event-stream");
        BlockingQueue<String> heard = new LinkedBlockingQueue<>();
        Thread listening = new Thread(() -> listen(response.body(), heard));
        listening.setDaemon(true);
        listening.start();
        return heard;
    }

    private static void listen(InputStream body, BlockingQueue<String> heard) {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(body, StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.startsWith("data:")) {
                    heard.add(line.substring(5).strip());
                }
            }
        } catch (IOException e) {
            heard.add("gone");
        }
    }

    @Test
    void whatOneSeatEntersTheOtherHearsWithinASecondAndAStaleWriteIsRefused(App app)
            throws IOException, InterruptedException {
        app.ask(
                "POST",
                "/api/crafts",
                "{\"craftId\":\"SEATS\",\"name\":\"\",\"craftClass\":\"INCH_5\",\"spins\":\"INWARD\",\"numbering\":\"REAR_RIGHT_FIRST\",\"mode\":\"LEVEL\"}");
        JsonNode opened = app.ask(
                "POST",
                "/api/work-ups",
                "{\"craftId\":\"SEATS\",\"complaint\":\"two look at it\",\"occasion\":\"NOTHING_KNOWN\",\"seen\":{}}");
        long id = opened.get("id").asLong();
        BlockingQueue<String> tablet = device(app, id);
        BlockingQueue<String> desk = device(app, id);
        String before = opened.get("version").asString();
        assertThat(tablet.poll(5, TimeUnit.SECONDS)).isEqualTo(before);
        assertThat(desk.poll(5, TimeUnit.SECONDS)).isEqualTo(before);
        String finding = "{\"version\":" + before
                + ",\"checkId\":\"arrow\",\"outcomes\":{\"seen\":\"forward\"},\"numbers\":{},\"sureness\":\"SURE\"}";
        String after = app.ask("POST", "/api/work-ups/" + id + "/findings", finding)
                .get("version")
                .asString();
        assertThat(tablet.poll(5, TimeUnit.SECONDS)).isEqualTo(after);
        assertThat(desk.poll(5, TimeUnit.SECONDS)).isEqualTo(after);
        app.refused(409, "POST", "/api/work-ups/" + id + "/findings", finding);
        assertThat(tablet.poll(1, TimeUnit.SECONDS)).as("nothing was written").isNull();
        app.refused(404, "GET", "/api/work-ups/999999/live", "");
    }
}
