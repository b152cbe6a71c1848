package ablemedic.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.ledger.LedgerStore.LedgerEntry;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;

class TrendsTest {
  private static LedgerEntry entry(String mark, String day, String kinds, double minutes) {
    return new LedgerEntry(1, 1, mark, Instant.parse(day), "complaint", kinds.isEmpty() ? "not solved" : "solved", "", kinds.isEmpty() ? "" : "cause", kinds, "", "", "", minutes);
  }

  private static final List<LedgerEntry> ENTRIES = List.of(entry("A", "2026-01-31T23:30:00Z", "prop-damaged", 10), entry("A", "2026-04-02T10:00:00Z", "prop-damaged camera-dead", 30), entry("B", "2026-04-03T10:00:00Z", "", 20),
      entry("A", "2026-04-05T10:00:00Z", "prop-damaged", 50));

  @Test
  void monthsAreThoseOfWhoeverLooksAndNoneIsLeftOut() {
    Trends utc = Trends.of(ENTRIES, ZoneId.of("UTC"));
    assertThat(utc.months()).extracting(Trends.Month::month).containsExactly("2026-01", "2026-02", "2026-03", "2026-04");
    assertThat(utc.months().get(3)).isEqualTo(new Trends.Month("2026-04", 3, 2, 100));
    assertThat(Trends.of(ENTRIES, ZoneId.of("Europe/Berlin")).months().get(0).month()).isEqualTo("2026-02");
  }

  @Test
  void whatComesOftenestStandsFirstWithTheMiddleOfItsMinutes() {
    Trends trends = Trends.of(ENTRIES, ZoneId.of("UTC"));
    assertThat(trends.crafts()).containsExactly(new Trends.Share("A", "A", 3, 30), new Trends.Share("B", "B", 1, 20));
    assertThat(trends.causes()).extracting(Trends.Share::id).containsExactly("prop-damaged", "camera-dead");
    assertThat(trends.families()).extracting(Trends.Share::title).contains("Video and camera");
    assertThat(trends.families().stream().mapToInt(Trends.Share::times).sum()).isEqualTo(4);
  }

  @Test
  void anEmptyLedgerHasNoTrends() {
    assertThat(Trends.of(List.of(), ZoneId.of("UTC"))).isEqualTo(new Trends(List.of(), List.of(), List.of(), List.of()));
  }
}
