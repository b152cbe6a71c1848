package ablemedic.app.setup;

import ablemedic.Families;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftLog.LogEntry;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.Due;
import ablemedic.app.chart.MotorsSeen;
import ablemedic.app.chart.Records;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.Expected;
import ablemedic.app.http.Refusal;
import ablemedic.app.meter.MeterStore;
import ablemedic.app.radiooff.RadioOffTests;
import ablemedic.app.routine.Routines;
import ablemedic.app.setup.SetUpStore.Given;
import ablemedic.app.setup.SetUpStore.Run;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchNeeds.Want;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Proof;
import ablemedic.radio.FailsafeChecks;
import ablemedic.requirement.Expectation;
import ablemedic.requirement.Expectation.Waits;
import ablemedic.requirement.Required;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.setup.SetUp;
import ablemedic.setup.SetUp.Made;
import ablemedic.setup.SetUpOccasion;
import ablemedic.setup.SetUpOrder;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Set-ups of the crafts: what is still to be made and in which order, and what a step gave. */
@Service
public class SetUps implements Due.Source {
    private static final Words SAID = Catalogue.beside(SetUps.class, "words").of("set-ups");
    private static final Words REFUSALS =
            Catalogue.beside(SetUps.class, "refusals").of("set-ups");
    /** Lines of the log after which nothing that was passed counts any more. */
    private static final Set<String> TOUCHES =
            Set.of("entered", "crash", "part", "opened", "repair", "fix", "flash", "sheet", "snapshot", "bundle");

    /** After so long the battery is out, the craft on the shelf, and the next sitting begins as at intake. */
    private static final Duration BREAK = Duration.ofHours(2);

    private final SetUpStore store;
    private final CraftStore crafts;
    private final CraftLog log;
    private final MeterStore meters;
    private final Routines routines;
    private final Records records;
    private final MotorsSeen motors;
    private final RadioOffTests radioOff;

    SetUps(
            SetUpStore store,
            CraftStore crafts,
            CraftLog log,
            MeterStore meters,
            Routines routines,
            Records records,
            MotorsSeen motors,
            RadioOffTests radioOff) {
        this.records = records;
        this.motors = motors;
        this.radioOff = radioOff;
        this.store = store;
        this.crafts = crafts;
        this.log = log;
        this.meters = meters;
        this.routines = routines;
    }

    /**
     * A set-up as it stands.
     *
     * @param required what the craft should be
     * @param order of what is still to be made and can be
     * @param waiting steps that wait for something else than another step, each with why
     */
    public record Standing(Run run, Required required, SetUp setUp, SetUpOrder order, Map<Made, String> waiting) {
        public Standing {
            waiting = Collections.unmodifiableMap(new LinkedHashMap<>(waiting));
        }

        /** The craft as required. */
        public Craft craft() {
            return required.craft();
        }

        /** A step that is still to be made before another; nothing where that one is ready. */
        Optional<Made> waitsFor(Made made) {
            return order.steps().stream()
                    .map(SetUpOrder.Placed::made)
                    .filter(other -> !other.equals(made) && made.comesAfter(other))
                    .findFirst();
        }
    }

    @Override
    public Optional<Due> of(String mark) {
        return store.open(mark)
                .map(run -> new Due("set-up", "begun, " + run.occasion().label(), "set-up"));
    }

    @Override
    public int place() {
        return 0;
    }

    /** How a set-up would be: what it makes and leaves out, and how long that takes. */
    public SetUp composed(String mark, SetUpOccasion occasion) {
        return SetUp.of(Families.book(records.of(mark).craft(), meters.get()), occasion);
    }

    /** The order on a craft as it comes in. */
    public SetUpOrder ordered(String mark, SetUpOccasion occasion, List<Made> todo) {
        BenchState bench = withRoutine(mark, BenchState.AT_INTAKE);
        Barred barred = barred(mark, occasion);
        return SetUpOrder.of(
                todo.stream()
                        .filter(made -> BenchRoute.from(bench, made.check().needs(), barred)
                                .isPresent())
                        .toList(),
                bench,
                barred);
    }

