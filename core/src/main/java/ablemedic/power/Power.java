package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Survey;
import ablemedic.electrics.Electrics;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import ablemedic.speciality.Speciality;
import java.util.List;

/** The speciality of power and voltage: what it adds to the book of a craft, which depends on how the craft is wired. */
public final class Power {
  /** The charge, 0 to 1, that a pack at the bench is taken to have. Common practice. */
  static final double BENCH_CHARGE = 0.85;

  public static final Speciality SPECIALITY = new Speciality() {
    @Override
    public String id() {
      return "power";
    }

    @Override
    public Book<Craft> book(Craft craft, Meter meter) {
      return Power.book(craft.electrics(), meter);
    }

    @Override
    public List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight) {
      return Power.complaints(craft.electrics(), meter, flight);
    }
  };

  private Power() {}

  /** The book of a craft wired like this, for a technician with this meter; empty for a craft without a sheet. */
  public static Book<Craft> book(Electrics wired, Meter meter) {
    if (wired.sheet().isEmpty()) {
      return new Book<>(List.of(), List.of());
    }
    Electrics sound = wired.sound();
    List<Survey<Craft>> surveys = List.of(new ProbeSurvey(Probe.Mode.OHMS, sound.wiring(), meter),
        new ProbeSurvey(Probe.Mode.VOLTS, sound.wiring(), meter));
    return new Book<>(PowerFaults.of(sound), PowerChecks.of(sound, meter), surveys);
  }

  /**
   * What an owner can complain of.
   *
   * @param flight the flight that proves what shows only in the air
   */
  public static List<Complaint> complaints(Electrics wired, Meter meter, Check<Craft> flight) {
    return wired.sheet().isEmpty() ? List.of() : PowerComplaints.of(wired, meter, flight);
  }
}
