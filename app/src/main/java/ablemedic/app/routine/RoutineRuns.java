package ablemedic.app.routine;

import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.Records;
import ablemedic.app.entry.Entered;
import ablemedic.app.http.Refusal;
import ablemedic.app.routine.RoutineStore.Read;
import ablemedic.app.routine.RoutineStore.Run;
import ablemedic.app.routine.Routines.Follower;
import ablemedic.app.routine.Routines.Given;
import ablemedic.app.routine.Routines.Judgement;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.family.PrePowerConvention;
import ablemedic.requirement.Expectation;
import ablemedic.requirement.Expectation.Waits;
import ablemedic.requirement.Required;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Records runs of the pre-power checks. */
@Service
public class RoutineRuns {
    private static final Words SAID =
            Catalogue.beside(RoutineRuns.class, "words").of("routine-runs");
    private static final Words REFUSALS =
            Catalogue.beside(RoutineRuns.class, "refusals").of("routine-runs");

    private final Routines routines;
    private final RoutineStore store;
    private final CraftLog log;
    private final Records records;
    private final TransactionTemplate transaction;
    private final ObjectProvider<Follower> followers;

    RoutineRuns(
            Routines routines,
            RoutineStore store,
            CraftLog log,
            Records records,
            TransactionTemplate transaction,
            ObjectProvider<Follower> followers) {
        this.routines = routines;
        this.store = store;
        this.log = log;
        this.records = records;
        this.transaction = transaction;
        this.followers = followers;
    }

    /**
     * Records a run of a convention: a reading for each step up to the first that fails, or for all.
     *
     * @param readings outcomes and number as written, by the id of the step
     * @throws Refusal where a step is left out or a reading cannot be read, and where power would destroy a part
     */
    public Run run(
            String craftId, PrePowerConvention convention, Map<String, Given> readings, double minutes, Instant at) {
        String barred = routines.barred(craftId, false).battery();
        if (!barred.isEmpty()) {
            throw Refusal.conflict("readings", barred);
        }
        Run run = judged(records.of(craftId), convention, readings, minutes, at);
        List<Runnable> following = followers.stream()
                .map(follower -> follower.following(craftId, run))
                .toList();
        transaction.executeWithoutResult(status -> {
            store.add(craftId, run);
            Read last = run.steps().get(run.steps().size() - 1);
            log.add(
                    craftId,
                    at,
                    run.passed() ? "routine" : "routine-failed",
                    run.passed()
                            ? SAID.with("convention", convention.label())
                                    .with("minutes", Math.round(minutes))
                                    .line("passed")
                                    .plain()
                            : SAID.with("step", last.title()).line("failed-at").plain(),
                    null);
            following.forEach(Runnable::run);
        });
        return run;
    }

    private Run judged(
            Required required, PrePowerConvention convention, Map<String, Given> readings, double minutes, Instant at) {
        Craft craft = required.craft();
        List<Read> read = new ArrayList<>();
        boolean passed = true;
        for (Check<Craft> step : routines.steps(craft, convention)) {
            if (!passed) {
                break;
            }
            if (Expectation.of(step, required) instanceof Waits waits) {
                throw Refusal.conflict(
                        "readings." + step.id(),
                        REFUSALS.with("craft", step.title(craft)).with("why", waits.why()),
                        "waits");
            }
            Given given = readings.get(step.id());
            if (given == null) {
                throw Refusal.wrong("readings." + step.id(), REFUSALS.with("craft", step.title(craft)), "left-out");
            }
            Entered entered = Routines.entered(step, craft, given);
            Judgement judgement = Routines.judgement(step, craft, given);
            passed = judgement.passed();
            read.add(new Read(step.id(), step.title(craft).plain(), judgement.said(), entered, passed));
        }
        return new Run(at, passed, minutes, read);
    }
}
