package ablemedic.app.routine;

import ablemedic.Families;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.PowerMap;
import ablemedic.app.chart.Records;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.PlaceView;
import ablemedic.app.entry.QuestionView;
import ablemedic.app.http.Refusal;
import ablemedic.app.http.TextPart;
import ablemedic.app.routine.RoutineStore.Read;
import ablemedic.app.routine.RoutineStore.Run;
import ablemedic.app.routine.Routines.Given;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchNeeds.Want;
import ablemedic.diagnosis.Check;
import ablemedic.family.Place;
import ablemedic.family.PrePowerConvention;
import ablemedic.family.RoutineVerdict;
import ablemedic.requirement.Expectation;
import ablemedic.requirement.Expectation.Waits;
import ablemedic.requirement.Required;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The pre-power routine of a craft over HTTP. */
@RestController
class RoutineController {
    private static final Words REFUSALS =
            Catalogue.beside(RoutineController.class, "refusals").of("routine-controller");
    private static final double LONGEST_MINUTES = 600;

    private final RoutineRuns runs;
    private final Routines routines;
    private final Records records;
    private final CraftStore crafts;
    private final OwnersConvention owners;
    private final Clock clock;

    RoutineController(
            Routines routines,
            CraftStore crafts,
            OwnersConvention owners,
            Clock clock,
            Records records,
            RoutineRuns runs) {
        this.runs = runs;
        this.records = records;
        this.owners = owners;
        this.routines = routines;
        this.crafts = crafts;
        this.clock = clock;
    }

    /**
     * The routine of a craft.
     *
     * @param state NOT_DONE, PASSED or FAILED, since it was last due
     * @param why what made it due
     * @param destroyed what power would destroy by the sheet alone; no run passes until it is put right
     * @param map the wire and power map; nothing where parts are not entered
     */
    record RoutineView(
            String craftId,
            String state,
            String why,
            @JsonUnwrapped Conventions by,
            List<String> destroyed,
            double minutes,
            List<StepView> steps,
            List<String> cautions,
            @Nullable PowerMap map,
            @Nullable RunView newest) {}

    /**
     * By which convention the steps are.
     *
     * @param conventions both, with when to take them
     * @param owners the one that the owner holds to: quick where the occasion allows it, or always full
     */
    record Conventions(PrePowerConvention convention, List<ConventionView> conventions, PrePowerConvention owners) {}

    /** One of the two conventions; the occasion asks for one of them. */
    record ConventionView(PrePowerConvention id, String label, String reason, boolean asked) {}

    /**
     * A step: what it asks, where on the craft, and what a sound craft gives.
     *
     * @param waits what has to be put right before it can be judged; empty where nothing
     */
    record StepView(
            String id,
            String title,
            List<List<TextPart>> instruction,
            String expected,
            String waits,
            QuestionView question,
            PlaceView place,
            boolean powered) {}

    record RunView(Instant at, boolean passed, double minutes, List<ReadView> steps) {}

    record ReadView(String title, String expected, String given, boolean passed) {}

    /** Readings by step, up to the first that fails; minutes from the first step to the last. */
    record RunMade(
            @NotNull @Size(max = 100, message = "{most.readings}")
            Map<String, @NotNull @Valid StepEntry> readings,

            double minutes,
            @Nullable PrePowerConvention convention) {}

    record StepEntry(
            @Nullable @Size(max = 3, message = "{most.answers}")
            Map<String, String> outcomes,

            @Nullable @Size(max = 40, message = "{most.letters}")
            String written,

            @Nullable @Pattern(regexp = "differs|same", message = "{is.differs.or.same}")
            String secondWay) {}

    /**
     * How one reading stands against the step's expectation.
     *
     * @param secondWay the question that tells what the reading alone does not; nothing where it tells
     */
    record Judged(boolean passed, String expected, @Nullable QuestionView secondWay) {}

