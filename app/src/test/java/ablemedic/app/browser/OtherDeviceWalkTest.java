package ablemedic.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A tablet comes in over the network by the code that the bench shows, works along, and is sent away. */
class OtherDeviceWalkTest {
    private static final Duration A_SECOND = Duration.ofSeconds(1);

    @Test
    void aTabletIsPairedSeesEachEntryAndIsSentAway(@TempDir Path folder) throws IOException {
        int port;
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
        try (App app = App.on(folder.resolve("seats.db"), "--medic.lan.mode=tls", "--medic.lan.port=" + port);
                Browser bench = new Browser(app.url(""), "light", 1280, 800);
                Browser tablet = new Browser("https://127.0.0.1:" + port, "dark", 820, 1100)) {
            JsonNode view = app.openWorkUp("KITE", "NOTHING_KNOWN", "{}");
            String path = "/work-ups/" + view.get("id").asLong();
            tablet.open(path);
            tablet.awaitPath("/pair");
            tablet.seeText("Pair this device");
            tablet.assertAccessible();

            bench.open("/devices");
            bench.seeText("Pair a device");
            bench.press("Make a code");
            bench.see(".code");
            bench.assertAccessible();
            String code = app.get("/api/devices").get("code").get("digits").asString();
            assertThat(bench.text(".code").replace(" ", "")).isEqualTo(code);

            tablet.type("#code", code);
            tablet.type("#name", "tablet at the iron");
            tablet.press("Pair it");
            tablet.awaitPath(path);
            tablet.see(".card-layout");
            bench.seeText("tablet at the iron");
            assertThat(bench.shows(".code")).as("the code is used up").isFalse();

            Instant written = Instant.now();
            app.record(app.get("/api" + path), "arrow", "forward");
            tablet.seeText("Find the arrow");
            tablet.await(() -> tablet.text("body").contains("Forward, face up"));
            assertThat(Duration.between(written, Instant.now()))
                    .as("with the time that the write took")
                    .isLessThan(A_SECOND.multipliedBy(4));

            bench.press("end pairing");
            bench.seeText("None.");
            tablet.open("/crafts/KITE");
            tablet.awaitPath("/pair");
            bench.assertQuiet();
        }
    }
}
