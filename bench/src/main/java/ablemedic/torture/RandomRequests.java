package ablemedic.torture;

import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
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
    /** Another seed makes other requests. */
    private static final long SEED = Long.getLong("torture.seed", 43);

    private final Random random = new Random(SEED);

    @Override
    public String name() {
        return "random requests";
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
            "craft_id,name\nT1,x\n",
            "0 radio on\n1 throttle 1000\n",
            "family\trowan\tRowan\tset\t1\t2\nname\tsetting\tsince\tuntil\ttimes\tvalues\ncells\tcells\t1\t\t\t\n");
    private final Seen seen = new Seen(random);
    private final RandomValues values = new RandomValues(random, seen);
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
            seen.keep("craftId", Server.JSON.valueToTree(text));
        }
    }

    private Answer send(Server server, JsonNode description, Operation one, List<String> errors) {
        String path = values.path(one);
        if (one.file()) {
            return checked(
                    server.upload(path, files.get(random.nextInt(files.size()))), one.name(), path + " a file", errors);
        }
        String body = one.body().isMissingNode()
                ? ""
                : values.broken(versioned(server, path, values.value(description, one.body(), 0)));
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
                            || List.of(
                                            "POST /api/bundles",
                                            "POST /api/crafts/table",
                                            "POST /api/crafts/{craftId}/files")
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
}