    @GetMapping("/api/crafts/{craftId}/routine")
    RoutineView view(
            @PathVariable String craftId, @RequestParam(required = false) @Nullable PrePowerConvention convention) {
        String right = crafts.get(craftId).craftId();
        Required required = records.of(right);
        Craft craft = required.craft();
        Routines.Standing standing = routines.standing(right);
        PrePowerConvention asked = routines.convention(right);
        PrePowerConvention chosen = convention == null ? asked : convention;
        List<Check<Craft>> steps = routines.steps(craft, chosen);
        return new RoutineView(
                right,
                standing.state().name(),
                standing.why(),
                new Conventions(
                        chosen,
                        Arrays.stream(PrePowerConvention.values())
                                .map(one -> new ConventionView(one, one.label(), one.reason(), one == asked))
                                .toList(),
                        owners.get()),
                Stream.of(routines.barred(right, false).battery())
                        .filter(why -> !why.isEmpty())
                        .toList(),
                Routines.minutes(steps),
                steps.stream().map(s -> step(s, required)).toList(),
                List.of(caution("caution-short-test"), caution("caution-pack"), caution("caution-antenna")),
                craft.electrics().sheet().isEmpty()
                        ? null
                        : PowerMap.of(craft.electrics().wiring(), Map.of()),
                standing.newest().map(RoutineController::run).orElse(null));
    }

    private static String caution(String page) {
        return Families.handbook().page(page).orElseThrow().paragraphs().get(0);
    }

    private static StepView step(Check<Craft> check, Required required) {
        Craft craft = required.craft();
        String waits = Expectation.of(check, required) instanceof Waits on ? on.why() : "";
        return new StepView(
                check.id(),
                check.title(craft).plain(),
                TextPart.of(check.steps(craft), craft.naming()),
                waits.isEmpty() ? Routines.expected(check, craft) : "",
                waits,
                QuestionView.of(check.answers(), craft).get(0),
                PlaceView.of(Place.of(check)),
                check.needs().battery() == Want.YES);
    }

    private static RunView run(Run run) {
        return new RunView(
                run.at(),
                run.passed(),
                run.minutes(),
                run.steps().stream().map(RoutineController::read).toList());
    }

    private static ReadView read(Read read) {
        String given = String.join(
                ", ",
                Stream.concat(
                                read.entered().numbers().values().stream().map(Entered.Number::written),
                                read.entered().outcomes().values().stream())
                        .toList());
        return new ReadView(read.title(), read.expected(), given, read.passed());
    }

    /** The convention that the owner holds to. */
    record Owners(@NotNull PrePowerConvention convention) {}

    @PutMapping("/api/pre-power-convention")
    Owners holdsTo(@RequestBody @Valid Owners held) {
        owners.set(held.convention());
        return new Owners(owners.get());
    }

    /** Judges one reading without keeping it, so that a step can be looked at again before the next. */
    @PostMapping("/api/crafts/{craftId}/routine/judge/{step}")
    Judged judge(@PathVariable String craftId, @PathVariable String step, @RequestBody @Valid StepEntry entry) {
        Craft craft = records.of(crafts.get(craftId).craftId()).craft();
        Check<Craft> check = routines.steps(craft, PrePowerConvention.FULL).stream()
                .filter(s -> s.id().equals(step))
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("step", REFUSALS.with("step", step), "no-step"));
        Routines.Judgement judgement = Routines.judgement(check, craft, given(entry));
        return new Judged(
                judgement.passed(),
                judgement.said(),
                judgement.secondWay()
                        ? QuestionView.of(RoutineVerdict.SECOND_WAY, craft).get(0)
                        : null);
    }

    @PostMapping("/api/crafts/{craftId}/routine")
    RoutineView runs(@PathVariable String craftId, @RequestBody @Valid RunMade made) {
        if (!(made.minutes() >= 0 && made.minutes() <= LONGEST_MINUTES)) {
            throw Refusal.wrong("minutes", REFUSALS.with("longestMinutes", Math.round(LONGEST_MINUTES)), "minutes");
        }
        String right = crafts.get(craftId).craftId();
        runs.run(
                right,
                made.convention() == null ? routines.convention(right) : made.convention(),
                made.readings().entrySet().stream()
                        .collect(java.util.stream.Collectors.toMap(Map.Entry::getKey, e -> given(e.getValue()))),
                made.minutes(),
                clock.instant());
        return view(right, made.convention());
    }

    private static Given given(StepEntry entry) {
        return new Given(entry.outcomes() == null ? Map.of() : entry.outcomes(), entry.written(), entry.secondWay());
    }
}
