package ablemedic.snapshot;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Families;
import ablemedic.configuration.Configuration;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.Settings;
import ablemedic.craft.UartSettings;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Evidence;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Sureness;
import ablemedic.export.SettingsExport;
import ablemedic.family.Complaint;
import ablemedic.firmware.Dictionary;
import ablemedic.firmware.FirmwareDialects;
import ablemedic.power.PowerCrafts;
import ablemedic.reading.Meter;
import ablemedic.serial.SerialCrafts;
import ablemedic.wiring.UartFunction;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("thorough")
class SnapshotTest {
    static final Craft SOUND = SerialCrafts.polled();
    static final Book<Craft> BOOK = Families.book(SOUND, Meter.USUAL);
    static final Reading IS_SO = Reading.Chosen.of(Complaint.TRUE);
    static final Dictionary ALDER = new Dictionary(FirmwareDialects.shipped().get(0), "2");

    /** What the board of a craft would list, written as text and read back through the dictionary. */
    static Snapshot listed(Craft craft) {
        return listed(craft, ALDER);
    }

    static Snapshot listed(Craft craft, Dictionary dictionary) {
        var understood = dictionary.read(
                SettingsExport.read(dictionary.export(craft.configuration()).getBytes(StandardCharsets.UTF_8)));
        return new Snapshot(understood.told(), understood.held());
    }

    static boolean isOfBoard(Fault<Craft> fault) {
        Craft faulty = fault.applyTo(SOUND);
        return faulty.with(SOUND.configuration()).equals(SOUND)
                && SOUND.configuration().differencesTo(faulty.configuration()).stream()
                        .allMatch(one -> one.setting().device() == Device.FLIGHT_BOARD && ALDER.names(one.setting()));
    }

    static List<Fault<Craft>> settingsOfTheBoard() {
        return BOOK.faults().stream().filter(SnapshotTest::isOfBoard).toList();
    }

    static Posterior<Craft> after(Snapshot snapshot) {
        return after(new Case<>(SOUND, Occasion.FLASH, List.of(), List.of()), snapshot);
    }

    static Posterior<Craft> after(Case<Craft> known, Snapshot snapshot) {
        Check<Craft> check = ExportCheck.of(1, 1, snapshot);
        return new Diagnosis<>(BOOK, Assumptions.USUAL)
                .posterior(known.with(check, Reading.Chosen.of(ExportCheck.LISTED), Sureness.SURE));
    }

    static double belief(Posterior<Craft> posterior, Fault<Craft> fault) {
        return posterior.stories().stream()
                .filter(story -> story.hypothesis().faults().contains(fault))
                .mapToDouble(Posterior.Weighed::belief)
                .sum();
    }

    @Test
    void aListingThatIsAsTheSheetHasItClearsEverySuspectThatIsASettingOfTheBoard() {
        Posterior<Craft> posterior = after(listed(SOUND));
        assertThat(settingsOfTheBoard()).hasSizeGreaterThan(20).allSatisfy(fault -> assertThat(belief(posterior, fault))
                .as(fault.describe(SOUND).plain())
                .isLessThan(0.002));
    }

    @Test
    void aListingWithOneFaultConfirmsItAndClearsTheOthers() {
        for (Fault<Craft> fault : settingsOfTheBoard()) {
            Craft faulty = fault.applyTo(SOUND);
            Check<Craft> complaint = Families.complaints(SOUND, Meter.USUAL).stream()
                    .flatMap(one -> one.amiss().stream())
                    .max(Comparator.comparingDouble(
                            amiss -> amiss.outlook(faulty).likelihood(IS_SO)))
                    .orElseThrow();
            Posterior<Craft> posterior = after(
                    new Case<>(SOUND, Occasion.FLASH, List.of(), List.of()).with(complaint, IS_SO, Sureness.SURE),
                    listed(faulty));
            double alike = settingsOfTheBoard().stream()
                    .filter(other -> listed(faulty)
                            .differencesFrom(other.applyTo(SOUND).configuration(), 0.03)
                            .isEmpty())
                    .mapToDouble(other -> belief(posterior, other))
                    .sum();
            assertThat(alike).as(fault.describe(SOUND).plain()).isGreaterThan(0.5);
        }
    }

