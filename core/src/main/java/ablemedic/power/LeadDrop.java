package ablemedic.power;

import ablemedic.electrics.Gauge;

/**
 * Voltage lost in a lead there and back, and the power that heats it.
 *
 * @param ohms  of both wires, ohms
 * @param dropV volts
 * @param watts heat
 */
public record LeadDrop(double ohms, double dropV, double watts) {

  /**
   * U = I·R with R of two copper wires (IEC 60028) of a gauge (ASTM B258).
   *
   * @param lengthMm of the lead one way, millimetres, greater than 0
   * @param amps     amperes, 0 or more
   * @param celsius  temperature of the copper
   */
  public static LeadDrop of(Gauge gauge, double lengthMm, double amps, double celsius) {
    double ohms = 2 * gauge.ohmsPerM(celsius) * lengthMm / 1000;
    return new LeadDrop(ohms, amps * ohms, amps * amps * ohms);
  }

  /** The thinnest gauge that keeps the drop at or below a number of volts, from 0 to 36; 0 where none does. */
  public static Gauge thinnest(double lengthMm, double amps, double celsius, double mostV) {
    for (int awg = 36; awg > 0; awg--) {
      Gauge gauge = new Gauge(awg);
      if (of(gauge, lengthMm, amps, celsius).dropV() <= mostV) {
        return gauge;
      }
    }
    return new Gauge(0);
  }
}
