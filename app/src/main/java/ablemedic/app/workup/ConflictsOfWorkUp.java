package ablemedic.app.workup;

import ablemedic.app.chart.ConflictView;
import ablemedic.app.workup.WorkUpView.WorkUpConflict;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Posterior;
import ablemedic.requirement.Conflict;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What of the record of a craft can't be right together, with what its work-up believes of it. */
final class ConflictsOfWorkUp {
    private ConflictsOfWorkUp() {}

    static List<WorkUpConflict> of(WorkUp workUp, Posterior<Craft> posterior) {
        Set<String> apart =
                posterior.apart().stream().map(one -> one.leading().id()).collect(Collectors.toSet());
        return workUp.required().conflicts().stream()
                .map(one -> new WorkUpConflict(
                        ConflictView.of(one),
                        posterior.everHeld(one.id()),
                        apart.contains(one.id()),
                        workUp.isFixed(one.id()),
                        likeliest(one, posterior)))
                .toList();
    }

    private static int likeliest(Conflict conflict, Posterior<Craft> posterior) {
        double rest = 1 - posterior.everHeld(conflict.id());
        int best = 1;
        double most = rest;
        for (int way = 1; way < conflict.ways().size(); way++) {
            most -= posterior.everHeld(conflict.id() + "-otherwise-" + way);
        }
        for (int way = 1; way < conflict.ways().size(); way++) {
            double belief = posterior.everHeld(conflict.id() + "-otherwise-" + way);
            if (belief > most) {
                most = belief;
                best = way + 1;
            }
        }
        return best;
    }
}
