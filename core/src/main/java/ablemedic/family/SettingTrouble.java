package ablemedic.family;

import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.diagnosis.Prediction;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * What comes of a setting that was told wrong: the fault, the check that reads the setting, and the fix that enters the
 * right value. Every family of troubles makes the three this way from a setting and its plausible wrong values.
 *
 * @param <T> the values of the setting
 */
public final class SettingTrouble<T> {
    /** Let it take effect, and believe it only when it stands there. */
    public static final String SAVE = "Save, let the board restart, and read the setting back.";

    /** How often a setting is misread or another line is read in its place. Common practice, no source. */
    private static final double MISREAD = 0.05;
    /** How often somebody who reads a setting sees what they expect to stand there. Common practice, no source. */
    private static final double SEEN_AS_EXPECTED = 0.06;

    private final Setting<T> setting;
    private final Facet<Craft, T> told;

    private SettingTrouble(Setting<T> setting) {
        this.setting = setting;
        this.told = Facet.of(setting.label() + " told", craft -> craft.told(setting));
    }

    public static <T> SettingTrouble<T> of(Setting<T> setting) {
        return new SettingTrouble<>(setting);
    }

    /** The setting that it is about. */
    public Setting<T> setting() {
        return setting;
    }

    /** What a check reads that reads this setting and nothing else. */
    public Facet<Craft, T> facet() {
        return told;
    }

    /** The fault that the setting was changed. */
    public CraftFault wrong(
            String id,
            String kind,
            String site,
            Odds odds,
            UnaryOperator<T> change,
            Function<Craft, String> description,
            BiFunction<Craft, Craft, List<Fix<Craft>>> fixing) {
        return new CraftFault(id, kind, site, description, odds, craft -> craft.changing(setting, change), fixing);
    }

    /** The fix that enters the value of the sound craft. */
    public BiFunction<Craft, Craft, List<Fix<Craft>>> entered(
            String id, String remedy, String title, List<String> steps, double minutes) {
        return (sound, faulty) -> List.of(entering(id, remedy, title, steps, minutes, faulty, sound.told(setting)));
    }

    /**
     * The fix that enters a value.
     *
     * @param faulty the craft on which another is set
     */
    public Fix<Craft> entering(
            String id, String remedy, String title, List<String> steps, double minutes, Craft faulty, T right) {
        return new Fix<>(
                id,
                remedy,
                title,
                steps,
                List.of(new Value(
                        setting.label(),
                        faulty.told().said(setting),
                        setting.form().said(right))),
                minutes,
                craft -> craft.with(setting, right));
    }

    /**
     * The check that reads the setting, by somebody who may see what they expect in place of what stands there.
     *
     * @param expected what the sheet says
     * @param shown what the reading of a value gives
     */
    public CraftCheck read(
            String id,
            String kind,
            Function<Craft, String> title,
            Function<Craft, String> instruction,
            Answers answers,
            T expected,
            Function<T, Distribution> shown,
            double minutes) {
        return read(
                id,
                kind,
                title,
                instruction,
                answers,
                told -> told.equals(expected)
                        ? shown.apply(told)
                        : shown.apply(told).mixedWith(shown.apply(expected), SEEN_AS_EXPECTED),
                minutes);
    }

    /** The check that reads a setting of a few values, each an outcome. */
    public CraftCheck read(String id, String kind, String title, String instruction, double minutes) {
        return read(id, kind, title, instruction, "What is set?", minutes);
    }

    /** The same with a question of its own. */
    CraftCheck read(String id, String kind, String title, String instruction, String question, double minutes) {
        if (!(setting.form() instanceof Choice<T> choice)) {
            throw new IllegalArgumentException(setting + " is not one of a few values");
        }
        Choices answers = Choices.of(
                question,
                choice.values().stream()
                        .map(value -> new Outcome(choice.written(value), choice.said(value)))
                        .toList());
        return read(
                id,
                kind,
                craft -> title,
                craft -> instruction,
                answers,
                value -> Categorical.expecting(answers, choice.written(value), MISREAD),
                minutes);
    }

    /** The check that reads the setting, with answers of its own. */
    public CraftCheck read(
            String id,
            String kind,
            Function<Craft, String> title,
            Function<Craft, String> instruction,
            Answers answers,
            Function<T, Distribution> outlook,
            double minutes) {
        return new CraftCheck(
                id,
                kind,
                title,
                instruction,
                answers,
                Prediction.from(told, outlook),
                minutes,
                0,
                BenchNeeds.COMPUTER,
                true);
    }
}
