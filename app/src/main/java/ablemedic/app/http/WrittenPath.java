package ablemedic.app.http;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The place of a field as it is written: the groups of a record that stand in it without a name of theirs left out. */
public final class WrittenPath {
    private WrittenPath() {}

    /** @param path as the rules name it, such as {@code sizes.balance.rightMm} */
    static String of(Class<?> record, String path) {
        List<String> written = new ArrayList<>();
        Optional<Class<?>> within = Optional.of(record);
        for (String step : path.split("\\.")) {
            Optional<RecordComponent> part = within.flatMap(type -> component(type, step.replaceAll("\\[.*", "")));
            if (part.filter(WrittenPath::isGroup).isEmpty()) {
                written.add(step);
            }
            // What lies in a list has no groups of its own.
            within = part.filter(one -> !step.contains("[")).map(RecordComponent::getType);
        }
        return String.join(".", written);
    }

    /** The fields of a record as they are written, with those of its groups in their place. */
    static List<String> fields(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .flatMap(part -> isGroup(part) ? fields(part.getType()).stream() : Stream.of(part.getName()))
                .toList();
    }

    private static Optional<RecordComponent> component(Class<?> type, String name) {
        return type.isRecord()
                ? Arrays.stream(type.getRecordComponents())
                        .filter(one -> one.getName().equals(name))
                        .findFirst()
                : Optional.empty();
    }

    /** Whether a component is a group: its fields stand in the record itself. */
    public static boolean isGroup(RecordComponent part) {
        return part.getAccessor().isAnnotationPresent(JsonUnwrapped.class);
    }
}
