package ablemedic.torture;

import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A round of requests that are right as things stand, in an order in which each can be: from entering a craft to
 * setting it aside. They stand in {@code right-requests.txt}; what has an at sign there is looked up when it is sent.
 */
final class RightRequests {
    private static final Pattern WORD = Pattern.compile("@\\w+");
    private static final String BATTERY =
            "{\"cells\": 4, \"chemistry\": \"LIPO\", \"capacityMah\": 1500, \"cellMilliohms\": 4}";
    private static final Map<String, String> FILES = Map.of(
            "@listing",
            "set motor_numbering = REAR_RIGHT\nset motor_outputs = 1-2-3-4\nset board_turn = 0/0/0\nset pack_ratio = 11000\n",
            "@photo",
            "a bent arm",
            "@family",
            "family,oak,Oak,put,1\nname,setting,since,until,times,values\nzellen,cells,1,,,\n");

    private final Server server;
    private final Map<String, String> own = new LinkedHashMap<>();
    private final Map<String, Function<String, String>> words = new LinkedHashMap<>();

    /** One line of the file. */
    record Right(String method, String path, String body) {
        String operation() {
            return method + " " + path;
        }
    }

    /** @param round tells the things of this round from those of others */
    RightRequests(Server server, int round) {
        this.server = server;
        Map.of("@craft", "R", "@other", "O", "@third", "T", "@label", "L", "@relay", "relay-", "@serial", "")
                .forEach((word, begins) -> own.put(word, begins + (round + 100)));
        String craft = "/api/crafts/" + own.get("@craft");
        String other = "/api/crafts/" + own.get("@other");
        words.put("@version", this::version);
        words.put("@work", path -> String.valueOf(workUp()));
        words.put("@school", path -> server.get("/api/landing-voltage-rules")
                .json()
                .get(0)
                .get("id")
                .asString());
        words.put("@stepOutcome", path -> firstStep(craft)
                .get("question")
                .get("outcomes")
                .get(0)
                .get("id")
                .asString());
        words.put("@step", path -> firstStep(craft).get("id").asString());
        words.put(
                "@entry",
                path -> newest(
                        server.get("/api/batteries/" + own.get("@label")).json().get("entries"), "id"));
        words.put("@note", path -> note(craft));
        words.put("@file", path -> newest(server.get(craft + "/files").json(), "id"));
        words.put(
                "@capture",
                path -> newest(
                        server.get("/api/work-ups/" + workUp() + "/captures").json(), "number"));
        words.put("@part", path -> part(craft, "beeper"));
        words.put("@relayPart", path -> part(other, own.get("@relay")));
        words.put("@fault", path -> suspect());
        words.put("@fix", path -> server.get("/api/work-ups/" + workUp() + "/fixes/" + suspect())
                .json()
                .get("options")
                .get(0)
                .get("fixId")
                .asString());
        words.put("@confirmed", path -> "");
        words.put("@finding", path -> finding());
    }

