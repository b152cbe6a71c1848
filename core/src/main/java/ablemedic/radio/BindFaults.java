package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.family.FaultList;
import ablemedic.family.SettingTrouble;

/** The faults that keep a receiver from taking a radio for its own, besides its supply and that it was never bound. */
final class BindFaults {
    static final SettingTrouble<Boolean> MODEL = SettingTrouble.of(LinkSettings.MODEL);
    static final SettingTrouble<Boolean> PROTOCOL = SettingTrouble.of(LinkSettings.PROTOCOL);
    static final SettingTrouble<Integer> RADIO_GENERATION = SettingTrouble.of(LinkSettings.RADIO_GENERATION);
    static final SettingTrouble<Integer> RECEIVER_GENERATION = SettingTrouble.of(LinkSettings.RECEIVER_GENERATION);
    static final SettingTrouble<Boolean> BESIDE = SettingTrouble.of(LinkSettings.BESIDE);

    private BindFaults() {}

    static void addTo(FaultList faults, Craft sound) {
        faults.entered(
                MODEL,
                LinkSettings.MODEL,
                sound,
                "radio-model-other",
                "bound-to-other-model",
                RadioOdds.MODEL,
                was -> false,
                "The radio has another craft's model chosen",
                "Choose this craft's model at the radio",
                1,
                "In the radio's list of models. A receiver that matches models answers to one only: give the model the number that it was bound under.",
                "Move a stick: its bar follows.");
        faults.entered(
                PROTOCOL,
                LinkSettings.PROTOCOL,
                sound,
                "radio-protocol-other",
                "protocol-other",
                RadioOdds.PROTOCOL,
                was -> false,
                "The module is on and speaks another protocol than the receiver",
                "Choose the receiver's protocol at the module",
                2,
                "In the model's settings, its page of modules: internal off, this one on, protocol by the receiver's print. Its lamp comes on.");
        int generation = sound.told(LinkSettings.RADIO_GENERATION);
        if (generation > 1) {
            faults.entered(
                    RADIO_GENERATION,
                    LinkSettings.RADIO_GENERATION,
                    sound,
                    "module-generation-older",
                    "generations-differ",
                    RadioOdds.GENERATION,
                    was -> was - 1,
                    "The module is of generation " + (generation - 1) + ", and the receiver of " + generation,
                    "Update the module to generation " + generation,
                    15,
                    "Both must be of one; the link says no word why. Module by its own tool or card. It may update the receiver in the air: fast lamp, leave both on until it is solid.",
                    sound.told(LinkSettings.BINDS_BY).how());
        }
        int receiver = sound.told(LinkSettings.RECEIVER_GENERATION);
        if (receiver > 1) {
            faults.entered(
                    RECEIVER_GENERATION,
                    LinkSettings.RECEIVER_GENERATION,
                    sound,
                    "receiver-generation-older",
                    "generations-differ",
                    RadioOdds.GENERATION,
                    was -> was - 1,
                    "The receiver is of generation " + (receiver - 1) + ", and the module of " + receiver,
                    "Update the receiver to generation " + receiver,
                    15,
                    "By its own tool, through the board, or in the air from the module; power stays on until its lamp is solid.",
                    sound.told(LinkSettings.BINDS_BY).how());
        }
        faults.entered(
                BESIDE,
                LinkSettings.BESIDE,
                sound,
                "radio-beside",
                "radio-too-close",
                RadioOdds.BESIDE,
                was -> true,
                "The radio stands right beside the receiver and swamps it",
                "Step back with the radio",
                0.5,
                "A metre or two. Then move a stick.");
    }
}
