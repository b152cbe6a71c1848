package ablemedic.app.repairs;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.repairs.RepairLogEntry.Repaired;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TrendsTest {
    private static RepairLogEntry entry(
            String craftId, String day, List<String> kinds, List<String> parts, double minutes) {
        return new RepairLogEntry(
                1,
                1,
                craftId,
                Instant.parse(day),
                "complaint",
                kinds.isEmpty() ? "not solved" : "solved",
                "",
                new Repaired(
                        kinds.stream().map(kind -> "cause").toList(), kinds, parts, List.of(), List.of(), List.of()),
                minutes);
    }

    private static final List<RepairLogEntry> ENTRIES = List.of(
            entry("A", "2026-01-31T23:30:00Z", List.of("prop-damaged"), List.of("Prop"), 10),
            entry("A", "2026-04-02T10:00:00Z", List.of("prop-damaged", "camera-dead"), List.of("Camera", "Prop"), 30),
            entry("B", "2026-04-03T10:00:00Z", List.of(), List.of(), 20),
            entry("A", "2026-04-05T10:00:00Z", List.of("prop-damaged"), List.of(), 50));

    private static final Map<String, String> BUILDERS = Map.of("A", "the club", "B", "");

    @Test
    void monthsAreThoseOfWhoeverLooksAndNoneIsLeftOut() {
        Trends utc = Trends.of(ENTRIES, BUILDERS, ZoneId.of("UTC"));
        assertThat(utc.months())
                .extracting(Trends.Month::month)
                .containsExactly("2026-01", "2026-02", "2026-03", "2026-04");
        assertThat(utc.months().get(3)).isEqualTo(new Trends.Month("2026-04", 3, 2, 100));
        assertThat(Trends.of(ENTRIES, BUILDERS, ZoneId.of("Europe/Berlin"))
                        .months()
                        .get(0)
                        .month())
                .isEqualTo("2026-02");
    }

    @Test
    void whatComesOftenestStandsFirstWithTheMiddleOfItsMinutes() {
        Trends trends = Trends.of(ENTRIES, BUILDERS, ZoneId.of("UTC"));
        assertThat(trends.crafts())
                .containsExactly(new Trends.Share("A", "A", 3, 30), new Trends.Share("B", "B", 1, 20));
        assertThat(trends.causes()).extracting(Trends.Share::id).containsExactly("prop-damaged", "camera-dead");
        assertThat(trends.families()).extracting(Trends.Share::title).contains("Video and camera");
        assertThat(trends.families().stream().mapToInt(Trends.Share::times).sum())
                .isEqualTo(4);
    }

    @Test
    void partsAndBuildersCountAsFarAsTheyAreKnown() {
        Trends trends = Trends.of(ENTRIES, BUILDERS, ZoneId.of("UTC"));
        assertThat(trends.parts())
                .containsExactly(new Trends.Share("Prop", "Prop", 2, 20), new Trends.Share("Camera", "Camera", 1, 30));
        assertThat(trends.builders()).containsExactly(new Trends.Share("the club", "the club", 3, 30));
    }

    @Test
    void anEmptyLedgerHasNoTrends() {
        assertThat(Trends.of(List.of(), Map.of(), ZoneId.of("UTC")))
                .isEqualTo(new Trends(List.of(), List.of(), List.of(), List.of(), List.of(), List.of()));
    }
}
