package ablemedic.app.storage;

import java.io.InputStream;
import java.io.OutputStream;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** JSON as it stands in the database. */
@Component
public class Json {
    private final JsonMapper mapper;

    Json(JsonMapper mapper) {
        // What an older version wrote may lack a field that is a plain number today.
        this.mapper = mapper.rebuild()
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .build();
    }

    public String write(Object value) {
        return mapper.writeValueAsString(value);
    }

    /** Writes a value while it is read, so that its text is never in memory whole. */
    public void write(OutputStream into, Object value) {
        mapper.writer().without(StreamWriteFeature.AUTO_CLOSE_TARGET).writeValue(into, value);
    }

    /** @throws UnreadableRecordException when the bytes are not what they should be */
    public <T> T read(InputStream from, Class<T> type) {
        try {
            return mapper.readValue(from, type);
        } catch (JacksonException e) {
            throw new UnreadableRecordException("a record", e);
        }
    }

    /** What reads JSON token by token. */
    public JsonParser tokens(InputStream from) {
        return mapper.createParser(from);
    }

    /** @throws UnreadableRecordException when the text is not what it should be */
    public <T> T read(String text, Class<T> type) {
        try {
            return mapper.readValue(text, type);
        } catch (JacksonException e) {
            throw new UnreadableRecordException("a record", e);
        }
    }

    /** @throws UnreadableRecordException when the text is no list of texts */
    public List<String> texts(String text) {
        return List.of(read(text, String[].class));
    }

    /** A value as a tree. */
    public JsonNode tree(Object value) {
        return mapper.valueToTree(value);
    }

    /** @throws UnreadableRecordException when the tree is not what it should be */
    public <T> T of(JsonNode tree, Class<T> type) {
        try {
            return mapper.treeToValue(tree, type);
        } catch (JacksonException e) {
            throw new UnreadableRecordException("a record", e);
        }
    }
}
