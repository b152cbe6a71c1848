package ablemedic.app.workup;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.routine.RoutineStore;
import ablemedic.app.routine.Routines;
import ablemedic.app.workup.WorkUpEvent.BenchSet;
import ablemedic.app.workup.WorkUpEvent.Found;
import ablemedic.app.workup.WorkUpStore.Opened;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Sureness;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a run of the pre-power checks says in the open work-up of its craft. */
@Service
class FollowRoutine implements Routines.Follower {
    private final WorkUpStore store;
    private final WorkUps workUps;
    private final CraftLog log;

    FollowRoutine(WorkUpStore store, WorkUps workUps, CraftLog log) {
        this.store = store;
        this.workUps = workUps;
        this.log = log;
    }

    /**
     * A run of the routine on a craft with an open work-up counts there: its result for the bench, its readings as
     * found.
     */
    @Override
    public Runnable following(String craftId, RoutineStore.Run run) {
        Optional<Opened> opened = store.openOf(craftId);
        if (opened.isEmpty()) {
            return () -> {};
        }
        WorkUp workUp = workUps.get(opened.get().id());
        Draft.Builder draft = Draft.on(workUp, run.at());
        found(workUp.book(), run).forEach(draft::add);
        BenchState bench = workUp.bench();
        draft.add(new BenchSet(
                new BenchState(
                        bench.propsOn() && !run.passed(),
                        false,
                        bench.limiterIn(),
                        bench.usbIn(),
                        bench.antennaOn(),
                        bench.radioOn(),
                        false,
                        run.passed() ? ShortTest.PASSED : ShortTest.FAILED),
                "",
                log.newest(craftId)));
        Draft made = draft.done();
        return () -> store.add(workUp.opened().id(), made.version(), made.events());
    }

    /** The readings of a routine that are checks of the craft's book too. */
    static List<WorkUpEvent> found(Book<Craft> book, RoutineStore.Run run) {
        return run.steps().stream()
                .filter(read -> book.check(read.checkId()).isPresent())
                .<WorkUpEvent>map(read -> new Found(read.checkId(), null, read.entered(), Sureness.SURE))
                .toList();
    }
}
