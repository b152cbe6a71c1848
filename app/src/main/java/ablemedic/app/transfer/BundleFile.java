package ablemedic.app.transfer;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.UnreadableRecordException;
import java.lang.reflect.RecordComponent;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A chart as the bytes of a file. */
final class BundleFile {
  private BundleFile() {}

  /** @throws Refusal where it is none, or one of a newer form */
  static ChartBundle read(Json json, byte[] bytes) {
    JsonNode tree;
    try {
      tree = json.read(StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString(), JsonNode.class);
    } catch (UnreadableRecordException | CharacterCodingException e) {
      throw Refusal.wrong("file", "This is no chart: it is not JSON in UTF-8.");
    }
    if (!(tree instanceof ObjectNode node) || !ChartBundle.FORMAT.equals(node.path("format").asString(""))) {
      throw Refusal.wrong("format", "This is no chart of Able Medic: its format is not “" + ChartBundle.FORMAT + "”.");
    }
    int form = node.path("form").asInt(0);
    if (form < 1 || form > ChartBundle.FORM) {
      throw Refusal.wrong("form", "This chart is of form " + Refusal.shortened(node.path("form")) + ", written by a newer version of this program; this one reads up to " + ChartBundle.FORM + ".");
    }
    try {
      ChartBundle bundle = json.of(tree, ChartBundle.class);
      whole(bundle, "");
      return bundle;
    } catch (UnreadableRecordException e) {
      Throwable behind = e.getCause();
      throw Refusal.wrong("file", "This is no whole chart" + (behind == null ? "." : ": " + Refusal.shortened(String.valueOf(behind.getMessage()).split("\\n")[0]) + "."));
    }
  }

  /** Every field that has to be there is; what may be missing says so. */
  private static void whole(Object record, String where) {
    for (RecordComponent part : record.getClass().getRecordComponents()) {
      Object value = value(record, part);
      String at = where.isEmpty() ? part.getName() : where + "." + part.getName();
      if (value == null && !part.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
        throw Refusal.wrong(at, "This is missing.");
      } else if (value instanceof List<?> list) {
        for (int i = 0; i < list.size(); i++) {
          Object one = list.get(i);
          if (one == null) {
            throw Refusal.wrong(at + "[" + i + "]", "This is missing.");
          }
          whole(one, at + "[" + i + "]");
        }
      } else if (value instanceof Record inner) {
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
