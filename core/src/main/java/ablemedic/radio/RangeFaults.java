package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.family.AntennaDefect;
import ablemedic.family.FaultList;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import ablemedic.uart.CraftLine;
import ablemedic.wiring.Part;

/** The faults that shorten the range of a radio link. */
final class RangeFaults {
    static final SettingTrouble<Double> POWER = SettingTrouble.of(LinkSettings.POWER);
    static final SettingTrouble<Boolean> OUTPUT = SettingTrouble.of(LinkSettings.OUTPUT);

    private RangeFaults() {}

    static void addTo(FaultList faults, Craft sound, RadioChain chain) {
        chain.receiver().ifPresent(line -> {
            antenna(faults, line, "antenna-broken", AntennaDefect.Why.BROKEN, RadioOdds.ANTENNA_BROKEN, 10);
            antenna(faults, line, "antenna-hidden", AntennaDefect.Why.BESIDE_CARBON, RadioOdds.ANTENNA_HIDDEN, 8);
        });
        double power = sound.setting(LinkSettings.POWER);
        if (power >= 20) {
            faults.add(Radio.WORDS.fault("radio-power-low"))
                    .sets(POWER, sound, was -> was / 10)
                    .prior(RadioOdds.POWER_LOW)
                    .with("low", Param.whole(Math.round(power / 10), ""))
                    .with("right", Param.whole(Math.round(power), ""))
                    .fix("set", 1);
        }
        faults.add(Radio.WORDS.fault("radio-output-weak"))
                .sets(OUTPUT, sound, was -> false)
                .prior(RadioOdds.OUTPUT_WEAK)
                .fix("set", 30);
    }

    private static void antenna(
            FaultList faults, CraftLine line, String kind, AntennaDefect.Why why, Odds prior, double minutes) {
        Part part = line.part();
        String how = kind.substring("antenna-".length());
        faults.add(Radio.WORDS.fault(kind))
                .at(part)
                .with("part", Param.part(part.id(), line.label()))
                .site("antenna " + part.id())
                .remedy("antenna of " + part.id() + " " + how)
                .prior(prior)
                .defect(new AntennaDefect(part.id(), why))
                .fix("put-right", minutes);
    }
}
