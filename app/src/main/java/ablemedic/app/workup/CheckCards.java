package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.entry.Expected;
import ablemedic.app.entry.PlaceView;
import ablemedic.app.entry.QuestionView;
import ablemedic.app.entry.QuestionView.ScaleView;
import ablemedic.app.http.TextPart;
import ablemedic.app.workup.CheckCard.Answering;
import ablemedic.app.workup.CheckCard.BenchStepView;
import ablemedic.app.workup.CheckCard.Likely;
import ablemedic.app.workup.CheckCard.Prediction;
import ablemedic.app.workup.CheckCard.Way;
import ablemedic.app.workup.CheckCard.Worth;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Barred;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Distribution.Alternative;
import ablemedic.diagnosis.Hypothesis;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Suspect;
import ablemedic.family.Place;
import ablemedic.family.SharedSteps;
import ablemedic.snapshot.ExportCheck;
import ablemedic.snapshot.ReadBack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Makes the card of a check: how to do it, how to get there, what each leading suspect predicts. */
final class CheckCards {
    private static final Words SAID =
            Catalogue.beside(CheckCards.class, "words").of("check-cards");
    private static final int LEADING = 5;
    private static final double WORTH_SHOWING = 0.02;
    private static final double CLOSE_TO_CERTAIN = 0.5;

    private static final Catalogue WORDS = SharedSteps.catalogue(CheckCards.class, "cards");
    /** Below this a check tells next to nothing, bits. */
    private static final double WORTH_SAYING = 0.05;

    private final Diagnosis<Craft> diagnosis;
    private final Posterior<Craft> posterior;
    private final Case<Craft> known;
    private final WorkUp workUp;
    private final double routineMinutes;
    private final Barred barred;

    /**
     * @param routineMinutes what the pre-power routine takes on this craft where it is due
     * @param barred power that may not be put on it
     */
    CheckCards(
            Diagnosis<Craft> diagnosis,
            Posterior<Craft> posterior,
            WorkUp workUp,
            double routineMinutes,
            Barred barred) {
        this.barred = barred;
        this.diagnosis = diagnosis;
        this.posterior = posterior;
        this.known = posterior.known();
        this.workUp = workUp;
        this.routineMinutes = routineMinutes;
    }

    CheckCard card(Check<Craft> check, double bits) {
        Craft sound = known.soundNow();
        Optional<BenchRoute> route = BenchRoute.from(workUp.bench(), check.needs(), barred);
        List<Prediction> predictions = predictions(check);
        return new CheckCard(
                check.id(),
                check.kind(),
                check.title(sound).plain(),
                TextPart.of(check.steps(sound), sound.naming()),
                new Worth(
                        bits,
                        check.minutes()
                                + route.map(way -> way.minutesWith(routineMinutes))
                                        .orElse(0.0),
                        check.minutes(),
                        why(bits, predictions)),
                way(check, route),
                answering(check, sound),
                PlaceView.of(Place.of(check)),
                predictions,
                Cautions.of(check.needs()));
    }

    private Way way(Check<Craft> check, Optional<BenchRoute> route) {
        return new Way(
                check.needs().metBy(workUp.bench()),
                route.map(way -> !way.guards().isEmpty()).orElse(true),
                route.isEmpty(),
                route.map(way -> way.steps().stream()
                                .map(step -> new BenchStepView(
                                        step.name(), step.label(), step.minutesWith(routineMinutes), step.guards()))
                                .toList())
                        .orElse(List.of()),
                route.map(BenchRoute::end).orElse(null));
    }

    private Answering answering(Check<Craft> check, Craft sound) {
        return new Answering(
                workUp.gave(check),
                QuestionView.of(check.answers(), sound),
                check.toTell().map(ScaleView::of).orElse(null),
                Families.isAnsweredByRecording(check.kind()),
                check.kind().equals(ExportCheck.KIND),
                check.id().equals(ReadBack.CHECK));
    }

    /** Why it is the next check; nothing where it tells next to nothing and is only a quick look before the fix. */
    private static String why(double bits, List<Prediction> predictions) {
        if (bits < WORTH_SAYING) {
            return "";
        }
        for (int i = 0; i < predictions.size(); i++) {
            for (int j = i + 1; j < predictions.size(); j++) {
                Prediction one = predictions.get(i);
                Prediction other = predictions.get(j);
                if (!one.outcomes().isEmpty()
                        && !other.outcomes().isEmpty()
                        && !one.outcomes()
                                .get(0)
                                .label()
                                .equals(other.outcomes().get(0).label())) {
                    return WORDS.of("why")
                            .with("one", Param.written(one.suspect()))
                            .with("other", Param.written(other.suspect()))
                            .line("distinguishes")
                            .plain();
                }
            }
        }
        return WORDS.of("why").line("splits").plain();
    }

    private List<Prediction> predictions(Check<Craft> check) {
        List<Prediction> predictions = new ArrayList<>();
        Set<String> explaining = posterior.explaining();
        List<Suspect<Craft>> leading = posterior.suspects().stream()
                .filter(s -> s.belief() >= WORTH_SHOWING && explaining.contains(s.remedy()))
                .limit(LEADING)
                .toList();
        for (Suspect<Craft> suspect : leading) {
            Hypothesis<Craft> alone = new Hypothesis<>(List.of(suspect.leading()));
            predictions.add(new Prediction(
                    suspect.leading().describe(known.sound()).plain(),
                    suspect.belief(),
                    likely(diagnosis.outlook(known, alone, check))));
        }
        predictions.add(new Prediction(
                SAID.line("none").plain(),
                Math.max(0, posterior.nothingLeft()),
                likely(check.outlook(known.soundNow()))));
        return predictions;
    }

    private List<Likely> likely(Distribution distribution) {
        List<Alternative> alternatives = distribution.alternatives();
        if (alternatives.isEmpty() || alternatives.size() > 1 && distribution.answers() instanceof Scale) {
            return List.of(new Likely("", Expected.of(distribution, known.sound()), 1));
        }
        List<Likely> all = new ArrayList<>();
        alternatives.forEach(one -> all.add(likely(distribution.answers(), one)));
        all.sort(Comparator.comparingDouble(Likely::probability).reversed());
        return all.stream()
                .limit(all.get(0).probability() > CLOSE_TO_CERTAIN ? 1 : 3)
                .toList();
    }

    private Likely likely(Answers answers, Alternative one) {
        if (one.reading() instanceof Chosen chosen) {
            String outcome = chosen.outcomes().values().iterator().next();
            return new Likely(
                    outcome, label(answers, outcome).plain(known.sound().naming()), one.probability());
        }
        return new Likely("", Expected.number((Scale) answers, one), one.probability());
    }

    private static Text label(Answers answers, String outcome) {
        return (answers instanceof Scale scale
                        ? scale.labelOf(outcome)
                        : ((Choices) answers).questions().get(0).labelOf(outcome))
                .orElseThrow();
    }
}
