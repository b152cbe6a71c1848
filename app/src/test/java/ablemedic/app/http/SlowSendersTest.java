package ablemedic.app.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIOException;

import ablemedic.app.RunningApp;
import ablemedic.app.RunningApp.App;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
        wire.send("POST " + path + " HTTP/1.1\r\nHost: localhost\r\nContent-Type: " + type + "\r\nContent-Length: 50000\r\n\r\n{\"mark\":");
      }
      assertThat(app.send("GET", "/api/crafts", "").statusCode()).isEqualTo(200);
      assertThat(app.send("POST", "/api/instruments/channel-numbers", "{\"channel\": 16}").statusCode()).as("what comes along with its head needs no turn").isEqualTo(200);
      int refused = 0;
      for (Wire wire : wires) {
        String answer = wire.answer(20_000);
        assertThat(answer).as("told so, or given up").containsPattern("HTTP/1.1 (503|408)");
        refused += answer.startsWith("HTTP/1.1 503") && answer.contains("try again in a moment") && answer.contains("Retry-After") ? 1 : 0;
      }
      assertThat(refused).as("most are told at once, not when the first are given up").isGreaterThan(SENDERS / 2);
    } finally {
      for (Wire wire : wires) {
        wire.close();
      }
    }
  }

  @Test
  void anAddressHasFewerTurnsThanThereAreAndGivesThemBack() {
    SlowSenders senders = new SlowSenders();
    List<SlowSenders.Turn> taken = new ArrayList<>();
    for (Optional<SlowSenders.Turn> turn = senders.begin("one"); turn.isPresent(); turn = senders.begin("one")) {
      taken.add(turn.get());
    }
    assertThat(taken).hasSize(5);
    assertThat(senders.begin("other")).as("another is let in all the same").isPresent();
    taken.get(0).close();
    assertThat(senders.begin("one")).isPresent();
    for (int i = 0; i < 20; i++) {
      senders.begin("address " + i);
    }
    assertThat(senders.begin("late")).as("all in all they are bounded").isEmpty();
  }

  @Test
  void aLineThatCarriesLessThanASlowOneIsGivenUp() throws IOException {
    long seconds = 1_000_000_000L;
    SlowSenders.check(System.nanoTime() - 2 * seconds, 0);
    SlowSenders.check(System.nanoTime() - 60 * seconds, 1_000_000);
    assertThatIOException().isThrownBy(() -> SlowSenders.check(System.nanoTime() - 4 * seconds, 100)).withMessageContaining("slow");
    assertThatIOException().isThrownBy(() -> SlowSenders.check(System.nanoTime() - 600 * seconds, 1_000_000)).withMessageContaining("slow");
  }
}
