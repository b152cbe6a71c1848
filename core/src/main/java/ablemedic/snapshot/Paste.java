package ablemedic.snapshot;

import ablemedic.craft.Craft;
import ablemedic.firmware.Dictionary;
import ablemedic.told.Device;
import ablemedic.told.Setting;
import ablemedic.told.Told;
import java.util.List;

/** What to paste into a board so that it is told what it should be. */
public final class Paste {
    private Paste() {}

    /**
     * A line for each setting of the board that a fix changes, by the names of a version, and a remark for each that
     * cannot be pasted; empty where the fix changes no setting of the board.
     */
    public static String of(Craft faulty, Craft fixed, Dictionary names) {
        List<Setting<?>> changed = faulty.told().differencesTo(fixed.told()).stream()
                .<Setting<?>>map(Told.Difference::setting)
                .filter(setting -> setting.device() == Device.FLIGHT_BOARD)
                .toList();
        if (changed.isEmpty()) {
            return "";
        }
        StringBuilder text = new StringBuilder("# for " + names.family().label() + " " + names.version() + "\n");
        for (Setting<?> setting : changed) {
            text.append(names.line(setting, fixed.told())
                            .orElseGet(() -> "# by hand: " + setting.label() + " to be "
                                    + fixed.told().said(setting) + "; " + PutBack.why(setting, names)))
                    .append('\n');
        }
        return text.toString();
    }
}
