package ablemedic.app.http;

import ablemedic.app.http.Problems.Wrong;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.exc.ValueInstantiationException;

/** Why JSON could not be read, in words that name the place and what would be right. */
final class UnreadableJson {
    private static final String THE_BODY = "the body";

    private UnreadableJson() {}

    static Wrong of(JacksonException e) {
        if (e instanceof UnrecognizedPropertyException unknown) {
            return new Wrong(
                    where(e),
                    "there is no field “" + Refusal.shortened(unknown.getPropertyName()) + "” here; there is "
                            + Refusal.someOf(unknown.getKnownPropertyIds().stream()
                                    .map(String::valueOf)
                                    .sorted()
                                    .toList()));
        }
        if (e instanceof ValueInstantiationException && e.getCause() instanceof IllegalArgumentException own) {
            return new Wrong(where(e), String.valueOf(own.getMessage()));
        }
        if (e instanceof MismatchedInputException mismatch && mismatch.getTargetType() != null) {
            String sent = e instanceof InvalidFormatException format
                    ? "“" + Refusal.shortened(format.getValue()) + "” will not do: it "
                    : "";
            return new Wrong(where(e), sent + "is " + wanted(mismatch.getTargetType()));
        }
        if (e instanceof StreamReadException
                && String.valueOf(e.getOriginalMessage()).startsWith("Duplicate")) {
            return new Wrong(place(e), "a field stands there twice");
        }
        if (e instanceof StreamReadException
                && String.valueOf(e.getOriginalMessage()).contains("out of range")) {
            return new Wrong(where(e), "is a whole number nearer to zero");
        }
        return new Wrong(
                e.getPath().isEmpty() ? place(e) : where(e), "is no JSON that can be read as /api/docs describes it");
    }

    /** What a value of a type looks like. */
    static String wanted(Class<?> type) {
        if (type.isEnum()) {
            return "one of "
                    + Refusal.someOf(Arrays.stream(type.getEnumConstants())
                            .map(String::valueOf)
                            .toList());
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
            return "a whole number";
        }
        if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
            return "a number";
        }
        if (CharSequence.class.isAssignableFrom(type)) {
            return "a text in quotes";
        }
        if (Collection.class.isAssignableFrom(type) || type.isArray()) {
            return "a list in square brackets";
        }
        if (type.isRecord()) {
            return "an object with the fields "
                    + Refusal.someOf(List.of(type.getRecordComponents()).stream()
                            .map(RecordComponent::getName)
                            .toList());
        }
        return Map.class.isAssignableFrom(type) ? "an object in braces" : "a value of another kind";
    }

    private static String where(JacksonException e) {
        String path = e.getPath().stream()
                .map(ref -> ref.getPropertyName() == null
                        ? "[" + ref.getIndex() + "]"
                        : Refusal.shortened(ref.getPropertyName()))
                .collect(Collectors.joining("."));
        return path.isEmpty() ? THE_BODY : path;
    }

    private static String place(@Nullable JacksonException e) {
        return e == null || e.getLocation() == null
                ? THE_BODY
                : "line " + e.getLocation().getLineNr() + ", column "
                        + e.getLocation().getColumnNr();
    }
}
