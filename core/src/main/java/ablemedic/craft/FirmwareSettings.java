package ablemedic.craft;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What stands in the FC's memory: whether it starts at all, and what its build holds. */
public final class FirmwareSettings {
    private static final String VERSION = "version";
    /** Jobs that a build can leave out to save room. */
    private static final List<UartFunction> LEFT_OUT =
            List.of(UartFunction.GNSS, UartFunction.DISPLAY, UartFunction.VIDEO_CONTROL);

    private static final Map<UartFunction, Setting<Boolean>> BUILT = new EnumMap<>(UartFunction.class);

    static {
        LEFT_OUT.forEach(job -> BUILT.put(
                job,
                yesNo(
                        "version-" + job.id(),
                        SettingWords.of("version-function", job.label()),
                        true,
                        "built-in",
                        "left-out")));
    }

    /** What a flash left in the board. */
    public enum Image {
        WHOLE,
        HALF,
        OF_ANOTHER_BOARD;

        public String label() {
            return Names.of(this);
        }
    }

    /** What the last flash left. */
    public static final Setting<Image> IMAGE = SettingWords.setting(
            Device.FIRMWARE, VERSION, "version-image", Image.WHOLE, Choice.of(Image.class, Image::label));
    /** Whether this version's telemetry works on this board. */
    public static final Setting<Boolean> TELEMETRY_WORKS = yesNo("version-telemetry", true, "works", "broken");
    /** Whether this version makes UARTs out of plain pins on this board. */
    public static final Setting<Boolean> SOFT_BUILT = yesNo("version-soft-serial", true, "there", "missing");
    /** Whether the build can read a compass. */
    public static final Setting<Boolean> COMPASS_BUILT = yesNo("version-compass", true, "built-in", "left-out");
    /** Whether something that an older version left behind overrules what is set for the UARTs. */
    public static final Setting<Boolean> STALE = yesNo("left-behind", false, "some", "none");

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = all();

    private FirmwareSettings() {}

    private static List<Setting<?>> all() {
        List<Setting<?>> all = new ArrayList<>(List.of(IMAGE, TELEMETRY_WORKS, SOFT_BUILT, COMPASS_BUILT));
        LEFT_OUT.forEach(job -> all.add(BUILT.get(job)));
        all.add(STALE);
        return List.copyOf(all);
    }

    /** Whether the board starts with what stands in its memory. */
    public static boolean starts(Craft craft) {
        return craft.setting(IMAGE) == Image.WHOLE;
    }

    /** Whether a build can leave a job out. */
    public static boolean canBeLeftOut(UartFunction job) {
        return BUILT.containsKey(job);
    }

    /** Whether the build holds what a job needs; it always does where none leaves it out. */
    public static boolean holds(Craft craft, UartFunction job) {
        return !canBeLeftOut(job) || craft.setting(BUILT.get(job));
    }

    /** Whether a compass that is used can be read; so it is where none is used. */
    public static boolean readsCompass(Craft craft) {
        return !craft.setting(FcSettings.COMPASS) || craft.setting(COMPASS_BUILT);
    }

    /** Whether a job that can be left out is built in. */
    public static Setting<Boolean> built(UartFunction job) {
        return BUILT.get(job);
    }

    private static Setting<Boolean> yesNo(String id, boolean usual, String yes, String no) {
        return yesNo(id, SettingWords.of(id), usual, yes, no);
    }

    private static Setting<Boolean> yesNo(String id, Words words, boolean usual, String yes, String no) {
        return SettingWords.setting(
                Device.FIRMWARE, VERSION, id, words, usual, SettingWords.choice(words, usual, yes, no));
    }
}
