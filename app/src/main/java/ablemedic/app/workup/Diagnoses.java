package ablemedic.app.workup;

import ablemedic.Specialities;
import ablemedic.app.meter.MeterStore;
import ablemedic.app.storage.Recent;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.electrics.ElectricSheet;
import ablemedic.reading.Meter;
import ablemedic.snapshot.ListingCheck;
import ablemedic.speciality.Complaint;
import ablemedic.told.Told;
import java.util.List;
import org.springframework.stereotype.Component;

/** The reasoning for each way of wiring a craft, of which the last few are kept with all that they have worked out. */
@Component
public class Diagnoses {
  private static final int KEPT = 12;

  private final MeterStore meters;
  private final Recent<Wired, Diagnosis<Craft>> kept = new Recent<>(KEPT);

  Diagnoses(MeterStore meters) {
    this.meters = meters;
  }

  /** What a book depends on. */
  private record Wired(ElectricSheet sheet, Told told, Meter meter, boolean listed, List<String> otherwise) {}

  /** The reasoning for a sound craft. */
  public Diagnosis<Craft> of(Craft craft) {
    return of(craft, false, List.of());
  }

  /**
   * The reasoning for a sound craft.
   *
   * @param otherwise what the listings that a work-up took have otherwise than the sheet
   * @param listed whether its board lists its settings and they can be read here, so that the plan may ask for a listing
   */
  public Diagnosis<Craft> of(Craft craft, boolean listed, List<Fault<Craft>> otherwise) {
    return kept.of(new Wired(craft.electrics().sheet(), craft.told(), meters.get(), listed, otherwise.stream().map(fault -> fault.id() + fault.describe(craft)).toList()), wired -> {
      Book<Craft> book = Specialities.book(craft, wired.meter()).and(new Book<>(otherwise, List.of()));
      return new Diagnosis<>(listed ? book.and(new Book<>(List.of(), List.of(ListingCheck.planned(craft, book.faults())))) : book, Assumptions.USUAL);
    });
  }

  /** What an owner of a craft can complain of. */
  public List<Complaint> complaints(Craft craft) {
    return Specialities.complaints(craft, meters.get());
  }
}
