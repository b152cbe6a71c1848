package ablemedic.family;

import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Occasion;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * A fault of a craft, put together from its parts.
 *
 * @param fixes from the sound craft and the craft with this fault, the ways to put it right
 */
public record CraftFault(
        String id,
        String kind,
        String site,
        Function<Craft, Text> description,
        Odds odds,
        UnaryOperator<Craft> effect,
        BiFunction<Craft, Craft, List<Fix<Craft>>> fixing)
        implements Fault<Craft> {

    @Override
    public Text describe(Craft sound) {
        return description.apply(sound);
    }

    @Override
    public double odds(Occasion occasion) {
        return odds.on(occasion);
    }

    @Override
    public Craft applyTo(Craft craft) {
        return effect.apply(craft);
    }

    @Override
    public List<Fix<Craft>> fixes(Craft sound) {
        return fixing.apply(sound, applyTo(sound));
    }
}