    static List<Right> all() {
        try (InputStream file = RightRequests.class.getResourceAsStream("right-requests.txt")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(line -> line.split(" ", 3))
                    .map(parts -> new Right(parts[0], parts[1], parts.length > 2 ? parts[2] : ""))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Answer send(Right right) {
        return send(right, body -> body);
    }

    /** @param changing what to make of a body that is no file, before it is sent */
    Answer send(Right right, UnaryOperator<String> changing) {
        String path = filled(right.path(), right.path(), value -> URLEncoder.encode(value, StandardCharsets.UTF_8)
                .replace("+", "%20"));
        if (right.body().startsWith("@")) {
            return server.upload(path, file(right.body()));
        }
        if (right.body().isEmpty()) {
            return server.send(right.method(), path, "");
        }
        String body = filled(whole(right.body()), path, value -> value)
                .replace(
                        "\"version\": 1",
                        "\"version\": " + (right.body().contains("\"version\": 1") ? version(path) : "1"));
        return server.send(right.method(), path, changing.apply(body));
    }

    private byte[] file(String name) {
        if (name.equals("@chart")) {
            return server.bytes("/api/crafts/" + own.get("@craft") + "/bundle");
        }
        String text =
                switch (name) {
                    case "@signal" ->
                        server.get("/api/instruments/signal?format=SBUS&inverted=true")
                                .body();
                    case "@frames" ->
                        server.get("/api/instruments/signal?format=SBUS&frames=40")
                                .body();
                    case "@table" -> "craft_id,name\nN" + own.get("@serial") + ",x\n";
                    default -> FILES.get(name);
                };
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** Where a whole object stands for a word. */
    private String whole(String body) {
        String sheet = "/api/crafts/" + own.get("@craft") + "/build-sheet";
        return Stream.<Map.Entry<String, Function<String, String>>>of(
                        Map.entry("\"@pack\"", word -> BATTERY),
                        Map.entry("\"@sheet\"", word -> server.get(sheet).body()),
                        Map.entry("\"@heldSheet\"", word -> server.get(sheet)
                                .body()
                                .replaceFirst(
                                        "\"configuration\":\\{", "\"configuration\":{\"receiver-failsafe\":\"hold\",")
                                .replace(",}", "}")),
                        Map.entry("\"@electrics\"", word -> server.get(sheet)
                                .json()
                                .get("electrics")
                                .toString()),
                        Map.entry("\"@meter\"", word -> server.get("/api/meter").body()),
                        Map.entry("\"@readings\"", word -> readings()))
                .reduce(
                        body,
                        (text, word) -> text.contains(word.getKey())
                                ? text.replace(word.getKey(), word.getValue().apply(""))
                                : text,
                        (a, b) -> b);
    }

    private String filled(String text, String path, UnaryOperator<String> written) {
        Matcher found = WORD.matcher(text);
        StringBuilder all = new StringBuilder();
        while (found.find()) {
            String word = found.group();
            String value = own.containsKey(word)
                    ? own.get(word)
                    : words.containsKey(word) ? words.get(word).apply(filledMark(path)) : word;
            found.appendReplacement(all, Matcher.quoteReplacement(written.apply(value)));
        }
        return found.appendTail(all).toString();
    }

    private String filledMark(String path) {
        return path.replace("@craft", own.get("@craft"))
                .replace("@other", own.get("@other"))
                .replace("@work", path.contains("@work") ? String.valueOf(workUp()) : "");
    }

    /** The version of what a path names. */
    private String version(String path) {
        String[] parts = path.split("\\?")[0].split("/");
        String thing = "/" + parts[1] + "/" + parts[2] + "/" + parts[3];
        return path.contains("/set-up/")
                ? server.get(thing + "/set-up")
                        .json()
                        .path("run")
                        .path("version")
                        .toString()
                : server.get(thing).json().path("version").toString();
    }

    /** The work-up of this round: the open one, or the last. */
    private long workUp() {
        long last = 0;
        for (JsonNode one : server.get("/api/work-ups").json()) {
            if (one.get("craftId").asString().equals(own.get("@craft"))) {
                last = Math.max(last, one.get("id").asLong());
            }
        }
        return last;
    }

    private String suspect() {
        return server.get("/api/work-ups/" + workUp())
                .json()
                .get("suspects")
                .get(0)
                .get("faultId")
                .asString();
    }

    private String finding() {
        List<String> standing = new ArrayList<>();
        server.get("/api/work-ups/" + workUp()).json().get("evidence").forEach(line -> {
            if (!line.get("takenBack").asBoolean()) {
                standing.add(line.get("n").toString());
            }
        });
        return standing.get(standing.size() - 1);
    }

    private JsonNode firstStep(String craft) {
        return server.get(craft + "/routine").json().get("steps").get(0);
    }

    private String note(String craft) {
        for (JsonNode line : server.get(craft + "/log").json()) {
            if (line.get("kind").asString().equals("note")) {
                return line.get("id").toString();
            }
        }
        return "0";
    }

    private String part(String craft, String sort) {
        for (JsonNode part :
                server.get(craft + "/build-sheet").json().get("electrics").get("parts")) {
            if (part.get("archetype").asString().equals(sort)) {
                return part.get("id").asString();
            }
        }
        return "NONE";
    }

    private static String newest(JsonNode list, String field) {
        return list.get(0).get(field).toString();
    }

    /** A number as a meter shows it, from what a step expects. */
    static String asSomebodyReads(String expected) {
        return expected.replace("about ", "").split(" ±| and| to |, ")[0];
    }

    /** A routine in which all is as it should be. */
    private String readings() {
        ObjectNode readings = Server.JSON.createObjectNode();
        server.get("/api/crafts/" + own.get("@craft") + "/routine")
                .json()
                .get("steps")
                .forEach(step -> {
                    ObjectNode reading = readings.putObject(step.get("id").asString());
                    JsonNode outcomes = step.get("question").get("outcomes");
                    if (outcomes.isEmpty()) {
                        reading.put(
                                "written", asSomebodyReads(step.get("expected").asString()));
                    } else {
                        reading.putObject("outcomes")
                                .put("seen", outcomes.get(0).get("id").asString());
                    }
                });
        return readings.toString();
    }
}
