package ablemedic.app.radiooff;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.Records;
import ablemedic.app.entry.Entered;
import ablemedic.app.entry.QuestionView;
import ablemedic.app.http.Refusal;
import ablemedic.app.http.TextPart;
import ablemedic.app.routine.Routines;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchState.ShortTest;
import ablemedic.diagnosis.Check;
import ablemedic.radio.FailsafeChecks;
import ablemedic.radio.Radio;
import ablemedic.radio.RadioOff;
import ablemedic.radio.RadioOff.Does;
import ablemedic.radio.RadioOffVerdict;
import ablemedic.reading.Meter;
import ablemedic.requirement.Expectation;
import ablemedic.requirement.Expectation.Waits;
import ablemedic.requirement.Required;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The radio-off test of a craft over HTTP. */
@RestController
class RadioOffController {
    private static final Words SAID =
            Catalogue.beside(RadioOffController.class, "words").of("radio-off-controller");
    private static final Words REFUSALS =
            Catalogue.beside(RadioOffController.class, "refusals").of("radio-off-controller");
    private static final Meter ANY_METER = Meter.USUAL;

    private final RadioOffTests tests;
    private final Records records;
    private final Routines routines;
    private final CraftStore crafts;
    private final Clock clock;

    RadioOffController(RadioOffTests tests, Records records, Routines routines, CraftStore crafts, Clock clock) {
        this.records = records;
        this.routines = routines;
        this.tests = tests;
        this.crafts = crafts;
        this.clock = clock;
    }

    /**
     * The test of a craft.
     *
     * @param why what made it due; empty where it is not
     * @param blocked why it can't be made now; empty where it can
     * @param testedAt when it was made last
     * @param told what the log has of that
     */
    record RadioOffView(
            String craftId,
            RadioOffTests.State state,
            String why,
            String blocked,
            @Nullable Instant testedAt,
            String told,
            List<List<TextPart>> instruction,
            List<QuestionView> questions,
            @JsonUnwrapped Expects expects) {}

    /**
     * @param expected what the motors should do
     * @param afterS after how many seconds; nothing where nothing should change
     */
    record Expects(
            Does expected, String expectedLabel, @Nullable Double afterS) {}

    /**
     * What was seen; seconds as written.
     *
     * @param propsOff whether the props were off, which a test that is kept has to say
     */
    record RadioOffSeen(
            @NotNull @Size(max = 3, message = "{most.answers}")
            Map<String, String> outcomes,

            @Nullable @Size(max = 40, message = "{most.letters}")
            String after,

            @Nullable Boolean propsOff) {}

    /** What it tells of each stage. */
    record RadioOffJudged(boolean passed, List<RadioOffVerdict.StageJudged> stages) {}

    @GetMapping("/api/crafts/{craftId}/radio-off")
    RadioOffView view(@PathVariable String craftId) {
        String right = crafts.get(craftId).craftId();
        Craft craft = records.of(right).craft();
        Check<Craft> check = check(craft);
        RadioOff expected = RadioOff.of(craft);
        RadioOffTests.Standing standing = tests.standing(right);
        return new RadioOffView(
                right,
                standing.state(),
                standing.why(),
                blocked(right),
                standing.newest().map(line -> line.at()).orElse(null),
                standing.newest().map(line -> line.text()).orElse(""),
                TextPart.of(check.steps(craft), craft.naming()),
                QuestionView.of(check.answers(), craft),
                new Expects(
                        expected.does(),
                        expected.does().label(),
                        Double.isInfinite(expected.afterS()) ? null : expected.afterS()));
    }

    /** Judges what was seen without keeping it. */
    @PostMapping("/api/crafts/{craftId}/radio-off/judge")
    RadioOffJudged judge(@PathVariable String craftId, @RequestBody @Valid RadioOffSeen seen) {
        Craft craft = records.of(crafts.get(craftId).craftId()).craft();
        return judged(craft, entered(craft, seen));
    }

    /** Judges it and puts it on the chart. */
    @PostMapping("/api/crafts/{craftId}/radio-off")
    RadioOffView made(@PathVariable String craftId, @RequestBody @Valid RadioOffSeen seen) {
        String right = crafts.get(craftId).craftId();
        String blocked = blocked(right);
        if (!blocked.isEmpty()) {
            throw Refusal.conflict("craftId", blocked);
        }
        if (!Boolean.TRUE.equals(seen.propsOff())) {
            throw Refusal.wrong("propsOff", REFUSALS, "props");
        }
        Craft craft = records.of(right).craft();
        tests.add(right, RadioOffTests.line(craft, entered(craft, seen)).orElseThrow(), clock.instant());
        return view(right);
    }

    /** Why the test can't be made as things stand; empty where it can. */
    private String blocked(String craftId) {
        Required required = records.of(craftId);
        Barred barred = routines.barred(craftId, false);
        if (!barred.battery().isEmpty()) {
            return barred.battery();
        }
        if (Expectation.of(check(required.craft()), required) instanceof Waits waits) {
            return waits.why();
        }
        Routines.Standing routine = routines.standing(craftId);
        return routine.state() == ShortTest.PASSED
                ? ""
                : routine.state() == ShortTest.FAILED
                        ? SAID.line("failed").plain()
                        : SAID.with("why", routine.why()).line("due").plain();
    }

    private static RadioOffJudged judged(Craft craft, Entered entered) {
        RadioOffVerdict verdict =
                RadioOffTests.verdict(craft, RadioOffTests.does(entered).orElseThrow(), entered);
        return new RadioOffJudged(verdict.passed(), verdict.stages());
    }

    private static Entered entered(Craft craft, RadioOffSeen seen) {
        Entered entered = Entered.at(
                check(craft),
                seen.outcomes(),
                seen.after() == null || seen.after().isBlank() ? Map.of() : Map.of(FailsafeChecks.AFTER, seen.after()));
        if (RadioOffTests.does(entered).isEmpty()) {
            throw Refusal.wrong("outcomes." + FailsafeChecks.DOES, REFUSALS, "motors");
        }
        return entered;
    }

    private static Check<Craft> check(Craft craft) {
        return Radio.FAMILY
                .book(craft, ANY_METER)
                .check(FailsafeChecks.RADIO_OFF)
                .orElseThrow();
    }
}
