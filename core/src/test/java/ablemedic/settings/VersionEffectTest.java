package ablemedic.settings;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Sureness;
import ablemedic.family.Complaint;
import ablemedic.reading.Meter;
import ablemedic.serial.SerialCrafts;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VersionEffectTest {
    private static final Craft SHARED = SerialCrafts.shared();
    private static final Book<Craft> BOOK = Families.book(SHARED, Meter.USUAL);

    private static Fault<Craft> fault(String id) {
        return BOOK.faults().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id));
    }

    private static Check<Craft> check(String id) {
        return BOOK.checks().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Complaint complaint() {
        return Families.complaints(SHARED, Meter.USUAL).stream()
                .filter(one -> one.id().equals("one-version-not-another"))
                .findFirst()
                .orElseThrow();
    }

    private static VersionEffect effect(Craft craft) {
        return VersionEffect.of(CraftLines.onSheet(SHARED).orElseThrow(), SHARED, craft);
    }

    @Test
    void aSoundCraftLosesNothingOnAnyVersion() {
        assertThat(effect(SHARED)).isEqualTo(new VersionEffect(true, true, false, Set.of(), Set.of()));
        assertThat(check(VersionChecks.OTHER).outlook(SHARED).likelihood(Chosen.of("both")))
                .isGreaterThan(0.9);
    }

    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "What hangs on the version comes back with another version and goes with this one; a broken lead, a wrong port or a radio that is not bound "
                            + "fails on both; and a poor joint seems to mend itself")
    @CsvSource({
        "version-telemetry-broken,telemetry,works",
        "left-behind,several,works",
        "image-half,dead,works",
        "settings-erased,as-new,works",
        "left-out-gnss,gnss,works",
        "open-FC_T2_GNSS_RX,nothing,not",
        "telemetry-off,nothing,not",
        "not-bound,nothing,not",
        "rate-19200-GNSS-gnss,nothing,not",
        "dead-RX,nothing,not"
    })
    void whatComesBackWithAnotherVersion(String fault, String lost, String otherVersion) {
        Craft faulty = fault(fault).applyTo(SHARED);
        assertThat(complaint().seen().outlook(faulty).likelihood(Chosen.of(lost)))
                .as("told")
                .isGreaterThan(0.9);
        assertThat(check(VersionChecks.WORKS).outlook(faulty).likelihood(Chosen.of(lost)))
                .as("looked")
                .isGreaterThan(0.9);
        assertThat(check(VersionChecks.OTHER).outlook(faulty).likelihood(Chosen.of(otherVersion)))
                .as("tried")
                .isGreaterThan(0.9);
    }

    /**
     * Independent of what each fault is predicted to show: a version that is gone back to mends it if and only if a
     * setting of the version did it.
     */
    @Test
    void onlyWhatTheVersionDidIsMendedByAnother() {
        for (Fault<Craft> fault : BOOK.faults()) {
            Craft faulty = fault.applyTo(SHARED);
            boolean byVersion = Set.of(
                            "version-broken",
                            "left-behind",
                            "job-left-out",
                            "soft-serial-missing",
                            "image-half",
                            "image-of-another-board",
                            "settings-erased")
                    .contains(fault.kind());
            assertThat(effect(faulty).mended()).as(fault.id()).isEqualTo(byVersion);
        }
    }

    @Test
    void aPoorJointIsBlamedOnTheVersionNowAndThenAndTheTrialClearsTheVersion() {
        Fault<Craft> poor = BOOK.faults().stream()
                .filter(one -> effect(one.applyTo(SHARED)).flaky().contains(UartFunction.GNSS))
                .findFirst()
                .orElseThrow();
        Craft faulty = poor.applyTo(SHARED);
        assertThat(complaint().seen().outlook(faulty).likelihood(Chosen.of("gnss")))
                .isBetween(0.2, 0.4);
        Diagnosis<Craft> diagnosis = new Diagnosis<>(BOOK, Assumptions.USUAL);
        Case<Craft> told = new Case<>(SHARED, Occasion.FLASH, List.of(), List.of())
                .with(complaint().seen(), Chosen.of("gnss"), Sureness.FAIRLY);
        Case<Craft> tried = told.with(check(VersionChecks.OTHER), Chosen.of("both"), Sureness.SURE);
        double versionToJoint = belief(diagnosis, told, "left-out-gnss") / belief(diagnosis, told, poor.id());
        assertThat(belief(diagnosis, tried, "left-out-gnss") / belief(diagnosis, tried, poor.id()))
                .isLessThan(versionToJoint / 10);
    }

    @Test
    void breakingAgainNamesTheVersion() {
        Diagnosis<Craft> diagnosis = new Diagnosis<>(BOOK, Assumptions.USUAL);
        Case<Craft> tried = new Case<>(SHARED, Occasion.FLASH, List.of(), List.of())
                .with(complaint().seen(), Chosen.of("telemetry"), Sureness.FAIRLY)
                .with(check(VersionChecks.OTHER), Chosen.of("works"), Sureness.SURE);
        assertThat(belief(diagnosis, tried, "version-telemetry-broken")).isGreaterThan(0.8);
    }

    private static double belief(Diagnosis<Craft> diagnosis, Case<Craft> known, String fault) {
        return diagnosis.posterior(known).suspects().stream()
                .flatMap(one -> one.faults().stream())
                .filter(one -> one.fault().id().equals(fault))
                .mapToDouble(one -> one.belief())
                .findFirst()
                .orElse(0);
    }
}
