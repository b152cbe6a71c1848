package ablemedic.app.transfer;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.node.ObjectNode;

/**
 * The bytes of a photo, an export or a recording: in the chart's document in base64, or a file beside it. They are read
 * when they are asked for, so that never more than one lies in memory.
 *
 * @param file its name beside the document; none where it stands in it
 * @param bytes none where the file beside the document is not opened yet
 */
@JsonSerialize(using = Attached.Writing.class)
@JsonDeserialize(using = Attached.Reading.class)
record Attached(@Nullable String file, @Nullable Supplier<byte[]> bytes) {
    private static final String FILE = "file";

    static Attached in(Supplier<byte[]> bytes) {
        return new Attached(null, bytes);
    }

    static Attached beside(String file, Supplier<byte[]> bytes) {
        return new Attached(file, bytes);
    }

    /** The bytes, read anew each time. */
    byte[] read() {
        if (bytes == null) {
            throw new IllegalStateException("the file " + file + " is not opened");
        }
        return bytes.get();
    }

    /** As base64, or as the name of the file. */
    static final class Writing extends ValueSerializer<Attached> {
        @Override
        public void serialize(Attached value, JsonGenerator into, SerializationContext context) {
            if (value.file() == null) {
                into.writeBinary(value.read());
            } else {
                into.writeStartObject();
                into.writeStringProperty(FILE, value.file());
                into.writeEndObject();
            }
        }
    }

    /** Either of them. */
    static final class Reading extends ValueDeserializer<Attached> {
        @Override
        public Attached deserialize(JsonParser from, DeserializationContext context) {
            if (from.currentToken() != JsonToken.START_OBJECT) {
                byte[] bytes = from.getBinaryValue();
                return in(() -> bytes);
            }
            ObjectNode named = context.readTree(from).asObject();
            if (named.size() != 1 || !named.path(FILE).isString()) {
                return context.reportInputMismatch(
                        Attached.class, "a file beside the document is named as {\"file\": \"name\"}");
            }
            return new Attached(named.get(FILE).asString(), null);
        }
    }
}
