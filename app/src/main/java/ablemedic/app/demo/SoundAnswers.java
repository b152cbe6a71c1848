package ablemedic.app.demo;

import ablemedic.app.entry.Entered;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Reading.Several;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What somebody enters for a check on a craft on which everything is as it should be.
 *
 * @param outcomes by question
 * @param numbers by question, as written; a word where the display shows one
 * @param told the number that is told along, where the check asks for one: what the craft shows it to be
 */
record SoundAnswers(
        Map<String, String> outcomes,
        Map<String, String> numbers,
        @Nullable String told) {

    static SoundAnswers of(Check<Craft> check, Craft craft) {
        if (check.toTell().isPresent() && check.outlook(craft).mode() instanceof Measured told) {
            SoundAnswers answers = new SoundAnswers(
                    new LinkedHashMap<>(), new LinkedHashMap<>(), written((Scale) check.answers(), told));
            answers.add(check.told(told.value()), craft);
            return answers;
        }
        SoundAnswers answers = new SoundAnswers(new LinkedHashMap<>(), new LinkedHashMap<>(), null);
        answers.add(check, craft);
        return answers;
    }

    private static String written(Scale scale, Measured measured) {
        return String.format(Locale.ROOT, "%.2f %s", measured.value(), scale.unit());
    }

    private void add(Check<Craft> check, Craft craft) {
        add(Entered.ONLY, check.answers(), check.outlook(craft).mode());
    }

    private void add(String id, Answers form, Reading reading) {
        if (reading instanceof Several several && form instanceof Mixed mixed) {
            mixed.items()
                    .forEach(item -> add(item.id(), item.form(), several.parts().get(item.id())));
        } else if (reading instanceof Measured measured) {
            numbers.put(id, written((Scale) form, measured));
        } else if (reading instanceof Chosen chosen) {
            chosen.outcomes().forEach((question, outcome) -> {
                if (form instanceof Scale) {
                    numbers.put(id, outcome);
                } else {
                    outcomes.put(chosen.outcomes().size() == 1 ? id : question, outcome);
                }
            });
        }
    }
}
