package ablemedic.app.transfer;

import ablemedic.app.http.Refusal;
import ablemedic.app.http.WrittenPath;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.time.Instant;
import java.util.List;
import java.util.zip.ZipException;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/** A chart as the bytes of a file. */
final class BundleFile {
    private static final Words REFUSALS =
            Catalogue.beside(BundleFile.class, "refusals").of("bundle-file");

    private BundleFile() {}

    private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
    private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");
    /**
     * The longest document that is read, bytes: it lies in memory whole, and no version could write a longer one within
     * its own.
     */
    static final int LARGEST = 24 * 1024 * 1024;

    /** Opens a document anew each time. */
    interface Opening {
        InputStream open() throws IOException;
    }

    private record Heading(String format, int form, String formAsWritten) {}

    /** @throws Refusal where it is none, or one of a newer form */
    static ChartBundle read(Json json, Opening document) {
        Heading heading = reading(document, in -> heading(json, in));
        if (!ChartBundle.FORMAT.equals(heading.format())) {
            throw Refusal.wrong("format", REFUSALS.with("format", ChartBundle.FORMAT), "format");
        }
        if (heading.form() < 1 || heading.form() > ChartBundle.FORM) {
            throw Refusal.wrong(
                    "form",
                    REFUSALS.with("formAsWritten", Refusal.shortened(heading.formAsWritten()))
                            .with("form", ChartBundle.FORM),
                    "newer");
        }
        ChartBundle bundle = reading(document, in -> {
            try {
                return json.read(in, ChartBundle.class);
            } catch (UnreadableRecordException e) {
                Throwable behind = e.getCause();
                throw Refusal.wrong(
                        "file",
                        REFUSALS.with(
                                "why",
                                behind == null
                                        ? ""
                                        : Refusal.shortened(String.valueOf(behind.getMessage())
                                                .split("\n")[0])),
                        behind == null ? "not-whole" : "not-whole-since");
            }
        });
        whole(bundle, "");
        return bundle;
    }

    private interface Reading<T> {
        T from(InputStream in);
    }

    private static <T> T reading(Opening document, Reading<T> reading) {
        try (InputStream in = document.open()) {
            return reading.from(in);
        } catch (ZipException e) {
            throw Refusal.wrong("file", REFUSALS, "damaged");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What stands at the top of it, and that all of it is JSON, without any of it in memory. */
    private static Heading heading(Json json, InputStream in) {
        String format = "";
        int form = 0;
        String written = "";
        try (JsonParser tokens = json.tokens(in)) {
            if (tokens.nextToken() != JsonToken.START_OBJECT) {
                return new Heading(format, form, written);
            }
            while (tokens.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = tokens.currentName();
                JsonToken value = tokens.nextToken();
                if (name.equals("format") && value == JsonToken.VALUE_STRING) {
                    format = Refusal.shortened(tokens.getString());
                } else if (name.equals("form") && value.isScalarValue()) {
                    written = Refusal.shortened(tokens.getString());
                    form = value == JsonToken.VALUE_NUMBER_INT ? tokens.getValueAsInt(0) : 0;
                } else {
                    tokens.skipChildren();
                }
            }
            if (tokens.nextToken() != null) {
                throw Refusal.wrong("file", REFUSALS, "longer");
            }
        } catch (JacksonException e) {
            throw Refusal.wrong("file", REFUSALS, "no-json");
        }
        return new Heading(format, form, written);
    }

    /** Every field that has to be there is; what may be missing says so. */
    private static void whole(Object record, String where) {
        for (RecordComponent part : record.getClass().getRecordComponents()) {
            Object value = value(record, part);
            String at =
                    WrittenPath.isGroup(part) ? where : where.isEmpty() ? part.getName() : where + "." + part.getName();
            if (value == null && !part.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                throw Refusal.wrong(at, REFUSALS, "missing");
            } else if (value instanceof Instant moment && (moment.isBefore(EARLIEST) || moment.isAfter(LATEST))) {
                throw Refusal.wrong(at, REFUSALS, "moment");
            } else if (value instanceof List<?> list) {
                for (int i = 0; i < list.size(); i++) {
                    Object one = list.get(i);
                    if (one == null) {
                        throw Refusal.wrong(at + "[" + i + "]", REFUSALS, "missing");
                    }
                    if (one instanceof Record inner) {
                        whole(inner, at + "[" + i + "]");
                    }
                }
            } else if (value instanceof Record inner && !(inner instanceof Attached)) {
                whole(inner, at);
            }
        }
    }

    private static @Nullable Object value(Object record, RecordComponent part) {
        try {
            return part.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
