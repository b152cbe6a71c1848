package ablemedic.app.http;

import ablemedic.app.http.Problems.Wrong;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Why JSON could not be read, in words that name the place and what would be right. */
final class UnreadableJson {
    private static final Words SAID =
            Catalogue.beside(UnreadableJson.class, "words").of("unreadable-json");
    private static final String THE_BODY = SAID.line("body").plain();

    private UnreadableJson() {}

    static Wrong of(JacksonException e) {
        if (e instanceof UnrecognizedPropertyException unknown) {
            return new Wrong(
                    where(e),
                    SAID.with("name", Refusal.shortened(unknown.getPropertyName()))
                            .with(
                                    "names",
                                    Refusal.someOf(known(unknown).sorted().toList()))
                            .line("no-field")
                            .plain());
        }
        if (e instanceof MismatchedInputException mismatch && mismatch.getTargetType() != null) {
            String sent = e instanceof InvalidFormatException format ? Refusal.shortened(format.getValue()) : "";
            return new Wrong(
                    where(e),
                    SAID.with("sent", sent)
                            .with("wanted", wanted(mismatch.getTargetType()))
                            .line(sent.isEmpty() ? "is" : "not")
                            .plain());
        }
        if (e instanceof StreamReadException
                && String.valueOf(e.getOriginalMessage()).startsWith("Duplicate")) {
            return new Wrong(place(e), SAID.line("twice").plain());
        }
        if (e instanceof StreamReadException
                && String.valueOf(e.getOriginalMessage()).contains("out of range")) {
            return new Wrong(where(e), SAID.line("too-large").plain());
        }
        return new Wrong(
                e.getPath().isEmpty() ? place(e) : where(e),
                SAID.line("no-json").plain());
    }

    private static Stream<String> known(UnrecognizedPropertyException unknown) {
        Class<?> type = unknown.getReferringClass();
        return type != null && type.isRecord()
                ? WrittenPath.fields(type).stream()
                : unknown.getKnownPropertyIds().stream().map(String::valueOf);
    }

    /** That a value is of a type. */
    static String is(Class<?> type) {
        return SAID.with("wanted", wanted(type)).line("is").plain();
    }

    /** What a value of a type looks like. */
    private static String wanted(Class<?> type) {
        if (type.isEnum()) {
            return SAID.with(
                            "values",
                            Refusal.someOf(Arrays.stream(type.getEnumConstants())
                                    .map(String::valueOf)
                                    .toList()))
                    .line("one-of")
                    .plain();
        }
        if (type == boolean.class || type == Boolean.class) {
            return SAID.line("boolean").plain();
        }
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
            return SAID.line("whole").plain();
        }
        if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
            return SAID.line("number").plain();
        }
        if (CharSequence.class.isAssignableFrom(type)) {
            return SAID.line("text").plain();
        }
        if (Collection.class.isAssignableFrom(type) || type.isArray()) {
            return SAID.line("list").plain();
        }
        if (type.isRecord()) {
            return SAID.with("fields", Refusal.someOf(WrittenPath.fields(type)))
                    .line("object")
                    .plain();
        }
        return Map.class.isAssignableFrom(type)
                ? SAID.line("map").plain()
                : SAID.line("other").plain();
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
