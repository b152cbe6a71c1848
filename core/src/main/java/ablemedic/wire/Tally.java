package ablemedic.wire;

/** Counts frames, and how often the sound ones came. */
final class Tally {
  private long good;
  private long bad;
  private double firstS;
  private double lastS;

  void good(double timeS) {
    firstS = good == 0 ? timeS : firstS;
    lastS = timeS;
    good++;
  }

  void bad() {
    bad++;
  }

  long goods() {
    return good;
  }

  long bads() {
    return bad;
  }

  double ratePerS() {
    return good > 1 && lastS > firstS ? (good - 1) / (lastS - firstS) : 0;
  }
}
