package ablemedic.craft;

import ablemedic.catalogue.Names;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.configuration.ValueForm.Count;
import java.util.List;
import java.util.Optional;

/** What camera, transmitter, goggles and board are told of the picture. */
public final class VideoSettings {
    private static final String VIDEO = "video";
    /** The ends of all tables of channels that are met. */
    public static final int LOWEST_MHZ = 5300;

    public static final int HIGHEST_MHZ = 5950;

    /** What the transmitter sends on. */
    public static final Setting<Integer> CHANNEL = megahertz(Device.VIDEO_TRANSMITTER, "video-channel");
    /** What it sends with, where it is not in pit mode. */
    public static final Setting<Integer> POWER = SettingWords.setting(
            Device.VIDEO_TRANSMITTER, VIDEO, "video-power", 25, new Count(1, 2000, n -> Optional.of(n + " mW")));
    /** Next to no power, for the pits of a race or the bench. */
    public static final Setting<Boolean> PIT = yesNo(Device.VIDEO_TRANSMITTER, "video-pit", false, "off", "on");
    /**
     * How many powers the board's table has; it must have as many as the transmitter, else the board asks for what
     * there is not.
     */
    public static final Setting<Integer> LEVELS = SettingWords.setting(
            Device.FLIGHT_BOARD, VIDEO, "video-levels", 0, SettingWords.count(SettingWords.of("video-levels"), 8, ""));
    /** Whether all items lie inside what the goggles show. */
    public static final Setting<Boolean> INSIDE = yesNo(Device.DISPLAY, "screen-items", true, "inside", "outside");
    /** Fields a second of the camera. */
    public static final Setting<Fields> CAMERA_FIELDS = SettingWords.setting(
            Device.CAMERA, VIDEO, "camera-fields", Fields.FIFTY, Choice.of(Fields.class, Fields::label));
    /** Fields a second that figures are drawn for. */
    public static final Setting<Fields> FIGURES_FIELDS = SettingWords.setting(
            Device.FLIGHT_BOARD, VIDEO, "figures-fields", Fields.FIFTY, Choice.of(Fields.class, Fields::label));
    /** What the goggles listen to. */
    public static final Setting<Integer> GOGGLES_CHANNEL = megahertz(Device.GOGGLES, "goggles-channel");
    /** Whether the goggles show what their receiver hears. */
    public static final Setting<Boolean> GOGGLES_INPUT = yesNo(Device.GOGGLES, "goggles-input", true, "air", "other");
    /** Whether the receiver of the goggles hears anything. */
    public static final Setting<Boolean> GOGGLES_HEAR =
            yesNo(Device.GOGGLES, "goggles-receiver", true, "whole", "deaf");
    /** Whether air unit and goggles know one another. */
    public static final Setting<Boolean> GOGGLES_BOUND = yesNo(Device.GOGGLES, "goggles-bound", true, "bound", "not");
    /** Whether the goggles are set for this sort of air unit. */
    public static final Setting<Boolean> GOGGLES_UNIT = yesNo(Device.GOGGLES, "goggles-unit", true, "this", "other");
    /** Whether the air unit has the data of the camera that is on it. */
    public static final Setting<Boolean> CAMERA_PAIRED =
            yesNo(Device.VIDEO_TRANSMITTER, "camera-paired", true, "paired", "not");

    /** All of them, in the order in which a person goes over them. */
    public static final List<Setting<?>> ALL = List.of(
            CAMERA_FIELDS,
            FIGURES_FIELDS,
            INSIDE,
            CHANNEL,
            POWER,
            PIT,
            LEVELS,
            CAMERA_PAIRED,
            GOGGLES_INPUT,
            GOGGLES_HEAR,
            GOGGLES_CHANNEL,
            GOGGLES_UNIT,
            GOGGLES_BOUND);

    private VideoSettings() {}

    /** How many fields an analog picture has a second. */
    public enum Fields {
        FIFTY,
        SIXTY;

        public String label() {
            return Names.of(this);
        }

        public Fields other() {
            return this == FIFTY ? SIXTY : FIFTY;
        }
    }

    private static Setting<Integer> megahertz(Device device, String id) {
        return SettingWords.setting(
                device, VIDEO, id, 5800, new Count(LOWEST_MHZ, HIGHEST_MHZ, n -> Optional.of(n + " MHz")));
    }

    private static Setting<Boolean> yesNo(Device device, String id, boolean usual, String usualId, String otherId) {
        ValueForm<Boolean> form = SettingWords.choice(id, usual, usual ? usualId : otherId, usual ? otherId : usualId);
        return SettingWords.setting(device, VIDEO, id, usual, form);
    }
}
