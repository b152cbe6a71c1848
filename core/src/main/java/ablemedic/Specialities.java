package ablemedic;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.takeoff.TakeOff;

/** All specialities in one book. A new one is added here and nowhere else. */
public final class Specialities {
  private Specialities() {}

  public static Book<Craft> book() {
    return TakeOff.book();
  }

  /** The check whose reading opens a work-up. */
  public static Check<Craft> complaint() {
    return TakeOff.seen();
  }

  /** The check that ends every proof. */
  public static Check<Craft> flight() {
    return TakeOff.hover();
  }

  /** The outcome of {@link #flight()} that proves a craft. */
  public static String flies() {
    return TakeOff.flies();
  }

  /** A label of an outcome in the words of this craft's frame. */
  public static String inWordsOf(Craft craft, String label) {
    return TakeOff.onThisFrame(label, craft);
  }
}
