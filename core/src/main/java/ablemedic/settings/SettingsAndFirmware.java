package ablemedic.settings;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import ablemedic.speciality.Instrument;
import ablemedic.speciality.Speciality;
import java.util.List;

/** What the family of settings and firmware is made of. Its faults are those of the families whose settings they are. */
public final class SettingsAndFirmware {
  public static final Speciality SPECIALITY = new Speciality() {
    @Override
    public String id() {
      return "settings";
    }

    @Override
    public String title() {
      return "Settings and firmware";
    }

    @Override
    public Book<Craft> book(Craft craft, Meter meter) {
      return new Book<>(List.of(), List.of());
    }

    @Override
    public List<Complaint> complaints(Craft craft, Meter meter, Check<Craft> flight) {
      return List.of();
    }

    @Override
    public List<Instrument> instruments() {
      return List.of(new Instrument("version-search", "Which version broke it",
          "It works on one version and not on another: which to try next, how many trials are left, and when it is found, though a trial may mislead."),
          new Instrument("motor-protocols", "Motor protocols",
              "What board and controllers both speak, whether the ends of the throttle must be set, and the idle that starts every motor."));
    }

    @Override
    public List<Page> pages() {
      return List.of();
    }
  };

  private SettingsAndFirmware() {}
}
