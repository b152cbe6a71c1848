package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Evidence.Finding;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.FixedOrder;
import ablemedic.diagnosis.Proof;
import ablemedic.family.Family;
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
     * @param tookMinutes of checks until the cause was put right
     * @param fixedMinutes of the checks of its family, in their order, until what was seen fits its remedy alone
     */
    record Saved(long workUpId, String craftId, String cause, double tookMinutes, double fixedMinutes) {}

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
        if (!workUp.opened().ended().equals(End.SOLVED.label())
                || known.repairs().isEmpty()) {
            return Optional.empty();
        }
        Fault<Craft> fault = known.repairs().get(known.repairs().size() - 1).fault();
        return family(fault)
                .map(family -> new Saved(
                        workUp.opened().id(),
                        workUp.opened().craftId(),
                        fault.describe(known.sound()).plain(),
                        FixedOrder.took(known),
                        FixedOrder.minutes(
                                workUp.book().checks().stream()
                                        .filter(check -> isOf(family, check.kind()))
                                        .toList(),
                                known.sound(),
                                fault,
                                suspects(workUp))));
    }

    /** The faults that give cause to what was told when it was opened. */
    private static List<Fault<Craft>> suspects(WorkUp workUp) {
        Craft sound = workUp.known().sound();
        List<Check<Craft>> told = workUp.known().evidence().stream()
                .filter(Finding.class::isInstance)
                .map(one -> ((Finding<Craft>) one).check())
                .filter(check -> check.kind().equals("told") || check.id().equals("seen"))
                .toList();
        return workUp.book().faults().stream()
                .filter(fault -> told.isEmpty()
                        || told.stream().anyMatch(check -> !Proof.expected(check, fault.applyTo(sound))
                                .equals(Proof.expected(check, sound))))
                .toList();
    }

    private static boolean isOf(Family family, String kind) {
        return family.pages().stream().anyMatch(page -> page.id().equals(kind));
    }

    private static Optional<Family> family(Fault<Craft> fault) {
        return Families.ALL.stream().filter(one -> isOf(one, fault.kind())).findFirst();
    }
}
