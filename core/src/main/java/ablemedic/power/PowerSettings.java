package ablemedic.power;

import ablemedic.craft.FcSettings;
import ablemedic.craft.VoltageSource;
import ablemedic.family.SettingTrouble;

/** The settings of power that can be wrong: each with its fault, the check that reads it, and its fix. */
final class PowerSettings {
    static final SettingTrouble<Double> SCALE = SettingTrouble.of(FcSettings.VOLTAGE_SCALE);
    static final SettingTrouble<Integer> CELLS = SettingTrouble.of(FcSettings.CELLS);
    static final SettingTrouble<VoltageSource> SOURCE = SettingTrouble.of(FcSettings.VOLTAGE_SOURCE);
    static final SettingTrouble<Boolean> CURRENT = SettingTrouble.of(FcSettings.CURRENT_READ);
    static final SettingTrouble<Double> CURRENT_SCALE = SettingTrouble.of(FcSettings.CURRENT_SCALE);
    static final SettingTrouble<Double> CURRENT_AT_REST = SettingTrouble.of(FcSettings.CURRENT_AT_REST);

    private PowerSettings() {}
}
