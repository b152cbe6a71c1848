package ablemedic.app.setup;

import ablemedic.app.chart.ConflictView;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.entry.Expected;
import ablemedic.app.entry.QuestionView;
import ablemedic.app.http.Refusal;
import ablemedic.app.http.TextPart;
import ablemedic.app.routine.Routines;
import ablemedic.app.setup.SetUpStore.Given;
import ablemedic.app.setup.SetUpStore.Run;
import ablemedic.app.setup.SetUps.Standing;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchNeeds.Want;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.BenchStep;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Occasion;
import ablemedic.requirement.Required;
import ablemedic.setup.SetUp;
import ablemedic.setup.SetUp.Made;
import ablemedic.setup.SetUpOccasion;
import ablemedic.setup.SetUpOrder;
import ablemedic.setup.SetUpOrder.Placed;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The set-up of a craft over HTTP. */
@RestController
class SetUpController {
    private static final Words REFUSALS =
            Catalogue.beside(SetUpController.class, "refusals").of("set-up-controller");
    private final SetUpRuns runs;
    private final SetUps setUps;
    private final SetUpStore store;
    private final CraftStore crafts;
    private final Routines routines;
    private final Clock clock;

    SetUpController(
            SetUps setUps, SetUpStore store, CraftStore crafts, Routines routines, Clock clock, SetUpRuns runs) {
        this.runs = runs;
        this.setUps = setUps;
        this.store = store;
        this.crafts = crafts;
        this.routines = routines;
        this.clock = clock;
    }

    /**
     * The set-up of a craft.
     *
     * @param occasions what one can be made for; none while one is under way
     * @param run the one that is under way
     * @param ended when earlier ones ended, the newest first
     */
    record SetUpView(
            String craftId,
            List<OccasionView> occasions,
            @Nullable RunUnderWay run,
            List<EndedView> ended) {}

    record OccasionView(SetUpOccasion id, String label, int steps, double minutes) {}

    record EndedView(String label, Instant endedAt, int passed) {}

    /**
     * @param routineDue whether the pre-power routine comes before the next step
     * @param conflicts of the record, each fixed or corrected before what depends on it
     */
    record RunUnderWay(
            long version,
            long craftVersion,
            SetUpOccasion occasion,
            String label,
            Occasion happened,
            Instant begunAt,
            double minutes,
            boolean routineDue,
            List<ConflictView> conflicts,
            @JsonUnwrapped StepsOfRun steps) {}

    /**
     * @param todo what is still to be made, in order
     * @param waiting what can't be made yet, each with why
     * @param passed what was passed, in the order in which it was
     */
    record StepsOfRun(
            List<StepToDo> todo, List<StepWaiting> waiting, List<StepPassed> passed, List<StepLeftOut> leftOut) {}

    /** A step that is still to be made. */
    record StepToDo(
            String id,
            String checkId,
            String title,
            List<List<TextPart>> instruction,
            String why,
            @JsonUnwrapped StepAnswer answer,
            @JsonUnwrapped StepBench getReady,
            @JsonUnwrapped StepFailed failed) {}

    /** How a step is answered. */
    record StepAnswer(String expected, List<QuestionView> questions, QuestionView.@Nullable ScaleView told) {}

    /** @param bench what is done to the bench before the step */
    record StepBench(List<String> bench, double minutes, boolean ready) {}

    /**
     * @param given what the step gave last, where that was not as it should be
     * @param complaint the kind of complaint that it opens
     */
    record StepFailed(
            @Nullable List<String> given, @Nullable SetUpReading reading, String complaint) {}

    record StepWaiting(String id, String title, String why) {}

    record StepPassed(String title, List<String> given, Instant at, SetUpReading reading) {}

    record StepLeftOut(String id, String why, String reason) {}

    /** A reading of a check, as a work-up takes it over. */
    record SetUpReading(
            String checkId,
            Map<String, String> outcomes,
            Map<String, String> numbers,
            @Nullable String told) {}

    record Beginning(
            @NotNull(message = "{says.what.the.set.up.is.for}")
            SetUpOccasion occasion) {}

    record StepGiven(
            long version,

            @NotBlank(message = "{names.a.step}") @Size(max = 200, message = "{names.a.step}")
            String stepId,

            @Nullable @Size(max = 10, message = "{most.answers}")
            Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> outcomes,

            @Nullable @Size(max = 10, message = "{most.numbers}")
            Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> numbers,

            @Nullable @Size(max = 40, message = "{most.letters}")
            String told,

            @Nullable Boolean sure) {}

    record Ending(
            long version,

            @NotNull(message = "{is.there.if.empty}") @Size(max = 400, message = "{most.letters}")
            String reason) {}

    @GetMapping("/api/crafts/{craftId}/set-up")
    SetUpView view(@PathVariable String craftId) {
        String right = crafts.get(craftId).craftId();
        List<EndedView> ended = store.ended(right).stream()
                .map(run -> new EndedView(run.occasion().label(), run.endedAt(), (int) run.given().stream()
                        .filter(Given::passed)
                        .map(Given::stepId)
                        .distinct()
                        .count()))
                .toList();
        return store.open(right)
                .map(run -> new SetUpView(right, List.of(), underWay(setUps.standing(run, clock.instant())), ended))
                .orElseGet(() -> new SetUpView(
                        right,
                        Arrays.stream(SetUpOccasion.values())
                                .map(occasion -> occasion(right, occasion))
                                .toList(),
                        null,
                        ended));
    }

