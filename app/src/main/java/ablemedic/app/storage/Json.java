package ablemedic.app.storage;

import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** JSON as it stands in the database. */
@Component
public class Json {
  private final JsonMapper mapper;

  Json(JsonMapper mapper) {
    this.mapper = mapper;
  }

  public String write(Object value) {
    return mapper.writeValueAsString(value);
  }

  public <T> T read(String text, Class<T> type) {
    return mapper.readValue(text, type);
  }
}