    @Test
    void ofWhatAListingDoesNotHoldItSaysNothing() {
        SortedSet<Setting<?>> held = new TreeSet<>(listed(SOUND).held());
        held.remove(FcSettings.ALIGNMENT);
        Posterior<Craft> posterior = after(new Snapshot(SOUND.configuration(), held));
        Fault<Craft> turned = settingsOfTheBoard().stream()
                .filter(f ->
                        !f.applyTo(SOUND).setting(FcSettings.ALIGNMENT).equals(SOUND.setting(FcSettings.ALIGNMENT)))
                .findFirst()
                .orElseThrow();
        Diagnosis<Craft> diagnosis = new Diagnosis<>(BOOK, Assumptions.USUAL);
        double before = belief(diagnosis.posterior(new Case<>(SOUND, Occasion.FLASH, List.of(), List.of())), turned);
        assertThat(belief(posterior, turned))
                .as("the others are cleared, so its share can only grow")
                .isGreaterThanOrEqualTo(before);
    }

    @Test
    void thePlanAsksForAListingWhereSettingsAreSuspected() {
        Check<Craft> planned = ExportCheck.planned(SOUND, BOOK.faults());
        Diagnosis<Craft> diagnosis =
                new Diagnosis<>(BOOK.and(new Book<>(List.of(), List.of(planned))), Assumptions.USUAL);
        Check<Craft> flips =
                Families.complaints(SOUND, Meter.USUAL).get(0).amiss().orElseThrow();
        Case<Craft> afterFlash =
                new Case<>(SOUND, Occasion.FLASH, List.of(), List.of()).with(flips, IS_SO, Sureness.SURE);
        List<String> worth = steps(diagnosis, afterFlash);
        assertThat(worth.indexOf(ExportCheck.KIND)).isLessThan(2).isGreaterThanOrEqualTo(0);
        assertThat(worth.indexOf(ExportCheck.KIND))
                .as("no setting is worth reading by itself before the listing")
                .isLessThan(IntStream.range(0, worth.size())
                        .filter(i -> worth.get(i).endsWith("-setting"))
                        .min()
                        .orElseThrow());
        Case<Craft> listedAlready = afterFlash.with(
                ExportCheck.of(1, 1, listed(SOUND)), Reading.Chosen.of(ExportCheck.LISTED), Sureness.SURE);
        assertThat(steps(diagnosis, listedAlready)).as("once is enough").first().isNotEqualTo(ExportCheck.KIND);
    }

    static List<String> steps(Diagnosis<Craft> diagnosis, Case<Craft> known) {
        return diagnosis.planner(diagnosis.posterior(known)).plan(BenchState.AT_INTAKE, Set.of()).steps().stream()
                .map(step -> step.check().id())
                .toList();
    }

    @Test
    void whatAChangeCausesFollowsFromThePhysicsOfTheCraft() {
        Craft turned = SOUND.with(SOUND.configuration().withWritten(FcSettings.ALIGNMENT, "0/0/180"))
                .with(UartSettings.jobsOf("3"), List.of())
                .with(UartSettings.TELEMETRY, false)
                .with(UartSettings.baud("9"), 115_200);
        List<Change> changes = Change.between(
                listed(SOUND), listed(turned), SOUND, Families.complaints(SOUND, Meter.USUAL), List.of());
        assertThat(changes)
                .extracting(change -> change.setting().id())
                .containsExactlyInAnyOrder("alignment", "port-3-jobs", "telemetry-on", "port-9-baud");
        assertThat(causes(changes, "alignment")).containsExactly("take-off");
        assertThat(causes(changes, "port-3-jobs")).containsExactly("positioning");
        assertThat(causes(changes, "telemetry-on")).contains("telemetry");
        assertThat(causes(changes, "port-9-baud")).as("nothing lies on port 9").isEmpty();
        assertThat(changes).allSatisfy(change -> assertThat(change.ends()).isEmpty());
        assertThat(Change.between(
                        listed(turned), listed(SOUND), SOUND, Families.complaints(SOUND, Meter.USUAL), List.of()))
                .as("put back, it ends")
                .filteredOn(change -> change.setting().equals(FcSettings.ALIGNMENT))
                .singleElement()
                .satisfies(change -> assertThat(change.ends())
                        .extracting(Consequence::complaintId)
                        .containsExactly("take-off"));
    }

    static Set<String> causes(List<Change> changes, String setting) {
        return changes.stream()
                .filter(change -> change.setting().id().equals(setting))
                .findFirst()
                .orElseThrow()
                .causes()
                .stream()
                .map(Consequence::complaintId)
                .collect(Collectors.toSet());
    }

