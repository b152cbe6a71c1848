package ablemedic.radio;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.handbook.Handbook.Page;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import ablemedic.speciality.Instrument;
import ablemedic.speciality.Speciality;
import java.util.List;

/** The speciality of radio, modes and failsafe: what it works out of sticks, bars and frames. */
public final class Radio {
  public static final Speciality SPECIALITY = new Speciality() {
    @Override
    public String id() {
      return "radio";
    }

    @Override
    public String title() {
      return "Radio and failsafe";
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
      return List.of(
          new Instrument("channel-order", "Channel order",
              "Move a stick, press the bar that moved: the order to enter, the sticks to reverse, what does not fit."),
          new Instrument("failsafe-timeline", "Failsafe timeline",
              "A link lost in flight, second by second: who notices when, what is done, how far and how hard. Two schools side by side."),
          new Instrument("trim-and-travel", "Trim and travel",
              "Where the bars stand in the middle and at their ends: what to set at the radio, stick by stick."),
          new Instrument("frame-time", "Frame rate and latency",
              "How long a frame of channels takes, and how old a stick is when the board has heard of it."));
    }

    @Override
    public List<Page> pages() {
      return List.of();
    }
  };

  private Radio() {}
}
