package ablemedic.settings;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import ablemedic.family.Complaint;
import ablemedic.family.Observer;
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

    /** How often what comes and goes by itself seems to go with the version. Common practice, no source. */
    private static final double BY_CHANCE = 0.3;

    private static final String NOTHING = "nothing";
    private static final String SEVERAL = "several";
    private static final String AS_NEW = "as-new";
    private static final String DEAD = "dead";
    private final CraftLines lines;
    private final Choices lost;
    private final Facet<Craft, VersionEffect> effect;

    private VersionChecks(CraftLines lines, Craft sound) {
        this.lines = lines;
        this.lost = lost();
        this.effect = Facet.of("version-effect", craft -> VersionEffect.of(lines, sound, craft));
    }

    static List<Check<Craft>> of(Craft sound, Optional<CraftLines> lines) {
        return on(sound, lines).map(VersionChecks::checks).orElse(List.of());
    }

    static List<Complaint> complaints(Craft sound, Optional<CraftLines> lines) {
        return on(sound, lines)
                .map(all -> List.of(Complaint.told(
                        "one-version-not-another",
                        SettingsAndFirmware.WORDS
                                .complaint("one-version-not-another")
                                .title(),
                        all.lost,
                        from(all.effect, seen -> all.told(seen, Observer.TELLS.slips())),
                        Optional.of(Chosen.of(NOTHING)),
                        List.of(all.checks().get(1)))))
                .orElse(List.of());
    }

    private static Optional<VersionChecks> on(Craft sound, Optional<CraftLines> lines) {
        return lines.filter(all -> !all.joined().isEmpty()).map(all -> new VersionChecks(all, sound));
    }

    private Choices lost() {
        Words words = SettingsAndFirmware.WORDS.check(WORKS);
        List<Outcome> outcomes = new ArrayList<>(CheckBuilder.named(words, List.of(NOTHING)));
        jobs().forEach(job -> outcomes.add(
                job == UartFunction.RECEIVER
                        ? CheckBuilder.named(words, List.of(job.id())).get(0)
                        : Outcome.written(job.id(), job.label())));
        outcomes.addAll(CheckBuilder.named(words, List.of(SEVERAL, AS_NEW, DEAD)));
        return Choices.of(words.line("ask"), outcomes);
    }

    private List<UartFunction> jobs() {
        TreeSet<UartFunction> jobs = new TreeSet<>();
        lines.joined().stream().map(CraftLine::job).forEach(jobs::add);
        if (lines.isShared()) {
            jobs.add(UartFunction.TELEMETRY);
        }
        return List.copyOf(jobs);
    }

    /** The other version and back, then whether all works. */
    private List<Check<Craft>> checks() {
        CheckList checks = new CheckList();
        checks.ask(SettingsAndFirmware.WORDS.check(OTHER))
                .shows(effect, VersionChecks::again)
                .needs(BenchNeeds.COMPUTER)
                .minutes(25)
                .risk(0.2)
                .notRepeated()
                .add();
        checks.ask(SettingsAndFirmware.WORDS.check(WORKS))
                .shows(words -> lost, asked -> from(effect, seen -> told(seen, Observer.READS.slips())))
                .needs(BenchNeeds.POWERED_AND_RADIO_ALONE)
                .minutes(3)
                .add();
        return checks.all();
    }

    private static Distribution again(Choices asked, VersionEffect seen) {
        if (seen.onlyFlaky()) {
            return Categorical.of(asked, 0.2, 0.35, 0.45);
        }
        return Categorical.expecting(
                asked, seen.mended() ? "works" : seen.sound() ? "both" : "not", Observer.READS.slips());
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
