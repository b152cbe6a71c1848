package ablemedic.app.storage;

import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** JSON as it stands in the database. */
@Component
public class Json {
  private final JsonMapper mapper;

  Json(JsonMapper mapper) {
    // What an older version wrote may lack a field that is a plain number today.
    this.mapper = mapper.rebuild().disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES).build();
  }

  public String write(Object value) {
    return mapper.writeValueAsString(value);
  }

  /** @throws UnreadableRecordException when the text is not what it should be */
  public <T> T read(String text, Class<T> type) {
    try {
      return mapper.readValue(text, type);
    } catch (JacksonException e) {
      throw new UnreadableRecordException("a record", e);
    }
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
