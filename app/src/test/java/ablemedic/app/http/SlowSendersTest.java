package ablemedic.app.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIOException;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whoever sends slowly keeps a few threads and not all of them: the others go on meanwhile. */
@ExtendWith(RunningApp.class)
class SlowSendersTest {
    private static final int SENDERS = 60;

    /** Each sends a little of what it announced and then nothing; more of them than there are threads. */
    @ParameterizedTest
    @CsvSource({"/api/crafts, application/json", "/api/bundles, application/octet-stream"})
    void theBenchAnswersWhileSixtySendNothingMore(String path, String type, App app) throws IOException {
        List<Wire> wires = new ArrayList<>();
        app.send("POST", "/api/instruments/channel-numbers", "{\"channel\": 16}");
        try {
            for (int i = 0; i < SENDERS; i++) {
                Wire wire = new Wire(app);
                wires.add(wire);
                wire.send("POST " + path + " HTTP/1.1\r\nHost: localhost\r\nContent-Type: " + type
                        + "\r\nContent-Length: 50000\r\n\r\n{\"craftId\":");
            }
            assertThat(app.send("GET", "/api/crafts", "").statusCode()).isEqualTo(200);
            int refused = 0;
            for (Wire wire : wires) {
                String answer = wire.answer(20_000);
                assertThat(answer).as("told so, or given up").containsPattern("HTTP/1.1 (503|408)");
                refused += answer.startsWith("HTTP/1.1 503")
                                && answer.contains("try again in a moment")
                                && answer.contains("Retry-After")
                        ? 1
                        : 0;
            }
            assertThat(refused)
                    .as("most are told at once, not when the first are given up")
                    .isGreaterThan(SENDERS / 2);
        } finally {
            for (Wire wire : wires) {
                wire.close();
            }
        }
    }

    @Test
    void anAddressOfTheNetworkHasFewerTurnsThanThereAreAndGivesThemBack() {
        SlowSenders senders = new SlowSenders();
        List<SlowSenders.Turn> taken = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            taken.add(senders.begin("192.0.2.1").orElseThrow());
        }
        assertThat(senders.begin("192.0.2.1"))
                .as("a sixth of it, after a moment")
                .isEmpty();
        assertThat(senders.begin("192.0.2.2"))
                .as("another is let in all the same")
                .isPresent();
        taken.get(0).close();
        assertThat(senders.begin("192.0.2.1")).isPresent();
        for (int i = 3; i < 7; i++) {
            assertThat(senders.begin("192.0.2." + i)).isPresent();
        }
        assertThat(senders.begin("192.0.2.2")).as("all in all they are bounded").isEmpty();
        for (int i = 7; i < 11; i++) {
            assertThat(senders.begin("192.0.2." + i))
                    .as("a few more of addresses that send nothing else")
                    .isPresent();
        }
        assertThat(senders.begin("192.0.2.99")).isEmpty();
    }

    @Test
    void whoeverComesWhileAllSendWaitsAMomentForATurn() throws Exception {
        SlowSenders senders = new SlowSenders();
        List<SlowSenders.Turn> taken = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            taken.add(senders.begin("127.0.0.1").orElseThrow());
        }
        var waiting = java.util.concurrent.CompletableFuture.supplyAsync(() -> senders.begin("127.0.0.1"));
        Thread.sleep(100);
        assertThat(waiting.isDone()).isFalse();
        taken.get(3).close();
        assertThat(waiting.get(5, java.util.concurrent.TimeUnit.SECONDS)).isPresent();
    }

    @Test
    void aLineThatCarriesLessThanASlowOneIsGivenUp() throws IOException {
        long seconds = 1_000_000_000L;
        SlowSenders.check(System.nanoTime() - 2 * seconds, 0);
        SlowSenders.check(System.nanoTime() - 60 * seconds, 1_000_000);
        assertThatIOException()
                .isThrownBy(() -> SlowSenders.check(System.nanoTime() - 4 * seconds, 100))
                .withMessageContaining("slow");
        assertThatIOException()
                .isThrownBy(() -> SlowSenders.check(System.nanoTime() - 600 * seconds, 1_000_000))
                .withMessageContaining("slow");
    }
}
