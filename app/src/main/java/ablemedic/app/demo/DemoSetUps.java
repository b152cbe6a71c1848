package ablemedic.app.demo;

import ablemedic.app.demo.DemoScript.DemoSetUp;
import ablemedic.app.setup.SetUpRuns;
import ablemedic.app.setup.SetUpStore;
import ablemedic.app.setup.SetUps;
import ablemedic.setup.SetUpOrder;
import java.time.Instant;
import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The set-ups of the demo that are under way. */
@Component
@Order(5)
class DemoSetUps implements DemoPart {
    private final SetUpRuns runs;
    private final SetUps setUps;
    private final SetUpStore store;

    DemoSetUps(SetUps setUps, SetUpStore store, SetUpRuns runs) {
        this.runs = runs;
        this.setUps = setUps;
        this.store = store;
    }

    @Override
    public List<Happened> of(DemoScript script, Instant now) {
        return script.setUps().stream()
                .map(setUp -> {
                    Instant begun = DemoPart.ago(now, setUp.daysAgo());
                    return new Happened(begun, () -> settingUp(setUp, begun));
                })
                .toList();
    }

    private void settingUp(DemoSetUp demo, Instant begun) {
        runs.begin(demo.craftId(), demo.occasion(), begun);
        Instant at = begun;
        for (int n = 0; n < demo.steps(); n++) {
            SetUps.Standing standing =
                    setUps.standing(store.open(demo.craftId()).orElseThrow(), at);
            SetUpOrder.Placed next = standing.order().steps().get(0);
            at = at.plusSeconds(Math.round(next.minutes() * 60));
            SoundAnswers given = SoundAnswers.of(next.made().check(), standing.craft());
            runs.give(
                    standing.run(),
                    next.made().id(),
                    new SetUpRuns.Answered(given.outcomes(), given.numbers(), given.told(), false),
                    at);
        }
    }
}
