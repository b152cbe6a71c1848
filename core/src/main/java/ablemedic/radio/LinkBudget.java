package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;

/** What the link of a radio loses on its way, in dB. */
final class LinkBudget {
    /** Common practice, no source. */
    private static final double WEAK_OUTPUT_DB = 12;

    private LinkBudget() {}

    /** What a craft loses against one that is as it should be, dB. */
    static double lossDb(Craft craft, String receiver, double soundMilliwatts) {
        double antenna = craft.electrics().antennaLossDb(receiver);
        return antenna
                + (craft.setting(LinkSettings.OUTPUT) ? 0 : WEAK_OUTPUT_DB)
                + 10 * Math.log10(soundMilliwatts / craft.setting(LinkSettings.POWER));
    }
}
