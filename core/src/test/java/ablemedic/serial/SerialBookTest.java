package ablemedic.serial;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Reading;
import ablemedic.family.Complaint;
import ablemedic.handbook.Handbook;
import ablemedic.reading.Meter;
import ablemedic.testing.CatalogueUse;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Judged;
import ablemedic.uart.Reach;
import ablemedic.uart.Rule;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Over the whole book of several crafts: what every fault and check of a serial line must keep to. */
@Tag("thorough")
class SerialBookTest {
    private static final int PAIRS = 150;

    static List<Craft> crafts() {
        return SerialCrafts.all();
    }

    private static Book<Craft> book(Craft craft) {
        return Serial.FAMILY.book(craft, Meter.USUAL);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void onASoundCraftEveryLineIsSoundAndEverythingShows(Craft craft) {
        CraftLines lines = CraftLines.of(craft).orElseThrow();
        assertThat(lines.joined()).isNotEmpty().allSatisfy(line -> {
            CraftLines.Now now = lines.now(line, craft, false);
            assertThat(lines.bySheet(line))
                    .as(line.id())
                    .containsAll(now.joined().wrong());
            assertThat(now.heard()).as(line.id()).isEqualTo(now.joined().part().heard() ? Reach.GOOD : Reach.NONE);
            assertThat(now.spoken()).as(line.id()).isEqualTo(now.joined().part().spokenTo() ? Reach.GOOD : Reach.NONE);
        });
        Telemetry.way(lines)
                .ifPresent(way -> assertThat(Telemetry.of(lines, craft).shown()).isEqualTo(Reach.GOOD));
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void idsAreUniqueAndEveryKindHasItsPage(Craft craft) {
        Book<Craft> book = book(craft);
        assertThat(book.faults()).extracting(Fault::id).doesNotHaveDuplicates();
        assertThat(book.checks()).extracting(Check::id).doesNotHaveDuplicates();
        Set<String> pages = new HashSet<>(
                Serial.FAMILY.pages().stream().map(Handbook.Page::id).toList());
        assertThat(pages)
                .containsAll(book.faults().stream().map(Fault::kind).toList())
                .containsAll(book.checks().stream().map(Check::kind).toList());
    }

    /**
     * A fault that nobody could ever notice is none; each must move a check of the book, and its fix must move it back.
     */
    @ParameterizedTest
    @MethodSource("crafts")
    void everyFaultShowsInSomeCheckAndItsFixPutsItRight(Craft craft) {
        Book<Craft> book = Families.book(craft, Meter.USUAL);
        for (Fault<Craft> fault : book(craft).faults()) {
            Craft faulty = fault.applyTo(craft);
            assertThat(book.checks()).as(fault.id()).anyMatch(check -> !check.outlook(faulty)
                    .equals(check.outlook(craft)));
            for (Fix<Craft> fix : fault.fixes(craft)) {
                Craft fixed = fix.applyTo(faulty);
                assertThat(book.checks()).as(fault.id() + " by " + fix.id()).allMatch(check -> check.outlook(fixed)
                        .equals(check.outlook(craft)));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void equalFacetsMeanEqualOutlooks(Craft craft) {
        Book<Craft> book = book(craft);
        List<Craft> states = new ArrayList<>(List.of(craft));
        book.faults().forEach(fault -> states.add(fault.applyTo(craft)));
        Random random = new Random(3);
        for (int i = 0; i < PAIRS; i++) {
            states.add(book.faults()
                    .get(random.nextInt(book.faults().size()))
                    .applyTo(states.get(1 + random.nextInt(book.faults().size()))));
        }
        for (Check<Craft> check : book.checks()) {
            assertThat(check.reads()).as(check.id()).isNotSameAs(Facet.whole());
            Map<Object, Distribution> byFacet = new HashMap<>();
            for (Craft state : states) {
                Distribution outlook = check.outlook(state);
                Distribution before = byFacet.putIfAbsent(check.reads().of(state), outlook);
                assertThat(before == null || before.equals(outlook))
                        .as(check.id())
                        .isTrue();
            }
        }
    }

    @Test
    void whatTheSheetAloneShowsToBeWrongIsTheFirstSuspect() {
        Craft craft = SerialCrafts.plainPad();
        CraftLines lines = CraftLines.of(craft).orElseThrow();
        assertThat(lines.all().stream()
                        .filter(line ->
                                !lines.bySheet(line).isEmpty() && !line.ends().isEmpty()))
                .extracting(CraftLine::id)
                .containsExactly("RX-telemetry");
        Fault<Craft> known = book(craft).faults().stream()
                .filter(fault -> fault.kind().equals("cannot-work-as-joined"))
                .findFirst()
                .orElseThrow();
        assertThat(lines.bySheet(lines.of(UartFunction.TELEMETRY).orElseThrow()))
                .extracting(Judged::rule)
                .containsExactly(Rule.NO_INVERTER);
        assertThat(known.odds(Occasion.BUILD))
                .isGreaterThan(book(craft).faults().stream()
                        .filter(fault -> !fault.id().equals(known.id()))
                        .mapToDouble(fault -> fault.odds(Occasion.BUILD))
                        .sum());
        assertThat(Telemetry.of(lines, known.applyTo(craft)).shown()).isEqualTo(Reach.NONE);
    }

    /** Whoever waits for a fix with a module that lies face down waits in vain; so the two need telling apart. */
    @Test
    void oneRemedyForTheSkyDoesNothingForAnotherCause() {
        Craft craft = SerialCrafts.shared();
        List<Fault<Craft>> sky = book(craft).faults().stream()
                .filter(fault -> fault.kind().equals("no-sky"))
                .toList();
        assertThat(sky).hasSize(3);
        for (Fault<Craft> one : sky) {
            for (Fault<Craft> other : sky) {
                Craft after = other.fixes(craft).get(0).applyTo(one.applyTo(craft));
                assertThat(after.equals(craft))
                        .as(one.id() + " after the remedy for " + other.id())
                        .isEqualTo(one == other);
                assertThat(one.fixes(craft)
                                .get(0)
                                .remedy()
                                .equals(other.fixes(craft).get(0).remedy()))
                        .isEqualTo(one == other);
            }
        }
    }

    @Test
    void everyComplaintIsCausedByAFaultOfTheBookAndNotByASoundCraft() {
        for (Craft craft : crafts()) {
            Book<Craft> book = book(craft);
            for (Complaint complaint : Serial.FAMILY.complaints(craft, Meter.USUAL, null)) {
                Distribution sound = complaint.seen().outlook(craft);
                assertThat(book.faults().stream().filter(fault -> !complaint
                                .seen()
                                .outlook(fault.applyTo(craft))
                                .equals(sound)))
                        .as(complaint.id())
                        .hasSizeGreaterThan(1);
            }
        }
    }

    /**
     * The input of an unpowered chip lets some current through or none, and boards differ by decades: common practice,
     * no source.
     */
    @Test
    void whatTheChipsLetThroughBetweenTwoPadsOfAPortIsNoBridge() {
        Craft craft = SerialCrafts.polled();
        Book<Craft> all = Families.book(craft, Meter.USUAL);
        Fault<Craft> bridge = all.faults().stream()
                .filter(fault ->
                        fault.id().equals("bridge-FC_R3_FC_T3") || fault.id().equals("bridge-FC_T3_FC_R3"))
                .findFirst()
                .orElseThrow();
        Check<Craft> ohms = all.check("ohms~FC.R3~FC.T3").orElseThrow();
        for (double seen : new double[] {8_000, 26_000, 100_000, 220_000}) {
            Reading reading = new Reading.Measured(seen);
            assertThat(ohms.outlook(craft).likelihood(reading))
                    .as(seen + " ohm")
                    .isGreaterThan(5 * ohms.outlook(bridge.applyTo(craft)).likelihood(reading));
        }
        Reading nothing = Reading.Chosen.of("ol");
        assertThat(ohms.outlook(craft).likelihood(nothing))
                .isGreaterThan(5 * ohms.outlook(bridge.applyTo(craft)).likelihood(nothing));
    }

    @Test
    void theCataloguesNameWhatTheBookHasAndNothingElse() {
        new CatalogueUse(Serial.FAMILY, SerialCrafts.all())
                .everyFaultItsFixesAndItsPageAreInIt()
                .everyCheckItsOutcomesAndItsPageAreInIt()
                .everyComplaintIsInIt();
    }
}
