package ablemedic.uart;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import java.util.Map;

/**
 * One thing that was found, which way it stops, and what fixes it.
 *
 * @param params what stands in the gaps of its words
 */
public record Judged(Rule rule, Grade grade, Way way, Map<String, Param> params) {
    public Judged {
        params = Map.copyOf(params);
    }

    /** What is wrong, in a sentence. */
    public Text text() {
        return words().line("is").capitalized();
    }

    /** What fixes it, in a sentence. */
    public Text remedy() {
        return words().line("fix");
    }

    private Words words() {
        return JoinedPart.RULES.of(rule.id()).with(params);
    }
}
