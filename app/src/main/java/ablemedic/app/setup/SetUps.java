package ablemedic.app.setup;

import ablemedic.Families;
import ablemedic.app.chart.Due;
import ablemedic.app.chart.MotorsSeen;
import ablemedic.app.chart.Records;
import ablemedic.app.meter.MeterStore;
import ablemedic.app.routine.Routines;
import ablemedic.app.setup.SetUpStore.Run;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
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
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Set-ups of the crafts: what is still to be made and in which order, and what a step gave. */
@Service
public class SetUps implements Due.Source {
    private static final Words SAID = Catalogue.beside(SetUps.class, "words").of("set-ups");

    /** After so long the battery is out, the craft on the shelf, and the next sitting begins as at intake. */
    private static final Duration BREAK = Duration.ofHours(2);

    private final SetUpStore store;
    private final MeterStore meters;
    private final Routines routines;
    private final Records records;
    private final MotorsSeen motors;

    SetUps(SetUpStore store, MeterStore meters, Routines routines, Records records, MotorsSeen motors) {
        this.store = store;
        this.meters = meters;
        this.routines = routines;
        this.records = records;
        this.motors = motors;
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
    public Optional<Due> of(String craftId) {
        return store.open(craftId)
                .map(run -> new Due("set-up", "begun, " + run.occasion().label(), "set-up"));
    }

    @Override
    public int place() {
        return 0;
    }

    /** How a set-up would be: what it makes and leaves out, and how long that takes. */
    public SetUp composed(String craftId, SetUpOccasion occasion) {
        return SetUp.of(Families.book(records.of(craftId).craft(), meters.get()), occasion);
    }

    /** The order on a craft as it comes in. */
    public SetUpOrder ordered(String craftId, SetUpOccasion occasion, List<Made> todo) {
        BenchState bench = withRoutine(craftId, BenchState.AT_INTAKE);
        Barred barred = barred(craftId, occasion);
        return SetUpOrder.of(
                todo.stream()
                        .filter(made -> BenchRoute.from(bench, made.check().needs(), barred)
                                .isPresent())
                        .toList(),
                bench,
                barred);
    }

    Barred barred(String craftId, SetUpOccasion occasion) {
        return routines.barred(craftId, occasion == SetUpOccasion.BUILD);
    }

    /** The pre-power routine counts where it was passed and is not due. */
    private BenchState withRoutine(String craftId, BenchState bench) {
        return bench.with(
                routines.standing(craftId).state() == ShortTest.PASSED ? ShortTest.PASSED : ShortTest.NOT_DONE);
    }

    /** @param at the moment it is looked at: after a while nobody knows any more how the bench was left */
    public Standing standing(Run run, Instant at) {
        SetUp setUp = composed(run.craftId(), run.occasion());
        Required required = records.of(run.craftId());
        BenchState bench = withRoutine(run.craftId(), left(run, setUp, at));
        Barred barred = barred(run.craftId(), run.occasion());
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
        return Families.isFlight(check) && motors.of(run.craftId()).isPresent() && !hasMotors(run)
                ? Optional.of(SAID.with("setUp", SetUpOccasion.MOTORS.label())
                        .line("motors-first")
                        .plain())
                : Optional.empty();
    }

    /** Whether this set-up has the motors as a step of its own, before it flies. */
    private boolean hasMotors(Run run) {
        return composed(run.craftId(), run.occasion()).steps().stream()
                .anyMatch(made -> made.check().id().equals(MotorsSeen.IS));
    }

    /**
     * How the steps of this sitting left the bench, one after the other; at its beginning a craft is as it comes in.
     */
    private BenchState left(Run run, SetUp setUp, Instant at) {
        BenchState bench = withRoutine(run.craftId(), BenchState.AT_INTAKE);
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
}
