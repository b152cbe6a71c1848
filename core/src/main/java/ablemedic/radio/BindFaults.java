package ablemedic.radio;

import ablemedic.catalogue.Param;
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
        faults.add(Radio.WORDS.fault("bound-to-other-model"))
                .id("radio-model-other")
                .sets(MODEL, sound, was -> false)
                .prior(RadioOdds.MODEL)
                .fix("set", 1);
        faults.add(Radio.WORDS.fault("protocol-other"))
                .id("radio-protocol-other")
                .sets(PROTOCOL, sound, was -> false)
                .prior(RadioOdds.PROTOCOL)
                .fix("set", 2);
        generation(faults, sound, "module-generation-older", RADIO_GENERATION);
        generation(faults, sound, "receiver-generation-older", RECEIVER_GENERATION);
        faults.add(Radio.WORDS.fault("radio-too-close"))
                .id("radio-beside")
                .sets(BESIDE, sound, was -> true)
                .prior(RadioOdds.BESIDE)
                .fix("set", 0.5);
    }

    private static void generation(FaultList faults, Craft sound, String id, SettingTrouble<Integer> trouble) {
        int right = sound.setting(trouble.setting());
        if (right > 1) {
            faults.add(Radio.WORDS.fault(id))
                    .kind("generations-differ")
                    .sets(trouble, sound, was -> was - 1)
                    .prior(RadioOdds.GENERATION)
                    .with("right", Param.whole(right, ""))
                    .with("older", Param.whole(right - 1, ""))
                    .with(
                            "bind",
                            Param.written(sound.setting(LinkSettings.BINDS_BY).how()))
                    .fix("set", 15);
        }
    }
}
