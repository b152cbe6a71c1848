package ablemedic;

import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinSchool;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Reading;
import ablemedic.handbook.Handbook;
import ablemedic.power.Power;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import ablemedic.speciality.Speciality;
import ablemedic.takeoff.TakeOff;
import java.util.List;
import java.util.stream.Stream;

/** All specialities together. */
public final class Specialities {
  private Specialities() {}

  /** All there are, in the order in which an owner thinks of them. A new one is added here and nowhere else. */
  public static final List<Speciality> ALL = List.of(TakeOff.SPECIALITY, Power.SPECIALITY);

  /** All pages of the handbook: those of every speciality, then those that belong to none. */
  public static Handbook handbook() {
    return HANDBOOK;
  }

  /** What is done before the pack goes in, on a craft as it should be. */
  public static List<Check<Craft>> prePowerRoutine(Craft craft, Meter meter) {
    return ALL.stream().flatMap(one -> one.prePowerRoutine(craft, meter).stream()).toList();
  }

  /** Whether the craft came down hard in a check that gave this. */
  public static boolean crashed(Check<Craft> check, Reading reading) {
    return ALL.stream().anyMatch(one -> one.crashed(check, reading));
  }

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

  /** A craft that stands for any whose parts and leads nobody entered. */
  public static Craft anyCraft() {
    return ANY;
  }

  /** What is known of every craft, whatever its parts and leads. */
  public static Book<Craft> bookOfAnyCraft() {
    return book(ANY, Meter.USUAL);
  }

  /** The usual complaint, which every craft can give cause for. */
  public static Complaint usualComplaint() {
    return complaints(ANY, Meter.USUAL).get(0);
  }

  private static final Handbook HANDBOOK = new Handbook(
      Stream.concat(ALL.stream().flatMap(one -> one.pages().stream()), Handbook.general().stream()).toList());

  private static final Craft ANY =
      CraftClass.INCH_5.sound(SpinSchool.INWARD, NumberingSchool.REAR_RIGHT_FIRST, Rotation.NONE);

  /** A label of an outcome in the words of this craft's frame. */
  public static String inWordsOf(Craft craft, String label) {
    return TakeOff.onThisFrame(label, craft);
  }
}
