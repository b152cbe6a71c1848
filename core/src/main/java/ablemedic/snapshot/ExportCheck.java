package ablemedic.snapshot;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Configuration;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CraftCheck;
import ablemedic.family.CraftCheck.Task;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * A snapshot as a check: whether the craft is told just what the settings export holds. A craft that is told otherwise
 * would hardly give this settings export, the less so the more settings differ; so a settings export settles every
 * suspect that is a setting it holds, and of the settings that it does not hold it says nothing. What the sheet itself
 * has otherwise speaks against all alike.
 */
public final class ExportCheck {
    /** The handbook page of such checks. */
    public static final String KIND = "settings-listing";
    /** The outcome that stands for the settings export. */
    public static final String LISTED = "listed";

    /**
     * How often a settings export has some setting otherwise than the board that gave it: of another craft, of before
     * the last save, or read through a wrong dictionary. Common practice, no source.
     */
    private static final double OTHERWISE = 0.004;
    /** Wrong values that a setting could have in it besides. */
    private static final int OTHER_VALUES = 2;
    /** A suspect is one wrong number of many; a settings export with one so near it bears it out. */
    private static final double ALIKE = 0.03;

    private static final double MINUTES = 1.5;

    private static final String AS_ON_SHEET = "as-on-sheet";
    private static final String MORE = "more";
    private static final String OTHER = "other";
    /** How often a settings export is of another board, or of before the last save. Common practice, no source. */
    private static final double OF_ANOTHER = 0.01;

    private ExportCheck() {}

    /**
     * The check that the plan offers before there is a settings export: it counts as much as it would part of the
     * suspects. Its answer is a snapshot, and that is the finding.
     *
     * @param sound the craft as on its sheet
     * @param faults those that a settings export could show
     */
    public static Check<Craft> planned(Craft sound, Collection<Fault<Craft>> faults) {
        Words words = SnapshotWords.of("planned");
        Map<List<Configuration.Difference>, Outcome> outcomes = new LinkedHashMap<>();
        outcomes.put(List.of(), new Outcome(AS_ON_SHEET, words.outcome(AS_ON_SHEET)));
        for (Fault<Craft> fault : faults) {
            List<Configuration.Difference> differences = listed(sound, fault.applyTo(sound));
            outcomes.computeIfAbsent(
                    differences,
                    key -> Outcome.written(
                            "listed-" + outcomes.size(),
                            String.join(
                                    "; ",
                                    key.stream()
                                            .map(one -> one.setting().label() + " " + one.after())
                                            .toList())));
        }
        List<Outcome> all = new ArrayList<>(outcomes.values());
        all.add(new Outcome(MORE, words.outcome(MORE)));
        Choices answers = Choices.of(words.line("ask"), all);
        return CraftCheck.of(
                        KIND,
                        KIND,
                        Task.of(words),
                        answers,
                        Prediction.from(
                                Facet.of("settings-off-chart", craft -> listed(sound, craft)),
                                differences -> Categorical.expecting(
                                        answers,
                                        outcomes.getOrDefault(differences, Outcome.written(MORE, ""))
                                                .id(),
                                        OF_ANOTHER)),
                        MINUTES)
                .needing(BenchNeeds.COMPUTER);
    }

    private static List<Configuration.Difference> listed(Craft sound, Craft craft) {
        return sound.configuration()
                .only(ExportCheck::isListed)
                .differencesTo(craft.configuration().only(ExportCheck::isListed));
    }

    private static boolean isListed(Setting<?> setting) {
        return setting.device() == Device.FLIGHT_BOARD;
    }

    /**
     * A settings export that is at hand.
     *
     * @param id of the snapshot among those of all crafts, since what a check predicts is remembered by its id
     * @param number of the snapshot on its craft's chart
     */
    public static Check<Craft> of(long id, int number, Snapshot snapshot) {
        return of(id, number, snapshot, UnaryOperator.identity());
    }

    /**
     * The same where the sheet is behind.
     *
     * @param updated what a craft is told, with what of its sheet is known to be behind as the settings export has it
     */
    static Check<Craft> of(long id, int number, Snapshot snapshot, UnaryOperator<Configuration> updated) {
        Words words = SnapshotWords.of("at-hand").with("number", Param.whole(number, ""));
        Choices answers = answers(words, snapshot);
        return CraftCheck.of(
                        id(id),
                        KIND,
                        Task.of(words),
                        answers,
                        Prediction.from(
                                Facet.of("settings-off-snapshot-" + number, craft -> snapshot.differencesFrom(
                                                updated.apply(craft.configuration()), ALIKE)
                                        .size()),
                                differ -> outlook(answers, differ)),
                        MINUTES)
                .exploringNothing();
    }

    /**
     * This settings export, or one of those that have one setting otherwise: as many as there are, so that a guess
     * hardly hits it.
     */
    private static Choices answers(Words words, Snapshot snapshot) {
        List<Outcome> outcomes = new ArrayList<>(List.of(new Outcome(LISTED, words.outcome(LISTED))));
        for (Setting<?> setting : snapshot.held()) {
            Text otherwise =
                    words.with("setting", Param.written(setting.label())).line("otherwise");
            for (int n = 1; n <= OTHER_VALUES; n++) {
                outcomes.add(new Outcome(setting.id() + "-" + n, otherwise));
            }
        }
        if (outcomes.size() == 1) {
            outcomes.add(new Outcome(OTHER, words.outcome(OTHER)));
        }
        return Choices.of(words.line("ask"), outcomes);
    }

    private static Categorical outlook(Choices answers, int differ) {
        int others = answers.questions().get(0).outcomes().size() - 1;
        double[] p = new double[others + 1];
        p[0] = (1 - OTHERWISE) * Math.pow(OTHERWISE / others, differ);
        Arrays.fill(p, 1, p.length, (1 - p[0]) / others);
        return Categorical.of(answers, p);
    }

    public static String id(long id) {
        return KIND + "-" + id;
    }
}
