package ablemedic.settings;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.Complaint;
import ablemedic.family.CraftCheck;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * What works on one version of the firmware and not on another: the complaint, and the checks that part the version
 * from chance.
 */
final class VersionChecks {
    static final String OTHER = "other-version";
    static final String WORKS = "version-works";

    private static final double MISREAD = 0.05;
    private static final double TOLD_WRONG = 0.08;
    /** How often what comes and goes by itself seems to go with the version. Common practice, no source. */
    private static final double BY_CHANCE = 0.3;

    private static final String NOTHING = "nothing";
    private static final String SEVERAL = "several";
    private static final String AS_NEW = "as-new";
    private static final String DEAD = "dead";
    private static final Choices BACK = Choices.of(
            "Does it work with that version, and fail again with this one?",
            List.of(
                    new Outcome("works", "works there, fails again here"),
                    new Outcome("both", "works on both now"),
                    new Outcome("not", "fails there too")));

    private final CraftLines lines;
    private final Choices lost;
    private final Facet<Craft, VersionEffect> effect;

    private VersionChecks(CraftLines lines, Craft sound) {
        this.lines = lines;
        this.lost = lost();
        this.effect = Facet.of("what another version mends", craft -> VersionEffect.of(lines, sound, craft));
    }

    static List<Check<Craft>> of(Craft sound, Optional<CraftLines> lines) {
        return on(sound, lines)
                .map(all -> List.<Check<Craft>>of(all.other(), all.works()))
                .orElse(List.of());
    }

    static List<Complaint> complaints(Craft sound, Optional<CraftLines> lines) {
        return on(sound, lines)
                .map(all -> List.of(Complaint.told(
                        "one-version-not-another",
                        "It works on one version and not on another",
                        all.lost,
                        from(all.effect, seen -> all.told(seen, TOLD_WRONG)),
                        Optional.of(Chosen.of(NOTHING)),
                        List.of(all.works()))))
                .orElse(List.of());
    }

    private static Optional<VersionChecks> on(Craft sound, Optional<CraftLines> lines) {
        return lines.filter(all -> !all.joined().isEmpty()).map(all -> new VersionChecks(all, sound));
    }

    private Choices lost() {
        List<Outcome> outcomes = new ArrayList<>(List.of(new Outcome(NOTHING, "nothing: all of it works")));
        jobs().forEach(job ->
                outcomes.add(new Outcome(job.id(), job == UartFunction.RECEIVER ? "the sticks" : job.label())));
        outcomes.add(new Outcome(SEVERAL, "several things on its ports"));
        outcomes.add(new Outcome(AS_NEW, "nearly everything, as if it had never been set up"));
        outcomes.add(new Outcome(DEAD, "the board does not start"));
        return Choices.of("What does not work on this version?", outcomes);
    }

    private List<UartFunction> jobs() {
        TreeSet<UartFunction> jobs = new TreeSet<>();
        lines.joined().stream().map(CraftLine::job).forEach(jobs::add);
        if (lines.isShared()) {
            jobs.add(UartFunction.TELEMETRY);
        }
        return List.copyOf(jobs);
    }

    private Check<Craft> other() {
        return new CraftCheck(
                        OTHER,
                        "other-version",
                        c -> "Try the version that works, and this one again",
                        c -> "All settings saved as text first. Flash the one that is said to work, enter what it "
                                + "needs, look; then flash this one again and see it break. That it breaks again is the proof. With more than two versions, “Which version broke it” says which to try.",
                        BACK,
                        from(effect, VersionChecks::again),
                        25,
                        0.2,
                        BenchNeeds.COMPUTER,
                        true)
                .notRepeated();
    }

    private static Categorical again(VersionEffect seen) {
        if (seen.onlyFlaky()) {
            return Categorical.of(BACK, 0.2, 0.35, 0.45);
        }
        return Categorical.expecting(BACK, seen.mended() ? "works" : seen.sound() ? "both" : "not", MISREAD);
    }

    private Check<Craft> works() {
        return new CraftCheck(
                WORKS,
                "version-works",
                c -> "Does all of it work on the version that it will fly with?",
                c -> "After a restart, one after the other: sticks, telemetry, each part on a port. "
                        + "Tell what does not.",
                lost,
                from(effect, seen -> told(seen, MISREAD)),
                3,
                0,
                BenchNeeds.POWERED_AND_RADIO_ALONE,
                true);
    }

    /** What a person says fails on this version, and works on another. */
    private Categorical told(VersionEffect seen, double wrong) {
        if (seen.onlyFlaky()) {
            String blamed =
                    seen.flaky().size() == 1 ? seen.flaky().iterator().next().id() : SEVERAL;
            return Categorical.expecting(lost, NOTHING, wrong)
                    .or(BY_CHANCE, Categorical.expecting(lost, blamed, wrong));
        }
        return Categorical.expecting(lost, said(seen), wrong);
    }

    private static String said(VersionEffect seen) {
        if (!seen.starts()) {
            return DEAD;
        } else if (seen.asNew()) {
            return AS_NEW;
        }
        return seen.lost().size() > 1
                ? SEVERAL
                : seen.lost().stream().map(UartFunction::id).findFirst().orElse(NOTHING);
    }
}
