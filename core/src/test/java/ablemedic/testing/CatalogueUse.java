package ablemedic.testing;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.catalogue.Entry;
import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.SharedSteps;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whether the catalogues of a family and what it has on some craft name the same things; every text is put together.
 */
public final class CatalogueUse {
    private final Family family;
    private final List<Check<Craft>> checks;
    private final List<Complaint> complaints;
    private final List<Craft> crafts;

    public CatalogueUse(Family family, List<Craft> crafts) {
        this.family = family;
        this.crafts = crafts;
        checks = crafts.stream()
                .map(craft -> family.book(craft, Meter.USUAL))
                .flatMap(book -> Stream.concat(
                        book.checks().stream(), book.surveys().stream().flatMap(survey -> survey.routine().stream())))
                .toList();
        complaints = crafts.stream()
                .flatMap(craft -> family.complaints(craft, Meter.USUAL, checks.get(0)).stream())
                .toList();
    }

    private Collection<Entry> entries(String file) {
        return SharedSteps.catalogue(family.getClass(), file).entries();
    }

    /** The entry of something: of its own, of all whose names begin alike, or of its kind. */
    private static String entry(String id, String kind, Set<String> entries) {
        return entries.contains(id)
                ? id
                : entries.stream()
                        .filter(one -> !one.equals(kind) && id.startsWith(one + "-"))
                        .findFirst()
                        .orElse(kind);
    }

    /** Those that have words of their own; an entry without is a page that several share. */
    private Set<String> worded(String file) {
        return entries(file).stream()
                .filter(entry -> !entry.lines().isEmpty())
                .map(Entry::id)
                .collect(Collectors.toSet());
    }

    private Set<String> pages(Chapter chapter) {
        return family.pages().stream()
                .filter(page -> page.chapter() == chapter)
                .map(Page::id)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** @param others pages of faults that a work-up brings with it */
    public CatalogueUse everyFaultItsFixesAndItsPageAreInIt(String... others) {
        TreeMap<String, Set<String>> fixes = new TreeMap<>();
        Set<String> entries = worded("faults");
        Set<String> kinds = new TreeSet<>(Set.of(others));
        for (Craft craft : crafts) {
            for (Fault<Craft> fault : family.book(craft, Meter.USUAL).faults()) {
                kinds.add(fault.kind());
                isAText(fault.describe(craft));
                assertThat(fault.describe(craft).plain()).as(fault.id()).hasSizeLessThanOrEqualTo(60);
                for (Fix<Craft> fix : fault.fixes(craft)) {
                    isAText(fix.title());
                    assertThat(fix.steps()).as(fault.id()).isNotEmpty().allSatisfy(CatalogueUse::isAText);
                    fixes.computeIfAbsent(entry(fault.id(), fault.kind(), entries), k -> new TreeSet<>())
                            .add(fix.id());
                }
            }
        }
        Set<String> shared = sharedFixes();
        assertThat(fixes.values().stream().flatMap(Set::stream)).containsAll(shared);
        fixes.replaceAll((entry, ids) -> ids.stream()
                .filter(id -> !shared.contains(id) || ownFixes(entry).contains(id))
                .collect(Collectors.toSet()));
        assertThat(entries("faults").stream()
                        .filter(entry -> !entry.lines().isEmpty())
                        .collect(Collectors.toMap(Entry::id, Entry::fixes)))
                .isNotEmpty()
                .isEqualTo(fixes);
        assertThat(kinds).containsAll(pages(Chapter.FAULTS));
        return this;
    }

    private Set<String> ownFixes(String entry) {
        return entries("faults").stream()
                .filter(one -> one.id().equals(entry))
                .findFirst()
                .map(Entry::fixes)
                .orElse(Set.of());
    }

    /** Those that have an entry of their own, since several faults share them. */
    private Set<String> sharedFixes() {
        return family.getClass().getResource("fixes.md") == null
                ? Set.of()
                : entries("fixes").stream()
                        .filter(entry -> entry.lines().containsKey("do"))
                        .map(Entry::id)
                        .collect(Collectors.toSet());
    }

    /** @param others pages of checks that a work-up or the pre-power checks bring with them */
    public CatalogueUse everyCheckItsOutcomesAndItsPageAreInIt(String... others) {
        TreeMap<String, Set<String>> outcomes = new TreeMap<>();
        for (Check<Craft> check : checks) {
            for (Craft craft : crafts) {
                isAText(check.title(craft));
                assertThat(check.steps(craft)).as(check.id()).isNotEmpty().allSatisfy(CatalogueUse::isAText);
            }
            outcomes.computeIfAbsent(entry(check.id(), check.kind(), worded("checks")), k -> new TreeSet<>())
                    .addAll(outcomes(check.answers()));
        }
        Set<String> kinds = checks.stream().map(Check::kind).collect(Collectors.toCollection(TreeSet::new));
        kinds.addAll(Set.of(others));
        assertThat(entries("checks")).isNotEmpty();
        assertThat(worded("checks")).isEqualTo(outcomes.keySet());
        assertThat(kinds).containsAll(pages(Chapter.CHECKS));
        for (Entry entry : entries("checks")) {
            if (!entry.outcomes().isEmpty()) {
                assertThat(outcomes.get(entry.id())).as(entry.where()).containsAll(entry.outcomeIds());
            }
        }
        return this;
    }

    public CatalogueUse everyComplaintIsInIt() {
        complaints.forEach(one -> isAText(one.label()));
        assertThat(entries("complaints").stream().map(Entry::id).collect(Collectors.toSet()))
                .isEqualTo(complaints.stream().map(Complaint::id).collect(Collectors.toSet()));
        return this;
    }

    private static Set<String> outcomes(Answers answers) {
        if (answers instanceof Scale scale) {
            return scale.words().stream().map(Outcome::id).collect(Collectors.toSet());
        }
        if (answers instanceof Mixed mixed) {
            return mixed.items().stream()
                    .flatMap(item -> outcomes(item.form()).stream())
                    .collect(Collectors.toSet());
        }
        return ((Choices) answers)
                .questions().stream()
                        .flatMap(question -> question.outcomes().stream().map(Outcome::id))
                        .collect(Collectors.toSet());
    }

    /** A text for people: no gap left open, no blank too many. */
    private static void isAText(Text text) {
        String plain = text.plain();
        assertThat(plain)
                .isNotBlank()
                .doesNotContain("{", "}", "  ", " .", " ,")
                .isEqualTo(plain.strip());
    }
}
