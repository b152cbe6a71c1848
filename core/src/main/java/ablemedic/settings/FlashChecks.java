package ablemedic.settings;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.configuration.Configuration;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.FirmwareSettings.Image;
import ablemedic.craft.SpokenSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.Complaint;
import ablemedic.family.CraftCheck;
import ablemedic.snapshot.ReadBack;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The checks of whether a board starts, and of whether it is still told what it was. Error rates are common practice.
 */
final class FlashChecks {
    static final String STARTS = "board-starts";
    static final String LISTED = "listing-kept";

    private static final double MISREAD = 0.05;
    private static final double TOLD_WRONG = 0.08;

    private static final Choices COMES_UP = Choices.of(
            "What does the board do when the computer is plugged in?",
            List.of(
                    new Outcome("starts", "it starts as usual and answers"),
                    new Outcome("lamp", "its usual lamp comes on, and the computer does not find it"),
                    new Outcome("boot", "its lamp stays dark; something that the computer does not know is listed"),
                    new Outcome("dark", "nothing at all")));
    private static final Choices KEPT = Choices.of(
            "How much is not as it was?",
            List.of(
                    new Outcome("none", "nothing"),
                    new Outcome("one", "one thing"),
                    new Outcome("some", "a few"),
                    new Outcome("all", "nearly everything")));

    private FlashChecks() {}

    static List<Check<Craft>> of(Craft sound, Optional<CraftLines> lines) {
        List<Check<Craft>> checks = new ArrayList<>();
        checks.add(new CraftCheck(
                STARTS,
                "board-starts",
                c -> "Plug the computer in: does the board start?",
                c -> "Pack out. Its usual lamp and tone, and what the computer lists within ten seconds.",
                COMES_UP,
                from(
                        Facet.of("how the board comes up", FlashChecks::comesUp),
                        seen -> Categorical.expecting(COMES_UP, seen, MISREAD)),
                0.5,
                0,
                BenchNeeds.COMPUTER,
                true));
        Choices boot = Choices.of(
                "What is listed?",
                List.of(
                        new Outcome("boot", "its boot device"),
                        new Outcome("usual", "the board as usual"),
                        new Outcome("nothing", "nothing new")));
        checks.add(new CraftCheck(
                "boot-held",
                "boot-held",
                c -> "Hold the boot button or pads while the plug goes in",
                c -> "Pack out. Hold it down before the plug goes in, let go two seconds after. "
                        + "A chip that lists its boot device is not lost.",
                boot,
                from(
                        Facet.of(
                                "boot device",
                                craft -> craft.told(SpokenSettings.CABLE) && !isWreck(craft) ? "boot" : "nothing"),
                        seen -> Categorical.expecting(boot, seen, MISREAD)),
                1,
                0,
                BenchNeeds.COMPUTER,
                true));
        Choices target = Choices.of(
                "Are they the same?",
                List.of(
                        new Outcome("same", "yes"),
                        new Outcome("other", "no"),
                        new Outcome("unknown", "nobody knows any more")));
        checks.add(new CraftCheck(
                "flashed-target",
                "flashed-target",
                c -> "Is what was flashed for this very board?",
                c -> "The target on the board or in its papers, against the file that was written.",
                target,
                from(
                        Facet.of(
                                "target of what was flashed",
                                craft -> craft.told(FirmwareSettings.IMAGE) == Image.OF_ANOTHER_BOARD),
                        other -> Categorical.of(target, other ? 0.1 : 0.75, other ? 0.7 : 0.05, 0.2)),
                1,
                0,
                BenchNeeds.NOTHING,
                true));
        checks.add(new CraftCheck(
                ReadBack.CHECK,
                "read-back",
                c -> "Read the settings back against the sheet",
                c -> "Let the board list its settings, and drop them on this check; or go over its pages. "
                        + "Computer joined, after a restart.",
                KEPT,
                from(
                        Facet.of("settings that are not as on the sheet", craft -> differing(sound, craft)),
                        seen -> Categorical.expecting(KEPT, seen, MISREAD)),
                3,
                0,
                BenchNeeds.COMPUTER,
                true));
        Choices kept = Choices.of(
                "Is it kept?",
                List.of(new Outcome("kept", "yes, on the chart"), new Outcome("none", "the board lists nothing")));
        checks.add(new CraftCheck(
                LISTED,
                "listing-kept",
                c -> "Let the board list its settings, and keep the list",
                c ->
                        "Computer joined: its whole list as text, dropped on the chart under Snapshots. Before anything is changed.",
                kept,
                from(
                        Facet.of("whether it lists its settings", craft -> comesUp(craft)
                                .equals("starts")),
                        lists -> Categorical.expecting(kept, lists ? "kept" : "none", MISREAD)),
                2,
                0,
                BenchNeeds.COMPUTER,
                false));
        if (sound.told(FcSettings.COMPASS)) {
            checks.add(FlashFaults.compassBuilt()
                    .read(
                            "built-compass",
                            "read-build",
                            "Does the FC have settings of a compass at all?",
                            "A build that leaves it out has no page and no setting of it.",
                            0.5));
        }
        lines.ifPresent(all -> Arrays.stream(UartFunction.values())
                .filter(job -> FirmwareSettings.canBeLeftOut(job) && all.of(job).isPresent())
                .forEach(job -> checks.add(FlashFaults.built(job)
                        .read(
                                "built-" + job.id(),
                                "read-build",
                                "Does the board have settings of " + job.label() + " at all?",
                                "A build that leaves it out has no page and no setting of it.",
                                0.5))));
        return List.copyOf(checks);
    }

    private static String comesUp(Craft craft) {
        if (isWreck(craft)) {
            return "dark";
        }
        boolean found = craft.told(SpokenSettings.CABLE) && craft.told(SpokenSettings.DRIVER);
        return switch (craft.told(FirmwareSettings.IMAGE)) {
            case WHOLE -> found ? "starts" : "lamp";
            case HALF -> craft.told(SpokenSettings.CABLE) ? "boot" : "dark";
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
        List<Configuration.Difference> differences = sound.told().differencesTo(craft.told()).stream()
                .filter(one -> ReadBack.isOfBoard(one.setting()))
                .toList();
        return ReadBack.howMany(differences.size(), sound);
    }

    /** One setting that changed is seldom noticed as such; what it does is another complaint. */
    private static Categorical noticed(String differing) {
        return differing.equals("one")
                ? Categorical.of(KEPT, 0.72, 0.24, 0.02, 0.02)
                : Categorical.expecting(KEPT, differing, TOLD_WRONG);
    }

    static List<Complaint> complaints(Craft sound, List<Check<Craft>> checks) {
        return List.of(
                Complaint.told(
                        "settings-odd",
                        "Settings are gone or odd",
                        KEPT,
                        from(
                                Facet.of("settings told to be odd", craft -> differing(sound, craft)),
                                FlashChecks::noticed),
                        Optional.of(Chosen.of("none")),
                        proof(checks, ReadBack.CHECK)),
                Complaint.told(
                        "flash-failed",
                        "A flash failed, or the board is dead after it",
                        COMES_UP,
                        from(
                                Facet.of("how the board comes up, told", FlashChecks::comesUp),
                                seen -> Categorical.expecting(COMES_UP, seen, TOLD_WRONG)),
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
