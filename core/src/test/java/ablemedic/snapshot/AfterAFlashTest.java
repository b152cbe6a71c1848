package ablemedic.snapshot;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Families;
import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.ModeRange;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Sureness;
import ablemedic.reading.Meter;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a flash lost, as settings exports show it. */
class AfterAFlashTest {
    private static ExportAsEvidence taken(Snapshot snapshot, String complaint) {
        return ExportAsEvidence.of(
                1,
                1,
                snapshot,
                SnapshotTest.SOUND,
                () -> Families.complaints(SnapshotTest.SOUND, Meter.USUAL).stream()
                        .filter(one -> one.id().equals(complaint))
                        .findFirst()
                        .orElseThrow()
                        .amiss(),
                SnapshotTest.BOOK.faults());
    }

    /** A flash that lost three things at once is no two faults of the book, and was called none of them. */
    @Test
    void whatAFlashLostAtOnceIsOneSuspectThatIsPutRightByEnteringItAll() {
        ExportAsEvidence taken =
                taken(SnapshotTest.told("mode-arm=none", "mode-level=none", "level-calibrated=no"), "will-not-arm");
        Fault<Craft> fault = taken.fault().orElseThrow();
        assertThat(fault.describe(SnapshotTest.SOUND).plain()).contains("3 settings");
        Check<Craft> complaint = Families.complaints(SnapshotTest.SOUND, Meter.USUAL).stream()
                .filter(one -> one.id().equals("will-not-arm"))
                .findFirst()
                .orElseThrow()
                .amiss()
                .orElseThrow();
        Book<Craft> book = SnapshotTest.BOOK.and(new Book<>(List.of(fault), List.of()));
        Posterior<Craft> posterior = new Diagnosis<>(book, Assumptions.USUAL)
                .posterior(new Case<>(SnapshotTest.SOUND, Occasion.FLASH, List.of(), List.of())
                        .with(complaint, SnapshotTest.IS_SO, Sureness.SURE)
                        .with(taken.check(), Reading.Chosen.of(ExportCheck.LISTED), Sureness.SURE));
        assertThat(SnapshotTest.belief(posterior, fault)).isGreaterThan(0.9);
        assertThat(posterior.notInBook()).isLessThan(0.05);
        assertThat(fault.fixes(SnapshotTest.SOUND)).singleElement().satisfies(fix -> assertThat(
                        fix.applyTo(fault.applyTo(SnapshotTest.SOUND)))
                .isEqualTo(SnapshotTest.SOUND));
    }

    @Test
    void oneThatIsOtherwiseIsASuspectOfTheBook() {
        assertThat(taken(SnapshotTest.told("mode-arm=none"), "will-not-arm").fault())
                .isEmpty();
    }

    /**
     * The sheet is behind in two things that have nothing to do with a craft that flips: they are no suspect, and do
     * not speak against the one there is.
     */
    @Test
    void whatDoesNotMatterToTheComplaintSpeaksForNothing() {
        ExportAsEvidence taken =
                taken(SnapshotTest.told("idle=6.5", "arm-tilt=45", "alignment=0/0/180"), "will-not-arm");
        assertThat(taken.fault()).isEmpty();
        ExportAsEvidence flips = taken(SnapshotTest.told("idle=6.5", "arm-tilt=45"), "take-off");
        assertThat(flips.fault()).isEmpty();
        for (Fault<Craft> fault : SnapshotTest.settingsOfTheBoard()) {
            Craft faulty = fault.applyTo(SnapshotTest.SOUND);
            Distribution behind = flips.check().outlook(faulty);
            Distribution plain = ExportCheck.of(1, 1, SnapshotTest.listed(SnapshotTest.SOUND))
                    .outlook(faulty);
            assertThat(behind.likelihood(Reading.Chosen.of(ExportCheck.LISTED)) > 0.5)
                    .as(fault.describe(SnapshotTest.SOUND).plain())
                    .isEqualTo(plain.likelihood(Reading.Chosen.of(ExportCheck.LISTED)) > 0.5);
        }
    }

    @Test
    void switchesThatALaterListingHasNoLineOfAreLostAndAllAreOfferedBack() {
        Craft craft = SnapshotTest.SOUND.with(ArmingSettings.SOUNDER, new ModeRange(7, 1700, 2100));
        Snapshot before = SnapshotTest.listed(craft);
        Snapshot after = SnapshotTest.without(craft, line -> line.contains("mode_"));
        assertThat(after.held()).doesNotContain(ArmingSettings.ARM);
        Snapshot lost = after.since(before, SnapshotTest.ALDER::names);
        assertThat(RestoreCommand.list(before, lost, SnapshotTest.ALDER))
                .extracting(one -> one.setting().id() + " " + one.line().isPresent())
                .containsExactlyInAnyOrder("mode-arm true", "mode-level true", "mode-sounder true");
        assertThat(Change.between(before, lost, craft, Families.complaints(craft, Meter.USUAL), List.of()))
                .filteredOn(change -> change.setting().equals(ArmingSettings.ARM))
                .singleElement()
                .satisfies(change -> assertThat(change.causes()).isNotEmpty());
        assertThat(SnapshotTest.without(craft, line -> line.contains("mode_")).since(lost, SnapshotTest.ALDER::names))
                .as("lost once, lost in the next one too")
                .isEqualTo(lost);
    }

    @Test
    void aPartOfAListingOrAVersionWithoutTheNameSaysNothingOfSwitches() {
        Snapshot before = SnapshotTest.listed(SnapshotTest.SOUND);
        Snapshot part = SnapshotTest.without(SnapshotTest.SOUND, line -> !line.contains("volt"));
        assertThat(part.since(before, SnapshotTest.ALDER::names)).isSameAs(part);
        Snapshot after = SnapshotTest.without(SnapshotTest.SOUND, line -> line.contains("mode_"));
        assertThat(after.since(before, setting -> false)).isSameAs(after);
        assertThat(before.since(after, SnapshotTest.ALDER::names)).isSameAs(before);
    }
}
