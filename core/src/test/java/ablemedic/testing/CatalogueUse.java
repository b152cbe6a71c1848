package ablemedic.testing;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.catalogue.Entry;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
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
                .flatMap(craft -> family.book(craft, Meter.USUAL).checks().stream())
                .toList();
        complaints = crafts.stream()
                .flatMap(craft -> family.complaints(craft, Meter.USUAL, null).stream())
                .toList();
    }

    private Collection<Entry> entries(String file) {
        return SharedSteps.catalogue(family.getClass(), file).entries();
    }

    private Set<String> pages(Chapter chapter) {
        return family.pages().stream()
                .filter(page -> page.chapter() == chapter)
                .map(Page::id)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    public CatalogueUse everyFaultItsFixesAndItsPageAreInIt() {
        TreeMap<String, Set<String>> fixes = new TreeMap<>();
        for (Craft craft : crafts) {
            for (Fault<Craft> fault : family.book(craft, Meter.USUAL).faults()) {
                isAText(fault.describe(craft));
                assertThat(fault.describe(craft)).as(fault.id()).hasSizeLessThanOrEqualTo(60);
                for (Fix<Craft> fix : fault.fixes(craft)) {
                    isAText(fix.title());
                    assertThat(fix.steps()).as(fault.id()).isNotEmpty().allSatisfy(CatalogueUse::isAText);
                    fixes.computeIfAbsent(fault.kind(), k -> new TreeSet<>()).add(fix.id());
                }
            }
        }
        assertThat(entries("faults")).isNotEmpty();
        assertThat(entries("faults").stream().collect(Collectors.toMap(Entry::id, Entry::fixes)))
                .isEqualTo(fixes);
        assertThat(pages(Chapter.FAULTS)).isEqualTo(fixes.keySet());
        return this;
    }

    public CatalogueUse everyCheckItsOutcomesAndItsPageAreInIt() {
        TreeMap<String, Set<String>> outcomes = new TreeMap<>();
        for (Check<Craft> check : checks) {
            for (Craft craft : crafts) {
                isAText(check.title(craft));
                isAText(check.instruction(craft));
            }
            outcomes.computeIfAbsent(check.id(), k -> new TreeSet<>()).addAll(outcomes(check.answers()));
        }
        Set<String> kinds = checks.stream().map(Check::kind).collect(Collectors.toCollection(TreeSet::new));
        assertThat(entries("checks")).isNotEmpty();
        // A page that several checks share is an entry without words.
        Set<String> asked = entries("checks").stream()
                .filter(entry -> !entry.lines().isEmpty())
                .map(Entry::id)
                .collect(Collectors.toSet());
        assertThat(asked).isEqualTo(outcomes.keySet());
        assertThat(pages(Chapter.CHECKS)).isEqualTo(kinds);
        for (Entry entry : entries("checks")) {
            if (!entry.outcomes().isEmpty()) {
                assertThat(entry.outcomeIds()).as(entry.where()).isEqualTo(outcomes.get(entry.id()));
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
        return ((Choices) answers)
                .questions().stream()
                        .flatMap(question -> question.outcomes().stream().map(Outcome::id))
                        .collect(Collectors.toSet());
    }

    /** A text for people: no gap left open, no blank too many. */
    private static void isAText(String text) {
        assertThat(text).isNotBlank().doesNotContain("{", "}", "  ", " .", " ,").isEqualTo(text.strip());
    }
}
