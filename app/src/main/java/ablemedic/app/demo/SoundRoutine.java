package ablemedic.app.demo;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.entry.Entered;
import ablemedic.app.routine.RoutineRuns;
import ablemedic.app.routine.Routines;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.family.PrePowerConvention;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Pre-power checks on which everything is as it should be. */
@Component
class SoundRoutine {
    private final RoutineRuns runs;
    private final CraftStore crafts;
    private final Routines routines;

    SoundRoutine(CraftStore crafts, Routines routines, RoutineRuns runs) {
        this.runs = runs;
        this.crafts = crafts;
        this.routines = routines;
    }

    void run(String craftId, Instant at) {
        Craft craft = crafts.newestCraft(craftId);
        Map<String, Routines.Given> readings = new HashMap<>();
        for (Check<Craft> step : routines.steps(craft, PrePowerConvention.FULL)) {
            SoundAnswers given = SoundAnswers.of(step, craft);
            readings.put(
                    step.id(),
                    new Routines.Given(given.outcomes(), given.numbers().get(Entered.ONLY), null));
        }
        runs.run(craftId, PrePowerConvention.FULL, readings, 9, at);
    }
}