    @Test
    void theChangeThatExplainsTheComplaintWeighsMost() {
        Check<Craft> noSatellites = Families.complaints(SOUND, Meter.USUAL).stream()
                .filter(one -> one.id().equals("positioning"))
                .findFirst()
                .orElseThrow()
                .seen();
        List<Evidence<Craft>> found =
                List.of(new Evidence.Finding<>(noSatellites, Reading.Chosen.of("dead"), Sureness.SURE, List.of()));
        Craft changed = SOUND.with(UartSettings.jobsOf("3"), List.of()).with(FcSettings.CELLS, 6);
        List<Change> changes =
                Change.between(listed(SOUND), listed(changed), SOUND, Families.complaints(SOUND, Meter.USUAL), found);
        assertThat(changes)
                .filteredOn(change -> change.setting().id().equals("port-3-jobs"))
                .singleElement()
                .satisfies(change -> assertThat(change.weight()).isGreaterThan(10));
        assertThat(changes)
                .filteredOn(change -> change.setting().equals(FcSettings.CELLS))
                .singleElement()
                .satisfies(change -> assertThat(change.weight()).isEqualTo(1));
    }

    @Test
    void theSameTwiceChangedNothing() {
        assertThat(Change.between(listed(SOUND), listed(SOUND), SOUND, List.of(), List.of()))
                .isEmpty();
        assertThat(RestoreCommand.list(listed(SOUND), listed(SOUND), ALDER)).isEmpty();
    }

    @Test
    void whatIsPutBackByAnotherVersionsNamesGivesTheSettingsOfBefore() {
        Dictionary first = new Dictionary(FirmwareDialects.shipped().get(0), "1");
        Craft before = PowerCrafts.stack()
                .with(FcSettings.VOLTAGE_SCALE, 16.5)
                .with(FcSettings.GAIN, 1.2)
                .with(UartSettings.jobsOf("4"), List.of(UartFunction.GNSS));
        Snapshot old = listed(before, first);
        Snapshot now = listed(before.with(Configuration.USUAL), ALDER);
        List<RestoreCommand> list = RestoreCommand.list(old, now, ALDER);
        assertThat(list)
                .extracting(one -> one.setting().id())
                .containsExactlyInAnyOrder("voltage-scale", "gain", "port-4-jobs");
        String text = RestoreCommand.text(list, ALDER);
        assertThat(text).contains("set pack_ratio = 16500").doesNotContain("volt_scale");
        Configuration pasted = ALDER.read(SettingsExport.read(text.getBytes(StandardCharsets.UTF_8)))
                .told();
        assertThat(now.told()
                        .taking(
                                setting -> list.stream()
                                        .anyMatch(one -> one.setting().equals(setting)),
                                pasted)
                        .only(old.held()::contains))
                .isEqualTo(before.configuration().only(old.held()::contains));
    }

    @Test
    void whatTheTargetHasNoNameForIsARemarkAndNoLine() {
        Dictionary birch5 = new Dictionary(FirmwareDialects.shipped().get(1), "5");
        Dictionary birch6 = new Dictionary(FirmwareDialects.shipped().get(1), "6");
        Snapshot old = listed(SOUND.with(UartSettings.SOFT, true), birch6);
        List<RestoreCommand> list = RestoreCommand.list(old, listed(SOUND, birch5), birch5);
        assertThat(list).singleElement().satisfies(one -> assertThat(one.line()).isEmpty());
        assertThat(RestoreCommand.text(list, birch5)).contains("# by hand: soft serial was on");
    }

    @Test
    void everySettingOfTheBoardHasANameInTheNewestOfEachFamilyOrIsNoneThatABoardLists() {
        Set<String> none = Set.of("telemetry-bytes");
        for (var family : FirmwareDialects.shipped()) {
            Dictionary newest = new Dictionary(family, family.newest());
            assertThat(Settings.ALL.stream()
                            .filter(setting -> setting.device() == Device.FLIGHT_BOARD && !none.contains(setting.id())))
                    .allSatisfy(setting ->
                            assertThat(newest.names(setting)).as(setting.id()).isTrue());
        }
    }

    static Snapshot told(String... settings) {
        Configuration told = SOUND.configuration();
        for (String one : settings) {
            String[] parts = one.split("=", 2);
            told = told.withWritten(Settings.find(parts[0]).orElseThrow(), parts[1]);
        }
        return listed(SOUND.with(told));
    }

    /** A settings export of all settings without the lines of some settings. */
    static Snapshot without(Craft craft, Predicate<String> line) {
        String text = ALDER.export(craft.configuration())
                .lines()
                .filter(Predicate.not(line))
                .collect(Collectors.joining("\n"));
        var understood = ALDER.read(SettingsExport.read(text.getBytes(StandardCharsets.UTF_8)));
        return new Snapshot(understood.told(), understood.held());
    }
}
