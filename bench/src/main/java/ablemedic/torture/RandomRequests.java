package ablemedic.torture;

import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/**
 * Asks every operation of the description with values made by chance, right in shape, wrong in shape and broken, and
 * with values that earlier answers told; and rounds of requests that are right, and those with something put wrong, so
 * that each operation is reached with success too.
 */
final class RandomRequests implements Trial {
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
    /** Another seed makes other requests. */
    private static final long SEED = Long.getLong("torture.seed", 43);

    private final Random random = new Random(SEED);

    @Override
    public String name() {
        return "random requests";
    }

    private record Operation(String method, String path, JsonNode body, JsonNode questions, boolean file) {
        String name() {
            return method + " " + path;
        }

        /** Whether a request is of this operation. */
        boolean matches(String request) {
            return request.split("\\?")[0].matches(name().replaceAll("\\{[^}]*}", "[^/]+"));
        }
    }

    /** What can't succeed from the bench itself, or has no end. */
    private static final Set<String> APART = Set.of(
            "POST /api/devices/code",
            "POST /api/devices/pair",
            "DELETE /api/devices/mine",
            "DELETE /api/devices/{id}",
            "PUT /api/bench/unreadable/aside",
            "GET /api/work-ups/{id}/live");
    /** Every so many requests a round of right ones; one of so many requests is a right one put wrong. */
    private static final int ROUND = 4_000;

    private static final int PUT_WRONG = 12;
    private static final List<String> WRONG =
            List.of("null", "[]", "{}", "true", "-1", "1e308", "\"\"", "0.1", "\"x\"", "99999999999999999999");
    private static final List<String> TEXTS = List.of(
            "set motor_numbering = REAR_RIGHT\nset pack_ratio = 11000\n",
            "mark,name\nT1,x\n",
            "0 radio on\n1 throttle 1000\n",
            "family\trowan\tRowan\tset\t1\t2\nname\tsetting\tsince\tuntil\ttimes\tvalues\ncells\tcells\t1\t\t\t\n");
    private final Seen seen = new Seen(random);
    private final List<byte[]> files = new ArrayList<>();

    @Override
    public Found run(Path folder, Duration time) {
        Path file = folder.resolve("random.db");
        long end = System.nanoTime() + time.toNanos();
        TreeMap<Integer, Integer> codes = new TreeMap<>();
        List<String> errors = new ArrayList<>();
        int operations;
        Set<String> unreached = new TreeSet<>();
        try (Server server = Server.on(file)) {
            server.enterWired("W");
            server.enterWired("K");
            server.open("W", "take-off");
            server.open("K", "voltage");
            JsonNode description = server.ask("GET", "/api/docs", "");
            List<Operation> all = operations(description);
            operations = all.size();
            all.forEach(one -> unreached.add(one.name()));
            prepare(server);
            List<RightRequests.Right> rights = RightRequests.all();
            for (int n = 0; System.nanoTime() < end; n++) {
                if (n % ROUND == 0) {
                    round(server, n / ROUND, rights, codes, errors).forEach(operation -> all.stream()
                            .filter(one -> one.matches(operation))
                            .forEach(one -> unreached.remove(one.name())));
                }
                if (n % PUT_WRONG == 0) {
                    RightRequests.Right right = rights.get(random.nextInt(rights.size()));
                    codes.merge(putWrong(server, n / ROUND, right, errors).status() / 100, 1, Integer::sum);
                    continue;
                }
                Operation one = all.get(random.nextInt(operations));
                Answer answer = send(server, description, one, errors);
                codes.merge(answer.status() / 100, 1, Integer::sum);
                if (answer.status() / 100 == 2) {
                    unreached.remove(one.name());
                    if (one.method().equals("GET")) {
                        seen.learn(kind(one.path()), answer.body());
                    }
                }
            }
            for (String view :
                    List.of("/api/bench", "/api/crafts", "/api/batteries", "/api/repair-log", "/api/work-ups")) {
                if (server.get(view).status() != 200) {
                    errors.add(view + " is dead");
                }
            }
            if (!server.ask("GET", "/api/bench", "").get("unreadable").isEmpty()) {
                errors.add("something unreadable was stored");
            }
        }
        int total = codes.values().stream().mapToInt(Integer::intValue).sum();
        return new Found(
                errors.isEmpty() && unreached.isEmpty(),
                total + " requests to " + operations + " operations",
                (unreached.isEmpty()
                                ? "each taken at least once; "
                                : unreached.size() + " never taken (" + String.join(", ", unreached) + "); ")
                        + codes.getOrDefault(2, 0) + " taken, " + codes.getOrDefault(4, 0) + " refused, "
                        + errors.size() + " server errors" + (errors.isEmpty() ? "" : ", such as " + errors.get(0)));
    }

