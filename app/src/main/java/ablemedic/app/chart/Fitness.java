package ablemedic.app.chart;

import ablemedic.app.chart.CraftStore.State;

/** What may be said of a craft. It is fit to fly only when nothing is open on it: no ground, no work-up, nothing due. */
public enum Fitness {
  AT_WORK("a work-up is open"), GROUNDED("grounded"), DUE("something is due"), FIT("fit to fly");

  private final String label;

  Fitness(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }

  /**
   * @param open whether a work-up of it is open
   * @param due  whether anything is due on it
   */
  public static Fitness of(State state, boolean open, boolean due) {
    if (open) {
      return AT_WORK;
    }
    if (state == State.GROUNDED) {
      return GROUNDED;
    }
    return due ? DUE : FIT;
  }
}
