package ablemedic.setup;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A step of a set-up. The order of practitioners and what an occasion makes necessary are common practice with no
 * source.
 *
 * @param id stable name, in kebab case
 * @param checks beginnings of the ids of the checks that it is; it has as many as the craft has of them
 * @param after steps that come before it, where they are made at all; {@link #ALL} for every other
 * @param occasions that make it necessary
 * @param complaint the sort of complaint that it opens when it does not give what it should
 * @param why what it finds while it is cheap
 */
public record SetUpStep(
        String id, List<String> checks, Set<String> after, Set<SetUpOccasion> occasions, String complaint, String why) {
    /** Stands for every other step but those that come after this one. */
    static final String ALL = "all";

    private static final List<SetUpStep> STEPS = read();

    public SetUpStep {
        checks = List.copyOf(checks);
        after = Set.copyOf(after);
        occasions = Set.copyOf(occasions);
    }

    /** All steps, in the order in which practitioners name them. */
    public static List<SetUpStep> all() {
        return STEPS;
    }

    boolean is(String checkId) {
        return checks.stream()
                .anyMatch(begins -> begins.endsWith("-") ? checkId.startsWith(begins) : checkId.equals(begins));
    }

    boolean comesAfter(String other) {
        return after.contains(other)
                || after.contains(ALL)
                        && !id.equals(other)
                        && STEPS.stream()
                                .noneMatch(step ->
                                        step.id().equals(other) && step.after().contains(id));
    }

    private static List<SetUpStep> read() {
        try (InputStream in = SetUpStep.class.getResourceAsStream("steps.csv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .filter(line -> !line.isBlank())
                    .map(SetUpStep::of)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static SetUpStep of(String line) {
        String[] parts = line.split(";", 6);
        return new SetUpStep(
                parts[0],
                words(parts[1]),
                new LinkedHashSet<>(words(parts[2])),
                words(parts[3]).stream().map(SetUpOccasion::valueOf).collect(Collectors.toSet()),
                parts[4],
                parts[5]);
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.split(" ")).filter(word -> !word.isEmpty()).toList();
    }
}