    /** A round of what is right; the operations that were taken. */
    private static Set<String> round(
            Server server,
            int number,
            List<RightRequests.Right> rights,
            TreeMap<Integer, Integer> codes,
            List<String> errors) {
        RightRequests round = new RightRequests(server, number);
        Set<String> taken = new TreeSet<>();
        for (RightRequests.Right right : rights) {
            Answer answer;
            try {
                answer = round.send(right);
            } catch (RuntimeException e) {
                // What the requests of chance did in between took away what it is about; the next round has things of
                // its own.
                continue;
            }
            codes.merge(answer.status() / 100, 1, Integer::sum);
            checked(answer, right.operation(), right.body(), errors);
            if (answer.status() / 100 == 2) {
                taken.add(right.operation());
            }
        }
        return taken;
    }

    /** One that would be right, with one value of its body put wrong. */
    private Answer putWrong(Server server, int number, RightRequests.Right right, List<String> errors) {
        try {
            return checked(
                    new RightRequests(server, number).send(right, this::oneValueWrong),
                    right.operation(),
                    right.body() + " put wrong",
                    errors);
        } catch (RuntimeException e) {
            return new Answer(400, "");
        }
    }

    private String oneValueWrong(String body) {
        Matcher value = Pattern.compile("(?<=[:\\[,] ?)(\"[^\"]*\"|-?[0-9.]+|true|false)(?=[,}\\]])")
                .matcher(body);
        List<int[]> places = new ArrayList<>();
        while (value.find()) {
            places.add(new int[] {value.start(), value.end()});
        }
        if (places.isEmpty()) {
            return body;
        }
        int[] at = places.get(random.nextInt(places.size()));
        return body.substring(0, at[0]) + WRONG.get(random.nextInt(WRONG.size())) + body.substring(at[1]);
    }

    /** Files of each sort that the program itself gives, and things to learn from. */
    private void prepare(Server server) {
        TEXTS.forEach(text -> files.add(text.getBytes(StandardCharsets.UTF_8)));
        files.add(server.get("/api/instruments/signal?format=SBUS&inverted=true")
                .body()
                .getBytes(StandardCharsets.UTF_8));
        files.add(server.get("/api/crafts/W/bundle").body().getBytes(StandardCharsets.UTF_8));
        new EachKindOfWrite("W", 1, "W").send(server);
        for (String text : List.of("W", "K")) {
            seen.keep("mark", Server.JSON.valueToTree(text));
        }
    }

    private Answer send(Server server, JsonNode description, Operation one, List<String> errors) {
        String path = path(one);
        if (one.file()) {
            return checked(
                    server.upload(path, files.get(random.nextInt(files.size()))), one.name(), path + " a file", errors);
        }
        String body =
                one.body().isMissingNode() ? "" : broken(versioned(server, path, value(description, one.body(), 0)));
        return checked(server.send(one.method(), path, body), one.name(), path + " " + body, errors);
    }

    private static Answer checked(Answer answer, String operation, String said, List<String> errors) {
        // A backup by the second may find the disk of the trial slow; anything else of 5xx is a failure.
        if (answer.status() >= 500 || answer.status() == 0 || answer.body().contains("ablemedic.")) {
            errors.add(operation + " " + said + " gave " + answer.status());
        }
        return answer;
    }

    /** Mostly on the version that there is. */
    private String versioned(Server server, String path, String body) {
        if (!body.contains("\"version\":") || random.nextInt(4) == 0) {
            return body;
        }
        String[] parts = path.split("/");
        Answer now = parts.length > 3
                ? server.get(
                        "/" + parts[1] + "/" + parts[2] + "/" + parts[3] + (path.contains("/set-up/") ? "/set-up" : ""))
                : new Answer(0, "");
        if (now.status() != 200) {
            return body;
        }
        JsonNode version = path.contains("/set-up/")
                ? now.json().path("run").path("version")
                : now.json().path("version");
        return body.replaceFirst("\"version\":-?\\d+", "\"version\":" + version.asLong());
    }

    /** The kind of thing that a path names last. */
    private static String kind(String path) {
        String[] parts = path.replaceAll("/\\{[^}]*}", "").split("/");
        return parts[parts.length - 1];
    }

    private static List<Operation> operations(JsonNode description) {
        List<Operation> all = new ArrayList<>();
        description.get("paths").properties().forEach(path -> path.getValue()
                .properties()
                .forEach(method -> {
                    JsonNode content = method.getValue().path("requestBody").path("content");
                    String called = method.getKey().toUpperCase(Locale.ROOT) + " " + path.getKey();
                    boolean file = content.has("application/octet-stream")
                            || List.of("POST /api/bundles", "POST /api/crafts/table", "POST /api/crafts/{mark}/files")
                                    .contains(called);
                    if (!APART.contains(called)) {
                        all.add(new Operation(
                                method.getKey().toUpperCase(Locale.ROOT),
                                path.getKey(),
                                content.path("application/json").path("schema"),
                                method.getValue().path("parameters"),
                                file));
                    }
                }));
        return all;
    }

    private String path(Operation one) {
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
    private String value(JsonNode description, JsonNode schema, int depth) {
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
    private String broken(String body) {
        if (body.isEmpty() || random.nextInt(6) > 0) {
            return body;
        }
        int at = random.nextInt(body.length());
        return random.nextBoolean()
                ? body.substring(0, at)
                : body.substring(0, at) + (char) (32 + random.nextInt(300)) + body.substring(at + 1);
    }
}
