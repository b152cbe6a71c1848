package ablemedic.settings;

import ablemedic.configuration.Setting;
import ablemedic.firmware.Dictionary;
import ablemedic.snapshot.Snapshot;
import java.util.ArrayList;
import java.util.List;

/**
 * A flash of another version, before it is done: what becomes of each setting that is not as usual, the steps with
 * where each can stop, and what to try in which order when it does. Steps and remedies are common practice with no
 * source.
 *
 * @param renamed settings that the target names otherwise, with the line to paste there
 * @param lost settings that the target has no name for
 */
public record FlashPlan(List<Renamed> renamed, List<Lost> lost) {
    /** What a listing said that has another name after. */
    public record Renamed(Setting<?> setting, String before, String after) {}

    /**
     * What is gone after.
     *
     * @param value as a person says it
     * @param versions of the target's family that have it; often none
     */
    public record Lost(Setting<?> setting, String value, List<String> versions) {}

    /**
     * A step.
     *
     * @param stops what it means when it stops here
     * @param ways of doing it, where there is more than one
     */
    public record Step(String id, String text, String stops, List<String> ways) {
        Step(String id, String text, String stops) {
            this(id, text, stops, List.of());
        }
    }

    /** Something to try when the board is not seen or not written, in this order. */
    public record Remedy(String text, double minutes) {}

    public static final List<Step> STEPS = List.of(
            new Step(
                    "target",
                    "Note the board's target and the version that is on it now. The wrong target can leave a board that needs its boot pads.",
                    "Without the target do not go on: it stands on the board, in its papers, or in what it says when asked."),
            new Step("settings", "Let the board list all its settings, and keep that here.", "Nothing is lost yet."),
            new Step("props", "Props off. Pack out, unless the board needs it.", "Nothing is lost yet."),
            new Step(
                    "boot",
                    "Bring it to its boot device. Its usual lamp stays dark, and the computer lists something new.",
                    "It still starts as before: nothing is lost. Go through the remedies.",
                    List.of(
                            "By the board's own command: computer joined, tell it to restart into its boot device; the port goes, another device comes.",
                            "By its button or pads: plug out, hold the button or bridge the pads, plug in, let go two seconds after. It is the only way on a board that does not start.")),
            new Step(
                    "write",
                    "Write the version. A full erase takes every setting and calibration; without it something old may be left behind that overrules what is set.",
                    "It does not start any more, and is not lost: the boot device is in the chip for good. Go through the remedies, then write again."),
            new Step(
                    "restart",
                    "Plug out and in: the computer lists the port, and the board says its version.",
                    "Written for another board, or half: the boot device again."),
            new Step(
                    "listed",
                    "Let it list its settings again, keep that here, and put back what got lost.",
                    "It flies with what is usual and not with what this craft needs."),
            new Step(
                    "calibrated",
                    "Calibrate anew what the erase took: level on a flat table, ends of the throttle where it speaks pulses.",
                    "Level off, or motors that start unevenly."),
            new Step(
                    "proven",
                    "Props off: bars follow the sticks, each motor at its corner and its way, then the hover.",
                    "A work-up, with the two listings to begin from."));

    public static final List<Remedy> REMEDIES = List.of(
            new Remedy("A cable that carries data: one that has read another board today", 1),
            new Remedy("The driver of the board's port", 5),
            new Remedy("The boot button or pads held down before the plug goes in, and let go two seconds after", 1),
            new Remedy("The driver of the boot device replaced; it is another than that of the port", 8),
            new Remedy("The same once more: it is often the second try that works", 2),
            new Remedy("Power from the pack, props off: some boards do not start from the computer alone", 3));

    public FlashPlan {
        renamed = List.copyOf(renamed);
        lost = List.copyOf(lost);
    }

    /**
     * @param now what the board lists before
     * @param from through which dictionary
     * @param to that of the version to be written
     */
    public static FlashPlan of(Snapshot now, Dictionary from, Dictionary to) {
        List<Renamed> renamed = new ArrayList<>();
        List<Lost> lost = new ArrayList<>();
        for (Setting<?> setting : now.told().unusual()) {
            if (!now.held().contains(setting)) {
                continue;
            }
            if (!to.names(setting)) {
                lost.add(new Lost(setting, now.told().said(setting), to.family().versionsWith(setting)));
            } else if (to.line(setting, now.told()).isPresent()
                    && !to.line(setting, now.told()).equals(from.line(setting, now.told()))) {
                renamed.add(new Renamed(
                        setting,
                        from.line(setting, now.told()).orElse(setting.label()),
                        to.line(setting, now.told()).orElseThrow()));
            }
        }
        return new FlashPlan(renamed, lost);
    }
}
