package ablemedic.family;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.ConflictFault;
import ablemedic.requirement.RecordedOtherwise;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A book with the conflicts of a record as suspects, and the looks that settle them. */
public final class RecordedBook {
    private RecordedBook() {}

    /**
     * @param book of the craft as required
     * @param conflicts of its record
     * @param required the craft as required
     * @param inTheAir whether a fault shows when the craft flies
     */
    public static Book<Craft> of(
            Book<Craft> book, List<Conflict> conflicts, Craft required, Predicate<Fault<Craft>> inTheAir) {
        List<Fault<Craft>> recorded = new ArrayList<>();
        List<Fault<Craft>> replaced = new ArrayList<>();
        List<Check<Craft>> looks = new ArrayList<>();
        for (Conflict conflict : conflicts) {
            Craft undone = conflict.on(required);
            Optional<Fault<Craft>> alike = book.faults().stream()
                    .filter(fault ->
                            !replaced.contains(fault) && fault.applyTo(required).equals(undone))
                    .findFirst();
            alike.ifPresent(replaced::add);
            ConflictFault fault =
                    new ConflictFault(conflict, alike, inTheAir.test(new ConflictFault(conflict, alike, false)));
            recorded.add(fault);
            IntStream.range(1, conflict.ways().size())
                    .mapToObj(way -> new RecordedOtherwise(fault, way))
                    .forEach(recorded::add);
            RecordLook.of(conflict, required, book.checks()).ifPresent(looks::add);
        }
        return new Book<>(
                Stream.concat(recorded.stream(), book.faults().stream().filter(fault -> !replaced.contains(fault)))
                        .toList(),
                Stream.concat(looks.stream(), book.checks().stream()).toList(),
                book.surveys());
    }
}
