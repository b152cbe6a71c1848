package ablemedic;

import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinSchool;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.power.Power;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import ablemedic.speciality.Speciality;
import ablemedic.takeoff.TakeOff;
import java.util.List;

/** All specialities in one book. A new one is added here and nowhere else. */
public final class Specialities {
  private Specialities() {}

  /** All there are, in the order in which an owner thinks of them. A new one is added here and nowhere else. */
  public static final List<Speciality> ALL = List.of(TakeOff.SPECIALITY, Power.SPECIALITY);

  /** Everything known of a craft like this, for a technician with this meter. */
  public static Book<Craft> book(Craft craft, Meter meter) {
    Book<Craft> all = new Book<>(List.of(), List.of());
    for (Speciality one : ALL) {
      all = all.and(one.book(craft, meter));
    }
    Book<Craft> known = all;
    List<Check<Craft>> told = complaints(craft, meter).stream().map(Complaint::seen)
        .filter(seen -> known.check(seen.id()).isEmpty()).toList();
    return all.and(new Book<>(List.of(), told));
  }

  /** What an owner of a craft like this can complain of, the usual first. */
  public static List<Complaint> complaints(Craft craft, Meter meter) {
    Check<Craft> flight = ALL.stream().flatMap(one -> one.flight().stream()).findFirst().orElseThrow();
    return ALL.stream().flatMap(one -> one.complaints(craft, meter, flight).stream()).toList();
  }

  /** What is known of every craft, whatever its parts and leads. */
  public static Book<Craft> bookOfAnyCraft() {
    return book(ANY, Meter.USUAL);
  }

  /** The usual complaint, which every craft can give cause for. */
  public static Complaint usualComplaint() {
    return complaints(ANY, Meter.USUAL).get(0);
  }

  private static final Craft ANY =
      CraftClass.INCH_5.sound(SpinSchool.INWARD, NumberingSchool.REAR_RIGHT_FIRST, Rotation.NONE);

  /** A label of an outcome in the words of this craft's frame. */
  public static String inWordsOf(Craft craft, String label) {
    return TakeOff.onThisFrame(label, craft);
  }
}
