package ablemedic.serial;

import ablemedic.configuration.Setting;
import ablemedic.craft.AsFormat;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.ModemSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.UartSettings;
import ablemedic.family.SettingTrouble;
import ablemedic.protocol.Format;
import ablemedic.wiring.UartFunction;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The settings that a serial line hangs on, each with the check that reads it and the fix that enters it. */
final class SerialSettings {
    static final SettingTrouble<Boolean> SOFT = SettingTrouble.of(UartSettings.SOFT);
    static final SettingTrouble<Boolean> TELEMETRY = SettingTrouble.of(UartSettings.TELEMETRY);
    static final SettingTrouble<Boolean> RADIO_TELEMETRY = SettingTrouble.of(RadioSettings.TELEMETRY);
    static final SettingTrouble<Boolean> SENSORS = SettingTrouble.of(RadioSettings.SENSORS);
    static final SettingTrouble<Boolean> MODULE = SettingTrouble.of(RadioSettings.MODULE);
    static final SettingTrouble<Boolean> BOUND = SettingTrouble.of(RadioSettings.BOUND);
    static final SettingTrouble<Boolean> VERSION = SettingTrouble.of(FirmwareSettings.TELEMETRY_WORKS);
    static final SettingTrouble<Boolean> SOFT_BUILT = SettingTrouble.of(FirmwareSettings.SOFT_BUILT);
    static final SettingTrouble<Boolean> STALE = SettingTrouble.of(FirmwareSettings.STALE);
    static final SettingTrouble<Integer> GNSS_HZ = SettingTrouble.of(SpokenSettings.GNSS_HZ);
    static final SettingTrouble<Boolean> CABLE = SettingTrouble.of(SpokenSettings.CABLE);
    static final SettingTrouble<Boolean> DRIVER = SettingTrouble.of(SpokenSettings.DRIVER);
    static final SettingTrouble<Boolean> ONE_WAY = SettingTrouble.of(ModemSettings.ONE_WAY);
    static final SettingTrouble<Boolean> FLOW = SettingTrouble.of(ModemSettings.FLOW);
    static final SettingTrouble<Boolean> PAIRED = SettingTrouble.of(ModemSettings.PAIRED);
    static final SettingTrouble<Integer> GROUND = SettingTrouble.of(ModemSettings.GROUND);
    static final SettingTrouble<Integer> STATION = SettingTrouble.of(ModemSettings.STATION);
    static final SettingTrouble<Integer> BYTES = SettingTrouble.of(ModemSettings.BYTES);

    private static final Map<Setting<?>, SettingTrouble<?>> MADE = new HashMap<>();

    static {
        for (UartFunction job : UartFunction.values()) {
            make(UartSettings.format(job));
            make(SpokenSettings.format(job));
            make(SpokenSettings.baud(job));
        }
        for (String uart : UartSettings.UARTS) {
            make(UartSettings.jobsOf(uart));
            make(UartSettings.baud(uart));
            make(UartSettings.inversion(uart));
            make(UartSettings.oneWire(uart));
        }
    }

    private SerialSettings() {}

    private static void make(Setting<?> setting) {
        MADE.put(setting, SettingTrouble.of(setting));
    }

    @SuppressWarnings("unchecked")
    private static <T> SettingTrouble<T> of(Setting<T> setting) {
        return (SettingTrouble<T>) MADE.get(setting);
    }

    static SettingTrouble<Format> format(UartFunction job) {
        return of(UartSettings.format(job));
    }

    static SettingTrouble<Optional<Format>> partFormat(UartFunction job) {
        return of(SpokenSettings.format(job));
    }

    static SettingTrouble<Integer> partBaud(UartFunction job) {
        return of(SpokenSettings.baud(job));
    }

    static SettingTrouble<List<UartFunction>> jobs(String uart) {
        return of(UartSettings.jobsOf(uart));
    }

    static SettingTrouble<Integer> baud(String uart) {
        return of(UartSettings.baud(uart));
    }

    static SettingTrouble<AsFormat> inversion(String uart) {
        return of(UartSettings.inversion(uart));
    }

    static SettingTrouble<AsFormat> oneWire(String uart) {
        return of(UartSettings.oneWire(uart));
    }
}
