package ablemedic.takeoff;

import ablemedic.craft.FcSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.craft.Tilt;
import ablemedic.family.SettingTrouble;
import java.util.Arrays;
import java.util.List;

/** The settings of take-off that can be wrong: each with its fault, the check that reads it, and its fix. */
final class TakeOffSettings {
    static final SettingTrouble<SpinConvention> SPINS = SettingTrouble.of(FcSettings.SPINS);
    static final SettingTrouble<Rotation> ALIGNMENT = SettingTrouble.of(FcSettings.ALIGNMENT);
    static final SettingTrouble<Tilt> LEVEL = SettingTrouble.of(FcSettings.LEVEL_OFF);
    static final SettingTrouble<Double> GAIN = SettingTrouble.of(FcSettings.GAIN);
    static final SettingTrouble<Double> FILTER = SettingTrouble.of(FcSettings.FILTER);
    static final SettingTrouble<StickOrder> BOARD_ORDER = SettingTrouble.of(FcSettings.STICK_ORDER);
    private static final List<SettingTrouble<Boolean>> SENSES = Arrays.stream(Stick.values())
            .map(stick -> SettingTrouble.of(RadioSettings.reversed(stick)))
            .toList();

    private TakeOffSettings() {}

    static SettingTrouble<Boolean> sense(Stick stick) {
        return SENSES.get(stick.ordinal());
    }
}
