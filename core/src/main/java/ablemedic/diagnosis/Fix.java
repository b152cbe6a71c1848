package ablemedic.diagnosis;

import ablemedic.catalogue.Text;
import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;

/**
 * One way of putting a fault right, worked out for one system.
 *
 * @param id names the way among those of one fault
 * @param remedy what the outcome is; two fixes with the same remedy leave the same system behind
 * @param title what to do, in one line
 * @param steps how, in the system's own labels and numbers
 * @param values what changes, before and after
 * @param minutes what it usually takes
 * @param effect the system after it, whatever it was before
 */
public record Fix<S>(
        String id,
        String remedy,
        Text title,
        List<Text> steps,
        List<Value> values,
        double minutes,
        UnaryOperator<S> effect) {

    /** One setting or part that a fix changes. */
    public record Value(String what, String before, String after) {}

    public Fix {
        Objects.requireNonNull(effect);
        steps = List.copyOf(steps);
        values = List.copyOf(values);
    }

    public S applyTo(S system) {
        return effect.apply(system);
    }
}
