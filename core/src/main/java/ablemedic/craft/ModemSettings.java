package ablemedic.craft;

import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm.Count;
import java.util.List;
import java.util.Optional;

/** What the two modems and the ground station of a telemetry link can be told. */
public final class ModemSettings {
    private static final String LINK = "telemetry-link";
    private static final Count RATE = new Count(1_200, 1_000_000, n -> Optional.of(n + " baud"));

    /** Bits a second between the modems. */
    public static final Setting<Integer> AIR =
            SettingWords.setting(Device.MODEM_ON_CRAFT, LINK, "modem-air-rate", 64_000, RATE);
    /** Whether they decode downwards only, for range. */
    public static final Setting<Boolean> ONE_WAY =
            SettingWords.setting(Device.MODEM_ON_CRAFT, LINK, "modem-one-way", false, UartSettings.onOff());
    /** Whether the modem on the craft waits for lines that say it may send. */
    public static final Setting<Boolean> FLOW =
            SettingWords.setting(Device.MODEM_ON_CRAFT, LINK, "modem-flow", false, UartSettings.onOff());
    /** Whether both modems know one another as they are set now. */
    public static final Setting<Boolean> PAIRED = SettingWords.setting(
            Device.MODEM_ON_CRAFT, LINK, "modem-paired", true, SettingWords.choice("modem-paired", true, "yes", "no"));
    /** Bits a second from the ground modem to the ground station. */
    public static final Setting<Integer> GROUND =
            SettingWords.setting(Device.MODEM_ON_GROUND, LINK, "ground-modem-rate", 57_600, RATE);
    /** Bits a second that the ground station is told. */
    public static final Setting<Integer> STATION =
            SettingWords.setting(Device.COMPUTER, LINK, "ground-station-rate", 57_600, RATE);
    /** What the board sends, bytes a second. */
    public static final Setting<Integer> BYTES = SettingWords.setting(
            Device.FLIGHT_BOARD,
            LINK,
            "telemetry-bytes",
            800,
            new Count(1, 100_000, n -> Optional.of(n + " bytes a second")));

    /** All of them, in the order of the way down. */
    public static final List<Setting<?>> ALL = List.of(BYTES, AIR, ONE_WAY, FLOW, PAIRED, GROUND, STATION);

    private ModemSettings() {}
}
