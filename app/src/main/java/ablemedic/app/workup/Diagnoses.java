package ablemedic.app.workup;

import ablemedic.Specialities;
import ablemedic.app.meter.MeterStore;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.electrics.ElectricSheet;
import ablemedic.electrics.Told;
import ablemedic.reading.Meter;
import ablemedic.speciality.Complaint;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The reasoning for each way of wiring a craft, of which the last few are kept with all that they have worked out. */
@Component
public class Diagnoses {
  private static final int KEPT = 6;

  private final MeterStore meters;
  private final Map<Wired, Diagnosis<Craft>> kept = new LinkedHashMap<>(16, 0.75f, true) {
    private static final long serialVersionUID = 1;

    @Override
    protected boolean removeEldestEntry(Map.Entry<Wired, Diagnosis<Craft>> eldest) {
      return size() > KEPT;
    }
  };

  Diagnoses(MeterStore meters) {
    this.meters = meters;
  }

  /** What a book depends on. */
  private record Wired(ElectricSheet sheet, Told told, Meter meter) {}

  /** The reasoning for a sound craft. */
  public synchronized Diagnosis<Craft> of(Craft craft) {
    Meter meter = meters.get();
    return kept.computeIfAbsent(new Wired(craft.electrics().sheet(), craft.electrics().told(), meter),
        w -> new Diagnosis<>(Specialities.book(craft, meter), Assumptions.USUAL));
  }

  /** What an owner of a craft can complain of. */
  public List<Complaint> complaints(Craft craft) {
    return Specialities.complaints(craft, meters.get());
  }
}
