package ablemedic.app.chart;

import ablemedic.app.chart.CraftStore.State;

/** What may be said of a craft. It is fit to fly only when nothing is open on it: no ground, no work-up, no routine. */
public enum Fitness {
  AT_WORK, GROUNDED, ROUTINE_DUE, FIT;

  /**
   * @param open     whether a work-up of it is open
   * @param passed whether the last word on its pre-power routine is that it was passed
   */
  public static Fitness of(State state, boolean open, boolean passed) {
    if (open) {
      return AT_WORK;
    }
    if (state == State.GROUNDED) {
      return GROUNDED;
    }
    return passed ? FIT : ROUTINE_DUE;
  }
}
