package ablemedic.app.workup;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.PowerMap;
import ablemedic.app.routine.Routines;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Posterior;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The wire and power map of a craft, with what its pre-power checks and its open work-up have shown. */
@Component
class WorkUpMaps {
    private final WorkUps workUps;
    private final CraftStore crafts;
    private final WireKnowledge wires;
    private final Routines routines;

    WorkUpMaps(WorkUps workUps, CraftStore crafts, WireKnowledge wires, Routines routines) {
        this.workUps = workUps;
        this.crafts = crafts;
        this.wires = wires;
        this.routines = routines;
    }

    /** The map in a work-up; nothing where no wiring is entered. */
    @Nullable
    PowerMap of(WorkUp workUp, Posterior<Craft> posterior) {
        Craft sound = workUp.known().sound();
        return sound.electrics().sheet().isEmpty()
                ? null
                : PowerMap.of(
                        sound.electrics().wiring(),
                        wires.states(workUp.routine(), sound, Optional.of(workUp), Optional.of(posterior)));
    }

    /** The map of a craft, with what its open work-up knows where it has one. */
    PowerMap of(String craftId, Optional<Long> open) {
        if (open.isPresent()) {
            WorkUp workUp = workUps.get(open.get());
            PowerMap map = of(workUp, workUps.diagnosis(workUp).posterior(workUp.known()));
            if (map != null) {
                return map;
            }
        }
        Craft craft = crafts.newestCraft(craftId);
        return PowerMap.of(
                craft.electrics().wiring(),
                wires.states(routines.standing(craftId), craft, Optional.empty(), Optional.empty()));
    }
}
