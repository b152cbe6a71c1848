package ablemedic.settings;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Param;
import ablemedic.configuration.Configuration;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.FirmwareSettings.Image;
import ablemedic.craft.SpokenSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Complaint;
import ablemedic.family.Observer;
import ablemedic.snapshot.ReadBack;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The checks of whether a board starts, and of whether it is still told what it was. Error rates are common practice.
 */
final class FlashChecks {
    static final String STARTS = "board-starts";
    static final String LISTED = "listing-kept";

    private static final Choices COMES_UP = asked(STARTS);
    private static final Choices KEPT = asked(ReadBack.CHECK);

    private FlashChecks() {}

    private static Choices asked(String id) {
        return CheckBuilder.asked(
                SettingsAndFirmware.WORDS.check(id),
                SettingsAndFirmware.WORDS.check(id).outcomes());
    }

    static List<Check<Craft>> of(Craft sound, Optional<CraftLines> lines) {
        CheckList checks = new CheckList();
        checks.ask(SettingsAndFirmware.WORDS.check(STARTS))
                .shows(Facet.of("fc-start", FlashChecks::comesUp), seen -> seen, Observer.READS)
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.5)
                .add();
        checks.ask(SettingsAndFirmware.WORDS.check("boot-held"))
                .shows(
                        Facet.of("bootloader", craft -> craft.setting(SpokenSettings.CABLE) && !isWreck(craft)),
                        answers -> answers ? "boot" : "nothing",
                        Observer.READS)
                .needs(BenchNeeds.COMPUTER)
                .minutes(1)
                .add();
        checks.ask(SettingsAndFirmware.WORDS.check("flashed-target"))
                .shows(
                        Facet.of(
                                "flashed-target",
                                craft -> craft.setting(FirmwareSettings.IMAGE) == Image.OF_ANOTHER_BOARD),
                        (asked, other) -> Categorical.of(asked, other ? 0.1 : 0.75, other ? 0.7 : 0.05, 0.2))
                .minutes(1)
                .add();
        checks.ask(SettingsAndFirmware.WORDS.check(ReadBack.CHECK))
                .shows(Facet.of("settings-differ", craft -> differing(sound, craft)), seen -> seen, Observer.READS)
                .needs(BenchNeeds.COMPUTER)
                .minutes(3)
                .add();
        checks.ask(SettingsAndFirmware.WORDS.check(LISTED))
                .shows(
                        Facet.of("settings-export", craft -> comesUp(craft).equals("starts")),
                        lists -> lists ? "kept" : "none",
                        Observer.READS)
                .needs(BenchNeeds.COMPUTER)
                .minutes(2)
                .exploresNothing()
                .add();
        if (sound.setting(FcSettings.COMPASS)) {
            built(checks, "built-compass").reads(FlashFaults.compassBuilt());
        }
        lines.ifPresent(all -> Arrays.stream(UartFunction.values())
                .filter(job -> FirmwareSettings.canBeLeftOut(job) && all.of(job).isPresent())
                .forEach(job -> built(checks, "built")
                        .id("built-" + job.id())
                        .with("function", Param.written(job.label()))
                        .reads(FlashFaults.built(job))));
        return checks.all();
    }

    private static CheckBuilder built(CheckList checks, String words) {
        return checks.ask(SettingsAndFirmware.WORDS.check(words))
                .kind("read-build")
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.5);
    }

    private static String comesUp(Craft craft) {
        if (isWreck(craft)) {
            return "dark";
        }
        boolean found = craft.setting(SpokenSettings.CABLE) && craft.setting(SpokenSettings.DRIVER);
        return switch (craft.setting(FirmwareSettings.IMAGE)) {
            case WHOLE -> found ? "starts" : "lamp";
            case HALF -> craft.setting(SpokenSettings.CABLE) ? "boot" : "dark";
            case OF_ANOTHER_BOARD -> "dark";
        };
    }

    private static boolean isWreck(Craft craft) {
        return craft.electrics()
                .sheet()
                .flightBoard()
                .filter(board -> craft.electrics().drawTimes(board.id()) == 0)
                .isPresent();
    }

    /**
     * Whether nearly all that the board was told is gone; not of a craft that is told so little that nobody would see
     * it.
     */
    static boolean isAsNew(Craft sound, Craft craft) {
        return FirmwareSettings.starts(craft) && differing(sound, craft).equals("all");
    }

    private static String differing(Craft sound, Craft craft) {
        if (!FirmwareSettings.starts(craft)) {
            return "all";
        }
        List<Configuration.Difference> differences = sound.configuration().differencesTo(craft.configuration()).stream()
                .filter(one -> ReadBack.isOfBoard(one.setting()))
                .toList();
        return ReadBack.howMany(differences.size(), sound);
    }

    /** One setting that changed is seldom noticed as such; what it does is another complaint. */
    private static Categorical noticed(String differing) {
        return differing.equals("one")
                ? Categorical.of(KEPT, 0.72, 0.24, 0.02, 0.02)
                : Categorical.expecting(KEPT, differing, Observer.TELLS.slips());
    }

    static List<Complaint> complaints(Craft sound, List<Check<Craft>> checks) {
        return List.of(
                Complaint.told(
                        "settings-odd",
                        SettingsAndFirmware.WORDS.complaint("settings-odd").title(),
                        KEPT,
                        from(Facet.of("settings-odd", craft -> differing(sound, craft)), FlashChecks::noticed),
                        Optional.of(Chosen.of("none")),
                        proof(checks, ReadBack.CHECK)),
                Complaint.told(
                        "flash-failed",
                        SettingsAndFirmware.WORDS.complaint("flash-failed").title(),
                        COMES_UP,
                        from(
                                Facet.of("fc-start-told", FlashChecks::comesUp),
                                seen -> Categorical.expecting(COMES_UP, seen, Observer.TELLS.slips())),
                        Optional.of(Chosen.of("starts")),
                        proof(checks, STARTS)));
    }

    private static List<Check<Craft>> proof(List<Check<Craft>> checks, String id) {
        return List.of(checks.stream()
                .filter(check -> check.id().equals(id))
                .findFirst()
                .orElseThrow());
    }
}