    private OccasionView occasion(String craftId, SetUpOccasion occasion) {
        SetUp setUp = setUps.composed(craftId, occasion);
        return new OccasionView(
                occasion,
                occasion.label(),
                setUp.steps().size(),
                setUps.ordered(craftId, occasion, setUp.steps()).minutes());
    }

    private RunUnderWay underWay(Standing standing) {
        Run run = standing.run();
        SetUpOrder order = standing.order();
        boolean due = order.steps().stream()
                        .findFirst()
                        .filter(next -> next.before().steps().contains(BenchStep.SHORT_TEST)
                                || next.made().check().needs().battery() == Want.YES)
                        .isPresent()
                && routines.standing(run.craftId()).state() != ShortTest.PASSED;
        Required required = standing.required();
        List<ConflictView> conflicts = Stream.concat(
                        required.conflicts().stream().map(ConflictView::of),
                        required.unsolved().stream().map(ConflictView::unsolved))
                .toList();
        List<StepWaiting> waiting = standing.waiting().entrySet().stream()
                .map(one -> new StepWaiting(
                        one.getKey().id(),
                        one.getKey().check().title(standing.craft()).plain(),
                        one.getValue()))
                .toList();
        return new RunUnderWay(
                run.version(),
                crafts.get(run.craftId()).version(),
                run.occasion(),
                run.occasion().label(),
                run.occasion().happened(),
                run.begunAt(),
                order.minutes(),
                due,
                conflicts,
                new StepsOfRun(
                        order.steps().stream()
                                .map(placed -> toDo(standing, placed))
                                .toList(),
                        waiting,
                        standing.setUp().steps().stream()
                                .filter(made -> run.hasPassed(made.id()))
                                .map(made -> passed(made, run.newest(made.id()).orElseThrow(), standing.craft()))
                                .sorted((a, b) -> a.at().compareTo(b.at()))
                                .toList(),
                        standing.setUp().leftOut().stream()
                                .map(out -> new StepLeftOut(
                                        out.step().id(), out.step().why(), out.why()))
                                .toList()));
    }

    private static StepToDo toDo(Standing standing, Placed placed) {
        Made made = placed.made();
        Check<Craft> check = made.check();
        Craft craft = standing.craft();
        boolean ready = standing.waitsFor(made).isEmpty();
        return new StepToDo(
                made.id(),
                check.id(),
                check.title(craft).plain(),
                TextPart.of(check.steps(craft), craft.naming()),
                made.step().why(),
                new StepAnswer(
                        Expected.of(check, craft),
                        QuestionView.of(check.answers(), craft),
                        check.toTell().map(QuestionView.ScaleView::of).orElse(null)),
                new StepBench(
                        placed.before().steps().stream().map(BenchStep::label).toList(), placed.minutes(), ready),
                new StepFailed(
                        standing.run()
                                .newest(made.id())
                                .map(given -> given.entered().inWordsOf(check, craft))
                                .orElse(null),
                        standing.run()
                                .newest(made.id())
                                .map(SetUpController::reading)
                                .orElse(null),
                        made.step().complaint()));
    }

    private static StepPassed passed(Made made, Given given, Craft craft) {
        return new StepPassed(
                given.title(), given.entered().inWordsOf(made.check(), craft), given.at(), reading(given));
    }

    private static SetUpReading reading(Given given) {
        return new SetUpReading(
                given.checkId(),
                given.entered().outcomes(),
                given.entered().numbers().entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, e -> e.getValue().written())),
                given.told());
    }

    @PostMapping("/api/crafts/{craftId}/set-up")
    SetUpView begin(@PathVariable String craftId, @RequestBody @Valid Beginning beginning) {
        String right = crafts.get(craftId).craftId();
        runs.begin(right, beginning.occasion(), clock.instant());
        return view(right);
    }

    @PostMapping("/api/crafts/{craftId}/set-up/steps")
    SetUpView give(@PathVariable String craftId, @RequestBody @Valid StepGiven given) {
        Run run = open(craftId, given.version());
        runs.give(
                run,
                given.stepId(),
                new SetUpRuns.Answered(
                        given.outcomes() == null ? Map.of() : given.outcomes(),
                        given.numbers() == null ? Map.of() : given.numbers(),
                        given.told(),
                        Boolean.TRUE.equals(given.sure())),
                clock.instant());
        return view(run.craftId());
    }

    @PostMapping("/api/crafts/{craftId}/set-up/end")
    SetUpView end(@PathVariable String craftId, @RequestBody @Valid Ending ending) {
        Run run = open(craftId, ending.version());
        runs.end(run, ending.reason().strip(), clock.instant());
        return view(run.craftId());
    }

    private Run open(String craftId, long version) {
        String right = crafts.get(craftId).craftId();
        Run run =
                store.open(right).orElseThrow(() -> Refusal.conflict("craftId", REFUSALS.with("right", right), "none"));
        if (run.version() != version) {
            throw Refusal.conflict("version", REFUSALS.with("right", right), "stale");
        }
        return run;
    }
}
