package ablemedic.requirement;

import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Several;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What no set-up, proof or routine may expect: the answers of each kind of check that tell of a hazard or a failure,
 * written down by hand. Common practice, no source.
 *
 * @param kind of the check
 * @param question of it; empty for the only one, {@code *} for each
 * @param but whether all outcomes are meant but these
 */
record Forbidden(String kind, String question, Severity meaning, boolean but, Set<String> outcomes) {
    private static final List<Forbidden> ALL = read();

    /** What a reading of a kind of check tells of, where it is forbidden; the gravest. */
    static Optional<Severity> of(String kind, Reading reading) {
        if (reading instanceof Several several) {
            return several.parts().entrySet().stream()
                    .flatMap(part -> part.getValue() instanceof Chosen chosen
                            ? of(
                                    kind,
                                    part.getKey(),
                                    chosen.outcomes().values().iterator().next())
                                    .stream()
                            : Optional.<Severity>empty().stream())
                    .sorted()
                    .findFirst();
        }
        return reading instanceof Chosen chosen
                ? chosen.outcomes().entrySet().stream()
                        .flatMap(one -> of(kind, one.getKey(), one.getValue()).stream())
                        .sorted()
                        .findFirst()
                : Optional.empty();
    }

    /** Whether something is known of a kind of check. */
    static boolean knows(String kind) {
        return ALL.stream().anyMatch(one -> one.kind.equals(kind));
    }

    private static Optional<Severity> of(String kind, String question, String outcome) {
        return ALL.stream()
                .filter(one -> one.kind.equals(kind)
                        && (one.question.equals("*") || one.question.isEmpty() || one.question.equals(question))
                        && one.outcomes.contains(outcome) != one.but)
                .map(Forbidden::meaning)
                .sorted()
                .findFirst();
    }

    private static List<Forbidden> read() {
        try (InputStream in = Forbidden.class.getResourceAsStream("forbidden.csv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .filter(line -> !line.isBlank())
                    .map(Forbidden::of)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Forbidden of(String line) {
        String[] parts = line.split(";", -1);
        boolean but = parts[3].startsWith("but ");
        return new Forbidden(
                parts[0],
                parts[1],
                meaning(parts[2]),
                but,
                Set.of((but ? parts[3].substring(4) : parts[3]).split(" ")));
    }

    private static Severity meaning(String word) {
        return word.equals("HAZARD") ? Severity.HAZARD : Severity.CANNOT_WORK;
    }
}
