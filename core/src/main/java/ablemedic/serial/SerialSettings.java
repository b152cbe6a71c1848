package ablemedic.serial;

import ablemedic.craft.AsFormat;
import ablemedic.craft.Craft;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.ModemSettings;
import ablemedic.craft.PortSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.SpokenSettings;
import ablemedic.diagnosis.Fix;
import ablemedic.electrics.Job;
import ablemedic.speciality.SettingTrouble;
import ablemedic.told.Setting;
import ablemedic.wire.Format;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

/** The settings that a serial line hangs on, each with the check that reads it and the fix that enters it. */
final class SerialSettings {
    static final SettingTrouble<Boolean> SOFT = SettingTrouble.of(PortSettings.SOFT);
    static final SettingTrouble<Boolean> TELEMETRY = SettingTrouble.of(PortSettings.TELEMETRY);
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
        for (Job job : Job.values()) {
            make(PortSettings.format(job));
            make(SpokenSettings.format(job));
            make(SpokenSettings.baud(job));
        }
        for (String port : PortSettings.PORTS) {
            make(PortSettings.jobsOf(port));
            make(PortSettings.baud(port));
            make(PortSettings.inversion(port));
            make(PortSettings.oneWire(port));
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

    static SettingTrouble<Format> format(Job job) {
        return of(PortSettings.format(job));
    }

    static SettingTrouble<Optional<Format>> partFormat(Job job) {
        return of(SpokenSettings.format(job));
    }

    static SettingTrouble<Integer> partBaud(Job job) {
        return of(SpokenSettings.baud(job));
    }

    static SettingTrouble<List<Job>> jobs(String port) {
        return of(PortSettings.jobsOf(port));
    }

    static SettingTrouble<Integer> baud(String port) {
        return of(PortSettings.baud(port));
    }

    static SettingTrouble<AsFormat> inversion(String port) {
        return of(PortSettings.inversion(port));
    }

    static SettingTrouble<AsFormat> oneWire(String port) {
        return of(PortSettings.oneWire(port));
    }

    /** The fix that enters a setting of the board as the sound craft has it. */
    static <T> BiFunction<Craft, Craft, List<Fix<Craft>>> entered(
            SettingTrouble<T> trouble, Setting<T> setting, Craft sound, String how) {
        String right = sound.told().said(setting);
        return trouble.entered(
                "set",
                setting.id() + " " + sound.told().written(setting),
                "Set " + setting.label() + ": " + right,
                List.of(how, SettingTrouble.SAVE),
                3);
    }

    /** The same at the radio, a modem or a part, which ask for no restart of the board. */
    static <T> BiFunction<Craft, Craft, List<Fix<Craft>>> elsewhere(
            SettingTrouble<T> trouble, Setting<T> setting, Craft sound, String title, double minutes, String... how) {
        return trouble.entered("set", setting.id() + " " + sound.told().written(setting), title, List.of(how), minutes);
    }
}
