package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.craft.LinkSettings;
import ablemedic.electrics.Harm.PoorAntenna;

/**
 * How strong a radio is heard, in dBm, and how far that reaches. Loss in the open is that of ITU-R P.525: 32.44 dB + 20 lg km + 20 lg MHz.
 */
public final class LinkBudget {
  /** What two short antennas add; that of a half-wave dipole is 2.15 dB each, of any textbook. */
  private static final double ANTENNAS_DB = 4.3;
  /** Common practice, no source. */
  private static final double BROKEN_DB = 20;
  private static final double BESIDE_CARBON_DB = 12;
  private static final double WEAK_OUTPUT_DB = 12;

  private LinkBudget() {}

  /** Loss in the open, dB. */
  public static double openLossDb(double metres, double megahertz) {
    return 32.44 + 20 * Math.log10(metres / 1000) + 20 * Math.log10(megahertz);
  }

  /** What a receiver hears of so many milliwatts, dBm, if nothing is wrong. */
  public static double heardDbm(double milliwatts, double metres, double megahertz) {
    return 10 * Math.log10(milliwatts) + ANTENNAS_DB - openLossDb(metres, megahertz);
  }

  /** What a craft loses against one that is as it should be, dB. */
  static double lossDb(Craft craft, String receiver, double soundMilliwatts) {
    double antenna = craft.electrics().poorAntenna(receiver).map(why -> why == PoorAntenna.Why.BROKEN ? BROKEN_DB : BESIDE_CARBON_DB).orElse(0.0);
    return antenna + (craft.told(LinkSettings.OUTPUT) ? 0 : WEAK_OUTPUT_DB) + 10 * Math.log10(soundMilliwatts / craft.told(LinkSettings.POWER));
  }

  /** How far it reaches against before: 20 dB make a tenth. */
  public static double reach(double lossDb) {
    return Math.pow(10, -lossDb / 20);
  }
}
