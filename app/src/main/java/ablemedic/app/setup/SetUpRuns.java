package ablemedic.app.setup;

import ablemedic.Families;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.MotorsSeen;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.Expected;
import ablemedic.app.http.Refusal;
import ablemedic.app.radiooff.RadioOffTests;
import ablemedic.app.routine.Routines;
import ablemedic.app.setup.SetUpStore.Given;
import ablemedic.app.setup.SetUpStore.Run;
import ablemedic.app.setup.SetUps.Standing;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchNeeds.Want;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Proof;
import ablemedic.radio.FailsafeChecks;
import ablemedic.setup.SetUp.Made;
import ablemedic.setup.SetUpOccasion;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records what the steps of a set-up gave, from its beginning to its end. */
@Service
public class SetUpRuns {
    private static final Words SAID = Catalogue.beside(SetUpRuns.class, "words").of("set-up-runs");
    private static final Words REFUSALS =
            Catalogue.beside(SetUpRuns.class, "refusals").of("set-up-runs");
    /** Lines of the log after which nothing that was passed counts any more. */
    private static final Set<String> TOUCHES =
            Set.of("entered", "crash", "part", "opened", "repair", "fix", "flash", "sheet", "snapshot", "bundle");

    private final SetUps setUps;
    private final SetUpStore store;
    private final CraftLog log;
    private final Routines routines;
    private final RadioOffTests radioOff;

    SetUpRuns(SetUps setUps, SetUpStore store, CraftLog log, Routines routines, RadioOffTests radioOff) {
        this.setUps = setUps;
        this.store = store;
        this.log = log;
        this.routines = routines;
        this.radioOff = radioOff;
    }

    public void begin(String craftId, SetUpOccasion occasion, Instant at) {
        List<Given> carried = stillPassed(craftId, occasion);
        store.begin(craftId, occasion, carried, at);
        log.add(
                craftId,
                at,
                "set-up",
                SAID.with("occasion", occasion.label())
                        .with("carried", new Param.Count(carried.size()))
                        .line("begun")
                        .plain(),
                null);
    }

    /** What the last set-up for this occasion passed, where nothing was touched since it was begun. */
    private List<Given> stillPassed(String craftId, SetUpOccasion occasion) {
        return store.ended(craftId).stream()
                .findFirst()
                .filter(last -> last.occasion() == occasion && !isTouchedSince(craftId, last))
                .map(last -> last.given().stream()
                        .filter(given -> given.passed()
                                && last.newest(given.stepId())
                                        .filter(given::equals)
                                        .isPresent())
                        .toList())
                .orElse(List.of());
    }

    /** By the order of the log's lines, whatever the clock said. */
    private boolean isTouchedSince(String craftId, Run run) {
        for (LogEntry line : log.of(craftId)) {
            if (line.kind().equals("set-up") && line.at().equals(run.begunAt())) {
                return false;
            } else if (TOUCHES.contains(line.kind())) {
                return true;
            }
        }
        return true;
    }

    /**
     * The answer to a step, as it was written.
     *
     * @param sure whether the number told was asked back and is right
     */
    public record Answered(
            Map<String, String> outcomes,
            Map<String, String> numbers,
            @Nullable String told,
            boolean sure) {}

    /**
     * Records what a step gave.
     *
     * @throws Refusal where the step is not one of this set-up, must wait for another, or the answer cannot be read
     */
    @Transactional
    public Given give(Run run, String stepId, Answered answered, Instant at) {
        Standing standing = setUps.standing(run, at);
        Made made = standing.setUp().steps().stream()
                .filter(one -> one.id().equals(stepId))
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("step", REFUSALS.with("stepId", stepId), "no-step"));
        waits(standing, made);
        if (standing.waiting().containsKey(made)) {
            throw Refusal.conflict(
                    "step",
                    REFUSALS.with("craft", made.check().title(standing.craft()))
                            .with("made", standing.waiting().get(made)),
                    "waits");
        }
        Check<Craft> asked = made.check();
        Double number = Entered.told(asked, standing.craft(), answered.told(), answered.sure());
        Check<Craft> check = number == null ? asked : asked.told(number);
        Craft craft = standing.craft();
        boolean firstPower = check.needs().usb() == Want.YES
                && setUps.barred(run.craftId(), run.occasion()).routineBeforeUsb();
        if ((check.needs().battery() == Want.YES || firstPower)
                && routines.standing(run.craftId()).state() != ShortTest.PASSED) {
            throw Refusal.conflict("step", REFUSALS.with("craft", check.title(craft)), "power");
        }
        Entered entered = Entered.at(check, answered.outcomes(), answered.numbers());
        if (entered.answersNothing()) {
            throw Refusal.wrong("outcomes", REFUSALS.with("craft", check.title(craft)), "unanswered");
        }
        var reading = entered.reading(check.answers()).orElseThrow();
        if (!reading.isWhole(check.answers())) {
            throw Refusal.wrong("outcomes", REFUSALS.with("craft", check.title(craft)), "every-question");
        }
        Given given = new Given(
                stepId,
                check.id(),
                check.title(craft).plain(),
                Expected.of(check, craft),
                answered.told(),
                entered,
                Proof.asExpected(check, reading, craft),
                at);
        store.add(run, given);
        if (check.id().equals(FailsafeChecks.RADIO_OFF)) {
            RadioOffTests.line(craft, entered)
                    .ifPresent(line -> log.add(run.craftId(), at, line.kind(), line.text(), null));
        }
        if (given.passed() && check.id().equals(MotorsSeen.IS)) {
            log.add(run.craftId(), at, MotorsSeen.PASSED, SAID.line("motors").plain(), null);
        }
        if (given.passed() && check.id().equals(MotorStarts.CHECK)) {
            log.add(run.craftId(), at, MotorStarts.PASSED, SAID.line("starts").plain(), null);
        }
        if (!given.passed()) {
            log.add(
                    run.craftId(),
                    at,
                    Families.crashed(check, reading) ? "crash" : "set-up",
                    SAID.with("check", given.title()).line("not-so").plain(),
                    null);
        }
        return given;
    }

    private static void waits(Standing standing, Made made) {
        standing.waitsFor(made).ifPresent(other -> {
            throw Refusal.conflict(
                    "step",
                    REFUSALS.with("craft", made.check().title(standing.craft()))
                            .with("craft2", other.check().title(standing.craft())),
                    "order");
        });
    }

    @Transactional
    public void end(Run run, String why, Instant at) {
        Standing standing = setUps.standing(run, at);
        int left = standing.order().steps().size() + standing.waiting().size();
        boolean radioOffOpen = standing.setUp().steps().stream()
                        .anyMatch(made -> made.check().id().equals(FailsafeChecks.RADIO_OFF))
                && radioOff.standing(run.craftId()).state() != RadioOffTests.State.PASSED;
        store.end(run, at);
        log.add(
                run.craftId(),
                at,
                "set-up",
                left == 0 && radioOffOpen
                        ? SAID.with("occasion", run.occasion().label())
                                .line("radio-off-open")
                                .plain()
                        : left == 0
                                ? SAID.with("occasion", run.occasion().label())
                                        .line("passed")
                                        .plain()
                                : SAID.with("left", new Param.Count(left))
                                        .with("told", Param.when(!why.isBlank()))
                                        .with("why", why)
                                        .line("ended")
                                        .plain(),
                null);
    }
}
