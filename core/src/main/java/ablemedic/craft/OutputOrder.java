package ablemedic.craft;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Which board output drives each of the firmware's motors: the n-th entry is the output, 1 to 4, of motor n. It is
 * entered in the firmware as a string such as {@code 4-2-1-3}; {@code 1-2-3-4} leaves the outputs as they are.
 */
public record OutputOrder(List<Integer> outputs) {
    public static final OutputOrder AS_LABELLED = new OutputOrder(List.of(1, 2, 3, 4));

    public OutputOrder {
        outputs = List.copyOf(outputs);
        if (!new HashSet<>(outputs).equals(new HashSet<>(List.of(1, 2, 3, 4))) || outputs.size() != 4) {
            throw CraftRefusals.rejected("", "output-order", outputs);
        }
    }

    /** Reads an order such as {@code 4-2-1-3}. */
    public static OutputOrder parse(String written) {
        String digits = written.replaceAll("[\\s,-]+", "");
        if (!digits.matches("[1-4]{4}")) {
            throw CraftRefusals.rejected("", "output-order", written);
        }
        return new OutputOrder(digits.chars().mapToObj(c -> c - '0').toList());
    }

    /** The output, 1 to 4, that drives a motor, 1 to 4. */
    public int outputOf(int motor) {
        return outputs.get(motor - 1);
    }

    @Override
    public String toString() {
        return outputs.stream().map(String::valueOf).collect(Collectors.joining("-"));
    }
}
