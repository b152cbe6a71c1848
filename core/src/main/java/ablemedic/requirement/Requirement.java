package ablemedic.requirement;

import ablemedic.craft.Craft;
import java.util.List;
import java.util.function.Function;

/**
 * One rule that a safe, working craft satisfies.
 *
 * @param id stable name in kebab case
 * @param violations what of a craft violates it, each with an id that begins with this one's
 */
public record Requirement(String id, Function<Craft, List<Violation>> violations) {

    /** What of a craft violates it. */
    public List<Violation> of(Craft craft) {
        return violations.apply(craft);
    }
}
