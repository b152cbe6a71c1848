package ablemedic.settings;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Posterior;
import ablemedic.family.BlockerBelief;
import ablemedic.family.Complaint;
import ablemedic.family.Family;
import ablemedic.family.FamilyWords;
import ablemedic.family.Instrument;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.requirement.Requirement;
import ablemedic.uart.CraftLines;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The family of settings and firmware: what keeps a craft from arming, what board and controllers say to one another,
 * what a flash leaves.
 */
public final class SettingsAndFirmware {
    static final FamilyWords WORDS = FamilyWords.beside(SettingsAndFirmware.class);

    private static final String TITLE = WORDS.name("settings").title().plain();
    private static final List<Page> PAGES = WORDS.pages(TITLE, Chapter.FAULTS, Chapter.CHECKS);

    public static final Family FAMILY = new Family() {
        @Override
        public String id() {
            return "settings";
        }

        @Override
        public String title() {
            return TITLE;
        }

        @Override
        public Book<Craft> book(Craft craft, Meter meter) {
            Optional<CraftLines> lines = CraftLines.onSheet(craft);
            return new Book<>(
                    Stream.of(ArmingFaults.of(craft), DriveFaults.of(craft), FlashFaults.of(craft, lines))
                            .flatMap(List::stream)
                            .toList(),
                    checks(craft, lines));
        }

        @Override
        public List<BlockerBelief> armingBlockers(String complaint, Posterior<Craft> posterior) {
            if (!complaint.equals(Arming.COMPLAINT)) {
                return List.of();
            }
            Craft sound = posterior.known().sound();
            Optional<CraftLines> lines = CraftLines.onSheet(sound);
            Map<Arming.Reason, Double> active = posterior.beliefs(craft ->
                    Arming.of(lines, craft, Arming.State.ofPilot(craft, true)).shut());
            return Arrays.stream(Arming.Reason.values())
                    .map(reason -> new BlockerBelief(reason.id(), reason.label(), active.getOrDefault(reason, 0.0)))
                    .toList();
        }

        @Override
        public List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight) {
            Optional<CraftLines> lines = CraftLines.onSheet(craft);
            List<Check<Craft>> checks = checks(craft, lines);
            return Stream.concat(
                            Stream.of(ArmingChecks.complaint(lines, checks), DriveChecks.complaint(checks)),
                            Stream.concat(
                                    FlashChecks.complaints(craft, checks).stream(),
                                    VersionChecks.complaints(craft, lines).stream()))
                    .toList();
        }

        @Override
        public List<Requirement> requirements() {
            return SettingsRequirements.ALL;
        }

        @Override
        public List<Instrument> instruments() {
            return WORDS.instruments();
        }

        @Override
        public boolean flashes(Check<Craft> check) {
            return check.id().equals(VersionChecks.OTHER);
        }

        @Override
        public List<Page> pages() {
            return PAGES;
        }
    };

    private SettingsAndFirmware() {}

    private static List<Check<Craft>> checks(Craft craft, Optional<CraftLines> lines) {
        return Stream.of(
                        ArmingChecks.of(craft, lines),
                        DriveChecks.of(craft),
                        FlashChecks.of(craft, lines),
                        VersionChecks.of(craft, lines))
                .flatMap(List::stream)
                .toList();
    }
}
