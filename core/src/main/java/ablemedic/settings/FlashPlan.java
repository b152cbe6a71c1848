package ablemedic.settings;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.family.SharedSteps;
import ablemedic.firmware.Dictionary;
import ablemedic.snapshot.Snapshot;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A flash of another version, before it is done: what becomes of each setting that is not as usual, the steps with
 * where each can stop, and what to try in which order when it does. Steps and remedies are common practice with no
 * source.
 *
 * @param renamed settings that the target names otherwise, with the line to paste there
 * @param lost settings that the target has no name for
 */
public record FlashPlan(List<Renamed> renamed, List<Lost> lost) {
    /** What a settings export said that has another name after. */
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
        private static Step of(Words words) {
            return new Step(
                    words.id(), words.line("do").plain(), words.line("stops").plain(), words.plainSteps("do"));
        }
    }

    /** Something to try when the board is not seen or not written, in this order. */
    public record Remedy(String text, double minutes) {}

    private static final Catalogue WORDS = SettingsAndFirmware.WORDS.catalogue("flash");
    /** What each remedy takes, in their order. */
    private static final List<Double> MINUTES = List.of(1.0, 5.0, 1.0, 8.0, 2.0, 3.0);

    public static final List<Step> STEPS =
            WORDS.entries().stream().map(entry -> Step.of(WORDS.of(entry.id()))).toList();

    public static final List<Remedy> REMEDIES = remedies(SharedSteps.of("bootloader"));

    private static List<Remedy> remedies(List<String> texts) {
        return IntStream.range(0, texts.size())
                .mapToObj(i -> new Remedy(texts.get(i), MINUTES.get(i)))
                .toList();
    }

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
