package ablemedic.torture;

import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;

/** Asks every operation of the description with values made by chance, right in shape, wrong in shape and broken. */
final class RandomRequests implements Trial {
  private static final String[] WORDS = {"W", "K", "1", "2", "99", "x", "", "arrow", "take-off", "INCH_5", "=1", "\u202E", "..", "a b",
      "𝔘", "null", "0.3 V", "OL", "12k"};
  private final Random random = new Random(43);

  @Override
  public String name() {
    return "random requests";
  }

  private record Operation(String method, String path, JsonNode body) {}

  @Override
  public Found run(Path folder, Duration time) {
    Path file = folder.resolve("random.db");
    long end = System.nanoTime() + time.toNanos();
    TreeMap<Integer, Integer> codes = new TreeMap<>();
    List<String> errors = new ArrayList<>();
    int operations;
    try (Server server = Server.on(file)) {
      server.enterWired("W");
      server.enterWired("K");
      server.open("W", "take-off");
      server.open("K", "voltage");
      JsonNode description = server.ask("GET", "/api/docs", "");
      List<Operation> all = operations(description);
      operations = all.size();
      while (System.nanoTime() < end) {
        Operation one = all.get(random.nextInt(operations));
        String path = path(one.path());
        String body = one.body().isMissingNode() ? "" : broken(value(description, one.body(), 0));
        Answer answer = server.send(one.method(), path, body);
        codes.merge(answer.status() / 100, 1, Integer::sum);
        if (answer.status() >= 500 || answer.status() == 0 || answer.body().contains("ablemedic.")) {
          errors.add(one.method() + " " + path + " " + body + " gave " + answer.status());
        }
      }
      for (String view : List.of("/api/bench", "/api/crafts", "/api/packs", "/api/ledger", "/api/work-ups")) {
        if (server.get(view).status() != 200) {
          errors.add(view + " is dead");
        }
      }
      if (!server.ask("GET", "/api/bench", "").get("unreadable").isEmpty()) {
        errors.add("something unreadable was stored");
      }
    }
    int total = codes.values().stream().mapToInt(Integer::intValue).sum();
    return new Found(errors.isEmpty(), total + " requests to " + operations + " operations",
        codes.getOrDefault(2, 0) + " taken, " + codes.getOrDefault(4, 0) + " refused, " + errors.size() + " server errors"
            + (errors.isEmpty() ? "" : ", such as " + errors.get(0)));
  }

  private static List<Operation> operations(JsonNode description) {
    List<Operation> all = new ArrayList<>();
    description.get("paths").properties().forEach(path -> path.getValue().properties().forEach(method ->
        all.add(new Operation(method.getKey().toUpperCase(Locale.ROOT), path.getKey(),
            method.getValue().path("requestBody").path("content").path("application/json").path("schema")))));
    return all;
  }

  private String path(String template) {
    String path = template;
    while (path.contains("{")) {
      path = path.replaceFirst("\\{[^}]*}", java.net.URLEncoder.encode(word().isEmpty() ? "W" : word(),
          java.nio.charset.StandardCharsets.UTF_8).replace("+", "%20"));
    }
    return random.nextInt(4) == 0 ? path + "?version=" + random.nextInt(9) + "&q=" + random.nextInt() + "&skip=-1&craft=W" : path;
  }

  private String word() {
    return WORDS[random.nextInt(WORDS.length)];
  }

  /** A value of a schema, mostly. */
  private String value(JsonNode description, JsonNode schema, int depth) {
    if (random.nextInt(25) == 0 || depth > 8) {
      return List.of("null", "[]", "{}", "true", "-1", "1e308", "\"\"", "0.1").get(random.nextInt(8));
    }
    if (schema.has("$ref")) {
      String name = schema.get("$ref").asString();
      return value(description, description.get("components").get("schemas").get(name.substring(name.lastIndexOf('/') + 1)), depth + 1);
    }
    if (schema.has("enum")) {
      return schema.get("enum").get(random.nextInt(schema.get("enum").size())).toString();
    }
    return switch (schema.path("type").asString("")) {
      case "object" -> object(description, schema, depth);
      case "array" -> {
        List<String> items = new ArrayList<>();
        for (int n = random.nextInt(5); n > 0; n--) {
          items.add(value(description, schema.get("items"), depth + 1));
        }
        yield "[" + String.join(",", items) + "]";
      }
      case "integer" -> String.valueOf(random.nextInt(12) - 2);
      case "number" -> String.valueOf(Math.round(random.nextGaussian() * 1000) / 10.0);
      case "boolean" -> String.valueOf(random.nextBoolean());
      default -> Server.JSON.writeValueAsString(word());
    };
  }

  private String object(JsonNode description, JsonNode schema, int depth) {
    List<String> fields = new ArrayList<>();
    schema.path("properties").properties().forEach(field -> {
      if (random.nextInt(12) > 0) {
        fields.add("\"" + field.getKey() + "\":" + value(description, field.getValue(), depth + 1));
      }
    });
    if (schema.path("additionalProperties").isObject()) {
      fields.add(Server.JSON.writeValueAsString(word()) + ":" + value(description, schema.get("additionalProperties"), depth + 1));
    }
    return "{" + String.join(",", fields) + "}";
  }

  /** Now and then a character is changed, or the end is missing. */
  private String broken(String body) {
    if (body.isEmpty() || random.nextInt(6) > 0) {
      return body;
    }
    int at = random.nextInt(body.length());
    return random.nextBoolean() ? body.substring(0, at) : body.substring(0, at) + (char) (32 + random.nextInt(300)) + body.substring(at + 1);
  }
}
