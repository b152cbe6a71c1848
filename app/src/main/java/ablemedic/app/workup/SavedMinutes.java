package ablemedic.app.workup;

import ablemedic.Specialities;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.FixedOrder;
import ablemedic.diagnosis.Fault;
import ablemedic.speciality.Speciality;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What the workshop's own work-ups took to find their causes, beside the fixed order of the same checks. */
@Service
class SavedMinutes {
  /** The newest; older ones say little of how the workshop works now. */
  private static final int MOST = 60;

  private final WorkUpStore store;
  private final WorkUps workUps;

  SavedMinutes(WorkUpStore store, WorkUps workUps) {
    this.store = store;
    this.workUps = workUps;
  }

  /**
   * One work-up that was solved.
   *
   * @param tookMinutes  of checks until the cause was put right
   * @param fixedMinutes of the checks of its family, in their order, until one would have shown it
   */
  record Saved(long workUpId, String mark, String cause, double tookMinutes, double fixedMinutes) {}

  List<Saved> all() {
    List<Saved> all = new ArrayList<>();
    for (Opened one : store.newest(MOST)) {
      if (!one.isOpen()) {
        try {
          saved(workUps.get(one.id())).ifPresent(all::add);
        } catch (UnreadableRecordException e) {
          // The bench names what cannot be read.
        }
      }
    }
    return all;
  }

  private static Optional<Saved> saved(WorkUp workUp) {
    Case<Craft> known = workUp.known();
    if (!workUp.opened().ended().equals(End.SOLVED.label()) || known.repairs().isEmpty()) {
      return Optional.empty();
    }
    Fault<Craft> fault = known.repairs().get(known.repairs().size() - 1).fault();
    return family(fault).flatMap(family -> FixedOrder.minutes(workUp.book().checks().stream()
            .filter(check -> family.pages().stream().anyMatch(page -> page.id().equals(check.kind()))).toList(), known.sound(), fault))
        .map(fixed -> new Saved(workUp.opened().id(), workUp.opened().mark(), fault.describe(known.sound()), FixedOrder.took(known), fixed));
  }

  private static Optional<Speciality> family(Fault<Craft> fault) {
    return Specialities.ALL.stream().filter(one -> one.pages().stream().anyMatch(page -> page.id().equals(fault.kind()))).findFirst();
  }
}