    private Barred barred(String mark, SetUpOccasion occasion) {
        return routines.barred(mark, occasion == SetUpOccasion.BUILD);
    }

    /** The pre-power routine counts where it was passed and is not due. */
    private BenchState withRoutine(String mark, BenchState bench) {
        return bench.with(routines.standing(mark).state() == ShortTest.PASSED ? ShortTest.PASSED : ShortTest.NOT_DONE);
    }

    /** @param at the moment it is looked at: after a while nobody knows any more how the bench was left */
    public Standing standing(Run run, Instant at) {
        SetUp setUp = composed(run.mark(), run.occasion());
        Required required = records.of(run.mark());
        BenchState bench = withRoutine(run.mark(), left(run, setUp, at));
        Barred barred = barred(run.mark(), run.occasion());
        Map<Made, String> waiting = new LinkedHashMap<>();
        setUp.steps().stream()
                .filter(made -> !run.hasPassed(made.id()))
                .forEach(made -> waits(made, run, required, bench, barred).ifPresent(why -> waiting.put(made, why)));
        boolean more = true;
        while (more) {
            more = false;
            for (Made made : setUp.steps()) {
                Optional<Made> before = run.hasPassed(made.id()) || waiting.containsKey(made)
                        ? Optional.empty()
                        : waiting.keySet().stream().filter(made::comesAfter).findFirst();
                if (before.isPresent()) {
                    waiting.put(
                            made,
                            SAID.with("check", before.get().check().title(required.craft()))
                                    .line("after")
                                    .plain());
                    more = true;
                }
            }
        }
        List<Made> todo = setUp.steps().stream()
                .filter(made -> !run.hasPassed(made.id()) && !waiting.containsKey(made))
                .toList();
        return new Standing(run, required, setUp, SetUpOrder.of(todo, bench, barred), waiting);
    }

    /** Why a step can't be made, whatever steps are made before it. */
    private Optional<String> waits(Made made, Run run, Required required, BenchState bench, Barred barred) {
        Check<Craft> check = made.check();
        if (Expectation.of(check, required) instanceof Waits waits) {
            return Optional.of(waits.why());
        }
        Optional<Violation> hazard = required.open().stream()
                .filter(one -> one.severity() == Severity.HAZARD)
                .findFirst();
        if (Families.isFlight(check) && hazard.isPresent()) {
            return Optional.of(
                    SAID.with("cause", hazard.get().cause()).line("hazard").plain());
        }
        if (BenchRoute.from(bench, check.needs(), barred).isEmpty()) {
            return Optional.of(Stream.of(barred.battery(), barred.usb())
                    .filter(why -> !why.isEmpty())
                    .findFirst()
                    .orElse(SAID.line("pre-power").plain()));
        }
        return Families.isFlight(check) && motors.of(run.mark()).isPresent() && !hasMotors(run)
                ? Optional.of(SAID.with("setUp", SetUpOccasion.MOTORS.label())
                        .line("motors-first")
                        .plain())
                : Optional.empty();
    }

    /** Whether this set-up has the motors as a step of its own, before it flies. */
    private boolean hasMotors(Run run) {
        return composed(run.mark(), run.occasion()).steps().stream()
                .anyMatch(made -> made.check().id().equals(MotorsSeen.IS));
    }

    /**
     * How the steps of this sitting left the bench, one after the other; at its beginning a craft is as it comes in.
     */
    private BenchState left(Run run, SetUp setUp, Instant at) {
        BenchState bench = withRoutine(run.mark(), BenchState.AT_INTAKE);
        for (int i = run.given().size() - sitting(run, at); i < run.given().size(); i++) {
            String id = run.given().get(i).stepId();
            BenchState before = bench;
            bench = setUp.steps().stream()
                    .filter(made -> made.id().equals(id))
                    .findFirst()
                    .flatMap(made -> BenchRoute.from(before, made.check().needs()))
                    .map(BenchRoute::end)
                    .orElse(before);
        }
        return bench;
    }

