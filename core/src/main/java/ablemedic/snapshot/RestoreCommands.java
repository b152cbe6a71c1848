package ablemedic.snapshot;

import ablemedic.catalogue.Param;
import ablemedic.configuration.Configuration;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.firmware.Dictionary;
import java.util.List;

/** What to paste into a board so that it is told what it should be. */
public final class RestoreCommands {
    private RestoreCommands() {}

    /**
     * A line for each setting of the board that a fix changes, by the names of a version, and a remark for each that
     * cannot be pasted; empty where the fix changes no setting of the board.
     */
    public static String of(Craft faulty, Craft fixed, Dictionary names) {
        List<Setting<?>> changed = faulty.configuration().differencesTo(fixed.configuration()).stream()
                .<Setting<?>>map(Configuration.Difference::setting)
                .filter(setting -> setting.device() == Device.FLIGHT_BOARD)
                .toList();
        if (changed.isEmpty()) {
            return "";
        }
        StringBuilder text = new StringBuilder(RestoreCommand.header(names));
        for (Setting<?> setting : changed) {
            text.append(names.line(setting, fixed.configuration()).orElseGet(() -> SnapshotWords.of("restore")
                            .with("setting", Param.written(setting.label()))
                            .with("right", Param.written(fixed.configuration().said(setting)))
                            .with("why", RestoreCommand.why(setting, names))
                            .line("by-hand-fix")
                            .plain()))
                    .append('\n');
        }
        return text.toString();
    }
}
