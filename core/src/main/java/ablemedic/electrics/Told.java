package ablemedic.electrics;

/**
 * What the board was told of its pack and sensors.
 *
 * @param source       where it takes the pack's voltage from
 * @param scale        pad voltage over converter voltage that it reckons with, greater than 0
 * @param cells        how many it takes the pack to have; 0 to guess at plug-in
 * @param current      whether it reads a current sensor
 * @param currentScale current that it reckons for each real ampere, 1 is right
 * @param currentAtRestA what it reckons when none flows, amperes, 0 is right
 */
public record Told(Source source, double scale, int cells, boolean current, double currentScale,
    double currentAtRestA) {

  /** Where the pack's voltage comes from. */
  public enum Source {
    DIVIDER("the board's own divider"), CONTROLLERS("the speed controllers' telemetry"), NONE("none");

    private final String label;

    Source(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** A board with a divider of ten to one that guesses the cells. */
  public static final Told USUAL = new Told(Source.DIVIDER, 11, 0, true, 1, 0);

  public Told {
    require(scale > 0 && scale <= 1000, "scale", "a scale is greater than 0 and at most 1000, not " + scale);
    require(cells >= 0 && cells <= 14, "cells", "cells are 1 to 14, or 0 to guess at plug-in, not " + cells);
    require(currentScale > 0 && currentScale <= 100, "currentScale",
        "a current scale is greater than 0 and at most 100, not " + currentScale);
    require(Math.abs(currentAtRestA) <= 100, "currentAtRestA", "the current at rest lies within 100 A");
  }

  public Told withSource(Source other) {
    return new Told(other, scale, cells, current, currentScale, currentAtRestA);
  }

  public Told withScale(double other) {
    return new Told(source, other, cells, current, currentScale, currentAtRestA);
  }

  public Told withCells(int other) {
    return new Told(source, scale, other, current, currentScale, currentAtRestA);
  }

  public Told withCurrent(boolean other) {
    return new Told(source, scale, cells, other, currentScale, currentAtRestA);
  }

  public Told withCurrentScale(double other) {
    return new Told(source, scale, cells, current, other, currentAtRestA);
  }

  public Told withCurrentAtRest(double other) {
    return new Told(source, scale, cells, current, currentScale, other);
  }

  private static void require(boolean holds, String where, String right) {
    if (!holds) {
      throw new UnusableSheetException("told." + where, right);
    }
  }
}
