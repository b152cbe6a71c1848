package ablemedic;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.power.Power;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import ablemedic.takeoff.TakeOff;
import java.util.ArrayList;
import java.util.List;

/** All specialities in one book. A new one is added here and nowhere else. */
public final class Specialities {
  private Specialities() {}

  /** Everything known of a craft like this, for a technician with this meter. */
  public static Book<Craft> book(Craft craft, Meter meter) {
    List<Check<Craft>> told = complaints(craft, meter).stream().map(Complaint::seen)
        .filter(seen -> TakeOff.book().check(seen.id()).isEmpty()).toList();
    return TakeOff.book().and(Power.book(craft.electrics(), meter)).and(new Book<>(List.of(), told));
  }

  /** What an owner of a craft like this can complain of, the usual first. */
  public static List<Complaint> complaints(Craft craft, Meter meter) {
    List<Complaint> all = new ArrayList<>(List.of(TakeOff.complaint()));
    all.addAll(Power.complaints(craft.electrics(), meter, TakeOff.hover()));
    return all;
  }

  /** A label of an outcome in the words of this craft's frame. */
  public static String inWordsOf(Craft craft, String label) {
    return TakeOff.onThisFrame(label, craft);
  }
}
