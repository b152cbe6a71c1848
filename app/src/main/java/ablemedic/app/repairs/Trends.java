package ablemedic.app.repairs;

import ablemedic.Families;
import ablemedic.handbook.Handbook;
import java.time.YearMonth;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What the repair log shows over time and by what it was about.
 *
 * @param months every month from the first entry to the last, also those without any
 * @param crafts those with most work-ups first
 * @param causes part types of causes, the most frequent first
 * @param families of troubles, the most frequent first
 * @param parts in which causes lay, the most frequent first; entries of before this was noted have none
 * @param builders of the crafts, as far as they are entered, those with most work-ups first
 */
record Trends(
        List<Month> months,
        List<Share> crafts,
        List<Share> causes,
        List<Share> families,
        List<Share> parts,
        List<Share> builders) {

    /** A month, as 2026-03: work-ups closed, how many of them solved, and minutes at the bench in all. */
    record Month(String month, int closed, int solved, double minutes) {}

    /**
     * Something that came so many times.
     *
     * @param id to search the repair log by
     * @param minutes middle of the minutes that one took
     */
    record Share(String id, String title, int times, double minutes) {}

    /** @param builders by the craft ID of what they built */
    static Trends of(List<RepairLogEntry> entries, Map<String, String> builders, ZoneId zone) {
        return new Trends(
                months(entries, zone),
                shares(entries, one -> Stream.of(one.craftId()), craftId -> craftId),
                shares(entries, Trends::kinds, Trends::title),
                shares(entries, one -> kinds(one).map(Trends::family).distinct(), family -> family),
                shares(entries, Trends::parts, part -> part),
                shares(
                        entries,
                        one -> Stream.of(builders.getOrDefault(one.craftId(), ""))
                                .filter(builder -> !builder.isEmpty()),
                        builder -> builder));
    }

    private static List<Month> months(List<RepairLogEntry> entries, ZoneId zone) {
        Map<YearMonth, List<RepairLogEntry>> by = new TreeMap<>();
        entries.forEach(
                one -> by.computeIfAbsent(YearMonth.from(one.closedAt().atZone(zone)), month -> new ArrayList<>())
                        .add(one));
        List<Month> months = new ArrayList<>();
        if (!by.isEmpty()) {
            YearMonth last = by.keySet().stream().max(Comparator.naturalOrder()).orElseThrow();
            for (YearMonth month = by.keySet().iterator().next(); !month.isAfter(last); month = month.plusMonths(1)) {
                List<RepairLogEntry> all = by.getOrDefault(month, List.of());
                months.add(new Month(
                        month.toString(),
                        all.size(),
                        (int) all.stream()
                                .filter(one -> !one.repaired().causes().isEmpty())
                                .count(),
                        all.stream().mapToDouble(RepairLogEntry::minutes).sum()));
            }
        }
        return months;
    }

    private static Stream<String> kinds(RepairLogEntry one) {
        return one.repaired().kinds().stream().distinct();
    }

    private static Stream<String> parts(RepairLogEntry one) {
        return one.repaired().parts().stream().distinct();
    }

    private static String title(String kind) {
        return Families.handbook().page(kind).map(Handbook.Page::title).orElse(kind);
    }

    private static String family(String kind) {
        return Families.ALL.stream()
                .filter(one -> one.pages().stream().anyMatch(page -> page.id().equals(kind)))
                .map(one -> one.title())
                .findFirst()
                .orElse("other");
    }

    private static List<Share> shares(
            List<RepairLogEntry> entries, Function<RepairLogEntry, Stream<String>> of, Function<String, String> title) {
        Map<String, List<Double>> by = new TreeMap<>();
        entries.forEach(one -> of.apply(one)
                .forEach(id -> by.computeIfAbsent(id, key -> new ArrayList<>()).add(one.minutes())));
        return by.entrySet().stream()
                .map(one -> new Share(
                        one.getKey(), title.apply(one.getKey()), one.getValue().size(), middle(one.getValue())))
                .sorted(Comparator.comparingInt(Share::times).reversed().thenComparing(Share::title))
                .toList();
    }

    private static double middle(List<Double> all) {
        List<Double> sorted = all.stream().sorted().toList();
        int n = sorted.size();
        return (sorted.get((n - 1) / 2) + sorted.get(n / 2)) / 2;
    }
}
