package ablemedic.family;

import ablemedic.catalogue.Text;
import ablemedic.configuration.Setting;
import ablemedic.configuration.ValueForm.Choice;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CraftCheck.Task;
import java.util.function.Function;

/**
 * A setting that can be wrong, and the check that reads it. Every family makes its checks of settings this way.
 *
 * @param <T> the values of the setting
 */
public final class SettingTrouble<T> {
    /** How often a setting is misread or another line is read in its place. Common practice, no source. */
    private static final double MISREAD = 0.05;
    /** How often somebody who reads a setting sees what they expect to stand there. Common practice, no source. */
    private static final double SEEN_AS_EXPECTED = 0.06;

    private final Setting<T> setting;
    private final Facet<Craft, T> told;

    private SettingTrouble(Setting<T> setting) {
        this.setting = setting;
        this.told = Facet.of("set-" + setting.id(), craft -> craft.setting(setting));
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

    /**
     * The check that reads the setting, by somebody who may see what they expect in place of what stands there.
     *
     * @param expected what the sheet says
     * @param shown what the reading of a value gives
     */
    public CraftCheck read(
            String id, String kind, Task task, Answers answers, T expected, Function<T, Distribution> shown) {
        return read(
                id,
                kind,
                task,
                answers,
                told -> told.equals(expected)
                        ? shown.apply(told)
                        : shown.apply(told).mixedWith(shown.apply(expected), SEEN_AS_EXPECTED));
    }

    /** The check that reads a setting of a few values, each an outcome. */
    CraftCheck read(String id, String kind, Task task, Text question) {
        if (!(setting.form() instanceof Choice<T> choice)) {
            throw new IllegalArgumentException(setting + " is not one of a few values");
        }
        Choices answers = Choices.of(
                question,
                choice.values().stream()
                        .map(value -> Outcome.written(choice.written(value), choice.said(value)))
                        .toList());
        return read(id, kind, task, answers, value -> Categorical.expecting(answers, choice.written(value), MISREAD));
    }

    /**
     * The check that reads the setting, with answers of its own. What it takes and needs is said by who declares it.
     */
    public CraftCheck read(String id, String kind, Task task, Answers answers, Function<T, Distribution> outlook) {
        return CraftCheck.of(id, kind, task, answers, Prediction.from(told, outlook), 0);
    }
}
