package ablemedic.torture;

import ablemedic.program.Server;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/**
 * Paths and bodies made by chance: right in shape, wrong in shape and broken, and with values that earlier answers
 * told.
 */
final class RandomValues {
    private static final String[] WORDS = {
        "W",
        "K",
        "1",
        "2",
        "99",
        "x",
        "",
        "arrow",
        "take-off",
        "INCH_5",
        "=1",
        "\u202E",
        "..",
        "a b",
        "𝔘",
        "null",
        "0.3 V",
        "OL",
        "12k"
    };
    private final Random random;
    private final Seen seen;

    RandomValues(Random random, Seen seen) {
        this.random = random;
        this.seen = seen;
    }

    String path(Operation one) {
        StringBuilder path = new StringBuilder();
        String before = "";
        for (String part : one.path().substring(1).split("/")) {
            path.append('/')
                    .append(part.startsWith("{") ? encoded(place(before, part.substring(1, part.length() - 1))) : part);
            before = part;
        }
        String between = "?";
        for (JsonNode asked : one.questions()) {
            String name = asked.get("name").asString();
            if (asked.get("in").asString().equals("query") && random.nextInt(5) > 0) {
                path.append(between).append(name).append('=').append(encoded(question(asked, name)));
                between = "&";
            }
        }
        return path.toString();
    }

    private String question(JsonNode asked, String name) {
        JsonNode choices = asked.path("schema").path("enum");
        return choices.isArray() && random.nextInt(6) > 0
                ? choices.get(random.nextInt(choices.size())).asString()
                : place("", name);
    }

    private String place(String before, String name) {
        return random.nextInt(8) == 0
                ? word()
                : seen.any(before + "." + name, name)
                        .filter(value -> !value.isContainer())
                        .map(JsonNode::asString)
                        .orElseGet(this::word);
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text.isEmpty() ? "W" : text, StandardCharsets.UTF_8)
                .replace("+", "%20");
    }

    private String word() {
        return WORDS[random.nextInt(WORDS.length)];
    }

    /** A value of a schema, mostly. */
    String value(JsonNode description, JsonNode schema, int depth) {
        if (random.nextInt(25) == 0 || depth > 8) {
            return List.of("null", "[]", "{}", "true", "-1", "1e308", "\"\"", "0.1")
                    .get(random.nextInt(8));
        }
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString();
            return value(
                    description,
                    description.get("components").get("schemas").get(name.substring(name.lastIndexOf('/') + 1)),
                    depth + 1);
        }
        if (schema.has("enum")) {
            return schema.get("enum")
                    .get(random.nextInt(schema.get("enum").size()))
                    .toString();
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
                String told = random.nextInt(3) > 0
                        ? seen.any(field.getKey()).map(JsonNode::toString).orElse("")
                        : "";
                fields.add("\"" + field.getKey() + "\":"
                        + (told.isEmpty() ? value(description, field.getValue(), depth + 1) : told));
            }
        });
        if (schema.path("additionalProperties").isObject()) {
            fields.add(Server.JSON.writeValueAsString(word()) + ":"
                    + value(description, schema.get("additionalProperties"), depth + 1));
        }
        return "{" + String.join(",", fields) + "}";
    }

    /** Now and then a character is changed, or the end is missing. */
    String broken(String body) {
        if (body.isEmpty() || random.nextInt(6) > 0) {
            return body;
        }
        int at = random.nextInt(body.length());
        return random.nextBoolean()
                ? body.substring(0, at)
                : body.substring(0, at) + (char) (32 + random.nextInt(300)) + body.substring(at + 1);
    }
}