    /** How many of the last readings were made without a long break, up to now. */
    private static int sitting(Run run, Instant at) {
        Instant after = at;
        int made = 0;
        for (int i = run.given().size() - 1; i >= 0; i--) {
            Instant given = run.given().get(i).at();
            if (given.isBefore(run.begunAt()) || Duration.between(given, after).compareTo(BREAK) > 0) {
                break;
            }
            after = given;
            made++;
        }
        return made;
    }

    public void begin(String mark, SetUpOccasion occasion, Instant at) {
        List<Given> carried = stillPassed(mark, occasion);
        store.begin(mark, occasion, carried, at);
        log.add(
                mark,
                at,
                "set-up",
                SAID.with("occasion", occasion.label())
                        .with("carried", new Param.Count(carried.size()))
                        .line("begun")
                        .plain(),
                null);
    }

    /** What the last set-up for this occasion passed, where nothing was touched since it was begun. */
    private List<Given> stillPassed(String mark, SetUpOccasion occasion) {
        return store.ended(mark).stream()
                .findFirst()
                .filter(last -> last.occasion() == occasion && !isTouchedSince(mark, last))
                .map(last -> last.given().stream()
                        .filter(given -> given.passed()
                                && last.newest(given.stepId())
                                        .filter(given::equals)
                                        .isPresent())
                        .toList())
                .orElse(List.of());
    }

    /** By the order of the log's lines, whatever the clock said. */
    private boolean isTouchedSince(String mark, Run run) {
        for (LogEntry line : log.of(mark)) {
            if (line.kind().equals("set-up") && line.at().equals(run.begunAt())) {
                return false;
            } else if (TOUCHES.contains(line.kind())) {
                return true;
            }
        }
        return true;
    }

    /**
     * Records what a step gave.
     *
     * @throws Refusal where the step is not one of this set-up, must wait for another, or the answer cannot be read
     */
    @Transactional
    public Given give(
            Run run,
            String stepId,
            Map<String, String> outcomes,
            Map<String, String> numbers,
            @Nullable String told,
            boolean sure,
            Instant at) {
        Standing standing = standing(run, at);
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
        Double number = Entered.told(asked, standing.craft(), told, sure);
        Check<Craft> check = number == null ? asked : asked.told(number);
        Craft craft = standing.craft();
        boolean firstPower = check.needs().usb() == Want.YES
                && barred(run.mark(), run.occasion()).routineBeforeUsb();
        if ((check.needs().battery() == Want.YES || firstPower)
                && routines.standing(run.mark()).state() != ShortTest.PASSED) {
            throw Refusal.conflict("step", REFUSALS.with("craft", check.title(craft)), "power");
        }
        Entered entered = Entered.at(check, outcomes, numbers);
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
                told,
                entered,
                Proof.asExpected(check, reading, craft),
                at);
        store.add(run, given);
        if (check.id().equals(FailsafeChecks.RADIO_OFF)) {
            RadioOffTests.line(craft, entered)
                    .ifPresent(line -> log.add(run.mark(), at, line.kind(), line.text(), null));
        }
        if (given.passed() && check.id().equals(MotorsSeen.IS)) {
            log.add(run.mark(), at, MotorsSeen.PASSED, SAID.line("motors").plain(), null);
        }
        if (given.passed() && check.id().equals(MotorStarts.CHECK)) {
            log.add(run.mark(), at, MotorStarts.PASSED, SAID.line("starts").plain(), null);
        }
        if (!given.passed()) {
            log.add(
                    run.mark(),
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
        Standing standing = standing(run, at);
        int left = standing.order().steps().size() + standing.waiting().size();
        boolean radioOffOpen = standing.setUp().steps().stream()
                        .anyMatch(made -> made.check().id().equals(FailsafeChecks.RADIO_OFF))
                && radioOff.standing(run.mark()).state() != RadioOffTests.State.PASSED;
        store.end(run, at);
        log.add(
                run.mark(),
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
