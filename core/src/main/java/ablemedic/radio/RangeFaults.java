package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.family.FaultList;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import ablemedic.wiring.Defect.PoorAntenna;
import java.util.List;

/** The faults that shorten the range of a radio link. */
final class RangeFaults {
    static final SettingTrouble<Double> POWER = SettingTrouble.of(LinkSettings.POWER);
    static final SettingTrouble<Boolean> OUTPUT = SettingTrouble.of(LinkSettings.OUTPUT);

    private RangeFaults() {}

    static void addTo(FaultList faults, Craft sound, RadioChain chain) {
        chain.receiver().ifPresent(line -> {
            antenna(
                    faults,
                    line.part().id(),
                    line.label(),
                    "broken",
                    PoorAntenna.Why.BROKEN,
                    RadioOdds.ANTENNA_BROKEN,
                    " is broken off, or its plug is",
                    "Fit a new antenna to the ",
                    "Pack out. Its plug snaps on; a sleeve of heat shrink keeps it there. Strength before and after, from the same place.",
                    10);
            antenna(
                    faults,
                    line.part().id(),
                    line.label(),
                    "hidden",
                    PoorAntenna.Why.BESIDE_CARBON,
                    RadioOdds.ANTENNA_HIDDEN,
                    " lies along carbon or the pack's leads",
                    "Bring the antenna into the open: ",
                    "Its live end away from carbon, leads and the video transmitter; two antennas at a right angle.",
                    8);
        });
        double power = sound.told(LinkSettings.POWER);
        if (power >= 20) {
            faults.entered(
                    POWER,
                    LinkSettings.POWER,
                    sound,
                    "radio-power-low",
                    "radio-power-low",
                    RadioOdds.POWER_LOW,
                    was -> was / 10,
                    "The module sends with " + Math.round(power / 10) + " mW instead of " + Math.round(power),
                    "Set the module's power to " + Math.round(power) + " mW",
                    1,
                    "In the radio's menu of the module, as far as the law of the place and your licence allow.");
        }
        faults.entered(
                OUTPUT,
                LinkSettings.OUTPUT,
                sound,
                "radio-output-weak",
                "radio-output-weak",
                RadioOdds.OUTPUT_WEAK,
                was -> false,
                "The output stage of the radio has weakened",
                "Have the radio's module replaced",
                30,
                "Switched on without its antenna now and then, a module sends weaker ever after. Look at its antenna and plug first.");
    }

    private static void antenna(
            FaultList faults,
            String part,
            String label,
            String id,
            PoorAntenna.Why why,
            Odds odds,
            String words,
            String title,
            String how,
            double minutes) {
        faults.harmed(
                "antenna-" + id + "-" + part,
                "antenna-" + id,
                "antenna " + part,
                odds,
                "The antenna of the " + label + words,
                e -> e.with(new PoorAntenna(part, why)),
                (sound, faulty) -> List.of(new Fix<>(
                        "put-right",
                        "antenna of " + part + " " + id,
                        title + label,
                        List.of(how),
                        List.of(new Value(
                                "antenna of the " + label,
                                why == PoorAntenna.Why.BROKEN ? "broken" : "hidden",
                                "whole and free")),
                        minutes,
                        craft -> craft.electrics()
                                        .poorAntenna(part)
                                        .filter(why::equals)
                                        .isPresent()
                                ? craft.withElectrics(craft.electrics().without(PoorAntenna.slot(part)))
                                : craft)));
    }
}
