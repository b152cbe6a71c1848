package ablemedic.settings;

import ablemedic.configuration.Configuration;
import ablemedic.configuration.Device;
import ablemedic.craft.Craft;
import ablemedic.craft.FirmwareSettings;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.wiring.UartFunction;
import java.util.EnumSet;
import java.util.Set;

/**
 * What a craft would do again on another version of its firmware, with all else as it is. What no version mends is not
 * here, such as a wire that broke while the board was flashed.
 *
 * @param sound whether nothing at all is amiss
 * @param starts whether the board starts as it is
 * @param asNew whether nearly all of the board's settings are as new
 * @param lost jobs that work on another version and not on this one
 * @param flaky jobs that come and go on any version, which is easily taken for the version
 */
record VersionEffect(boolean sound, boolean starts, boolean asNew, Set<UartFunction> lost, Set<UartFunction> flaky) {
    VersionEffect {
        lost = Set.copyOf(lost);
        flaky = Set.copyOf(flaky);
    }

    static VersionEffect of(CraftLines lines, Craft sound, Craft craft) {
        Craft elsewhere = craft.with(
                craft.configuration().taking(setting -> setting.device() == Device.FIRMWARE, Configuration.USUAL));
        Set<UartFunction> lost = EnumSet.noneOf(UartFunction.class);
        Set<UartFunction> flaky = EnumSet.noneOf(UartFunction.class);
        for (CraftLine line : lines.joined()) {
            Reach there = works(lines, line, elsewhere);
            if (there == Reach.FLAKY) {
                flaky.add(line.job());
            } else if (there == Reach.GOOD && works(lines, line, craft) == Reach.NONE) {
                lost.add(line.job());
            }
        }
        if (lines.isShared() && CraftLines.telemetryOn(elsewhere) && !CraftLines.telemetryOn(craft)) {
            lost.add(UartFunction.TELEMETRY);
        }
        return new VersionEffect(
                craft.equals(sound), FirmwareSettings.starts(craft), FlashChecks.isAsNew(sound, craft), lost, flaky);
    }

    /** Whether another version does what this one does not. */
    boolean mended() {
        return !starts || asNew || !lost.isEmpty();
    }

    /** Whether something comes and goes that no version mends. */
    boolean onlyFlaky() {
        return !mended() && !flaky.isEmpty();
    }

    /** A line works when both ends hear what they need; telemetry of one way is only spoken. */
    private static Reach works(CraftLines lines, CraftLine line, Craft craft) {
        CraftLines.Now now = lines.now(line, craft, false);
        if (line.job() == UartFunction.TELEMETRY) {
            return now.spoken();
        }
        return line.sends().isPresent() ? now.heard() : now.spoken();
    }
}
