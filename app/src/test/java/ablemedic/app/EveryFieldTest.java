package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Sends every write of the interface with each of its fields put wrong in every way there is: what is taken can be
 * shown again, what is not is refused, and neither is a server error.
 */
class EveryFieldTest {
    /** Stands for a number that no double holds, which a JSON tree cannot hold either. */
    private static final String BEYOND = "\"@beyond\"";

    private static final int APART = 3;
    private static final List<String> WRONG = List.of(
            "null",
            "\"\"",
            "\"" + "x".repeat(3000) + "\"",
            "\"=1\"",
            "-1",
            "0",
            "0.5",
            "1e300",
            "-1e300",
            BEYOND,
            "99999999999999999999",
            "true",
            "[]",
            "{}",
            "[null]",
            "{\"a\":null}",
            "[[[]]]");
    private static final int FIRST_OF_A_LIST = 2;

    @TempDir
    private static Path folder;

    private static App app;
    private static long workUp;
    private static String battery;
    private static final Map<String, ObjectNode> WRITES = new LinkedHashMap<>();

    @BeforeAll
    static void start() {
        app = App.on(folder.resolve("fields.db"));
        app.enterWired("W1", "STACK");
        app.enterWired("W2", "SEPARATE");
        workUp = app.ask(
                        "POST",
                        "/api/work-ups",
                        "{\"craftId\": \"W1\", \"complaint\": \"flips\", \"occasion\": \"CRASH\", \"seen\": {}}")
                .get("id")
                .asLong();
        battery = "{\"cells\": 4, \"chemistry\": \"LIPO\", \"capacityMah\": 1500, \"cellMilliohms\": 4}";
        String convention =
                app.get("/api/landing-voltage-rules").get(0).get("id").asString();
        String sheet = app.get("/api/crafts/W2/build-sheet").toString();
        String step =
                app.get("/api/crafts/W2/routine").get("steps").get(0).get("id").asString();
        String work = "/api/work-ups/" + workUp;
        app.ask(
                "POST",
                "/api/batteries",
                "{\"label\": \"P1\", \"kind\": " + battery + ", \"rule\": \"" + convention + "\"}");
        write("POST /api/crafts", """
        {"craftId": "N1", "name": "x", "craftClass": "INCH_5", "spins": "INWARD", "numbering": "REAR_RIGHT_FIRST",
         "mounted": {"rollDeg": 0, "pitchDeg": 0, "yawDeg": 90}, "mode": "RATE", "layout": "STACK", "parts": ["receiver"],
         "battery": %s}""", battery);
        write("POST /api/crafts#like", "{\"craftId\": \"N2\", \"name\": \"x\", \"like\": \"W2\"}");
        write("POST /api/crafts#sheet", "{\"craftId\": \"N3\", \"name\": \"x\", \"sheet\": %s}", sheet);
        write("POST /api/devices/pair", "{\"code\": \"12345678\", \"name\": \"x\"}");
        write("PATCH /api/crafts/W2", "{\"version\": 1, \"name\": \"x\", \"state\": \"FIT\", \"reason\": \"r\"}");
        write("PUT /api/crafts/W2/build-sheet", "{\"version\": 1, \"reason\": \"r\", \"sheet\": %s}", sheet);
        write(
                "PUT /api/crafts/W2/layout",
                "{\"version\": 1, \"layout\": \"STACK\", \"battery\": %s, \"parts\": [\"receiver\"]}",
                battery);
        write("POST /api/craft-drawing", sheet);
        write(
                "POST /api/wiring-map",
                app.get("/api/crafts/W2/build-sheet").get("electrics").toString());
        write("POST /api/crafts/W2/parts", "{\"version\": 1, \"archetype\": \"beeper\"}");
        write("POST /api/crafts/W2/log", "{\"kind\": \"NOTE\", \"text\": \"x\"}");
        write("PUT /api/crafts/W2/aside", "{\"reason\": \"x\"}");
        write("POST /api/crafts/W2/repair", "{\"revision\": 1}");
        write(
                "POST /api/crafts/W2/routine",
                "{\"minutes\": 5, \"readings\": {\"%s\": {\"outcomes\": {\"seen\": \"x\"}, \"written\": \"1 ohm\"}}}",
                step);
        write("POST /api/crafts/W2/routine/judge/" + step, "{\"outcomes\": {\"seen\": \"x\"}, \"written\": \"1 ohm\"}");
        write(
                "POST /api/work-ups",
                "{\"craftId\": \"W2\", \"kind\": \"take-off\", \"complaint\": \"x\", \"occasion\": \"BUILD\", \"seen\": {\"manner\": \"flips\"}, \"numbers\": {},"
                        + " \"before\": [{\"checkId\": \"arrow\", \"outcomes\": {\"seen\": \"forward\"}, \"numbers\": {\"seen\": \"1 V\"}, \"told\": \"1 V\"}]}");
        write("POST " + work + "/findings", """
        {"version": 1, "checkId": "arrow", "outcomes": {"seen": "forward"}, "written": "1 V", "numbers": {"seen": "1 V"}, "told": "1 V", "sure": true, "sureness": "SURE",
         "override": "x"}""");
        write("POST " + work + "/skips", "{\"version\": 1, \"checkId\": \"arrow\"}");
        write("POST " + work + "/suspicions", "{\"version\": 1, \"faultId\": \"x\", \"words\": \"w\"}");
        write(
                "POST " + work + "/own-tests",
                "{\"version\": 1, \"faultId\": \"x\", \"speaksFor\": true, \"strong\": true, \"words\": \"w\"}");
        write("PUT " + work + "/bench-state", """
        {"version": 1, "override": "", "state": {"propsOn": false, "batteryIn": false, "limiterIn": false, "usbIn": true,
         "antennaOn": true, "radioOn": false, "atField": false, "shortTest": "NOT_DONE"}}""");
        write(
                "POST " + work + "/fixes",
                "{\"version\": 1, \"faultId\": \"x\", \"fixId\": \"y\", \"confirmed\": \"c\"}");
        write("POST " + work + "/corrections", "{\"version\": 1, \"conflictId\": \"x\", \"way\": 1}");
        write("POST " + work + "/close", "{\"version\": 1, \"end\": \"HANDED_OVER\", \"reason\": \"r\"}");
        write("POST " + work + "/reopen", "{\"version\": 1, \"reason\": \"r\"}");
        write("PUT " + work + "/aside", "{\"reason\": \"x\"}");
        write("PUT /api/pre-power-convention", "{\"convention\": \"QUICK\"}");
        write("POST /api/batteries", "{\"label\": \"P2\", \"kind\": %s, \"rule\": \"" + convention + "\"}", battery);
        write("POST /api/batteries/P1/entries", """
        {"craft": "W2", "minutes": 5, "usedMah": 900, "chargedMah": 950, "restV": 16.1, "loadV": 15.2, "loadA": 20, "note": "x"}""");
        write("PUT /api/batteries/P1/entries/1", "{\"restV\": 15, \"note\": \"x\", \"sure\": true, \"reason\": \"r\"}");
        write("POST /api/batteries/P1/entries/1/withdrawal", "{\"reason\": \"r\"}");
        write("PUT /api/crafts/W2/log/1", "{\"kind\": \"NOTE\", \"text\": \"x\", \"reason\": \"r\"}");
        write("POST /api/crafts/W2/log/1/withdrawal", "{\"reason\": \"r\"}");
        write(
                "PUT /api/crafts/W2/files/1",
                "{\"name\": \"x\", \"workUp\": null, \"n\": 1, \"line\": 1, \"reason\": \"r\"}");
        write("POST /api/crafts/W2/files/1/withdrawal", "{\"reason\": \"r\"}");
        write("PUT /api/batteries/P1/rule", "{\"rule\": \"" + convention + "\"}");
        String sort = """
        {"id": "relay", "label": "Relay", "shortName": "REL", "kind": "PART", "lowestV": 4.5, "highestV": 5.5, "pads": [
         {"name": "+", "kind": "SUPPLY", "volts": 5, "row": 0, "usb": false, "room": 1},
         {"name": "-", "kind": "GROUND", "volts": 0, "row": 0, "usb": false, "room": 1},
         {"name": "O", "kind": "FEED", "volts": 3.3, "row": 1, "usb": false, "room": 1}],
         "traces": [{"from": "+", "to": "O", "ohms": 0.01}], "leaks": [{"from": "+", "to": "-", "ohms": 5000}],
         "capacitors": [{"plus": "+", "minus": "-", "farads": 1e-5, "bulky": false}],
         "regulators": [{"in": "+", "out": "O", "minus": "-", "volts": 3.3, "limitA": 1, "linear": true}],
         "dividers": [{"sense": "+", "minus": "-", "topOhms": 10000, "bottomOhms": 1000}],
         "loads": [{"plus": "+", "minus": "-", "volts": 5, "amps": 0.1, "poorAmps": 0.2}],
         "drives": [{"plus": "+", "minus": "-", "signal": "O"}], "currentSensors": ["O"]}""";
        write("POST /api/parts-library", sort);
        write("PUT /api/parts-library/relay", sort);
        write("POST /api/parts-library/own", "{\"partTypes\": [%s]}", sort);
        write("POST /api/parts-library#board", """
        {"id": "serial-board", "label": "Board", "shortName": "FC", "kind": "BOARD", "lowestV": 4.5, "highestV": 5.5,
         "pads": [{"name": "5V", "kind": "SUPPLY", "volts": 5, "row": 0, "usb": false, "room": 1},
           {"name": "R1", "kind": "SERIAL", "volts": 0, "row": 1, "usb": false, "room": 1}],
         "uarts": {"processor": "F4", "computer": "1", "soft": ["1"], "silent": "nothing",
           "pads": [{"pad": "R1", "uart": "1", "side": "RX", "inverter": "JUMPER", "bears5V": true}]}}""");
        write("POST /api/parts-library#part", """
        {"id": "serial-part", "label": "Part", "shortName": "RX", "kind": "PART", "lowestV": 4.5, "highestV": 5.5,
         "pads": [{"name": "S", "kind": "SERIAL", "volts": 0, "row": 0, "usb": false, "room": 1},
           {"name": "T", "kind": "SERIAL", "volts": 0, "row": 0, "usb": false, "room": 1}],
         "spoken": [{"job": "RECEIVER", "formats": ["SBUS"], "sends": "S", "hears": "T", "highV": 3.3}]}""");
        write("PUT /api/crafts/W2/part-types", "{\"version\": 1}");
        write("PUT /api/crafts/W2/uarts", "{\"version\": 1}");
        write("PUT /api/meter", app.get("/api/meter").toString());
        write("POST /api/instruments/motor-map", """
        {"shape": "X", "convention": "INWARD", "seen": [{"output": 1, "corner": "FRONT_LEFT", "spin": "CLOCKWISE"}],
         "props": {"FRONT_LEFT": "CLOCKWISE"}}""");
        write("POST /api/instruments/board-orientation", """
        {"motions": {"RIGHT_DOWN": "NOSE_UP"}, "told": {"rollDeg": 0, "pitchDeg": 0, "yawDeg": 0}, "arrow": "LEFT", "faceDown": true}""");
        write("POST /api/instruments/take-off-motion", "{\"craftId\": \"W2\", \"faultIds\": [\"x\"]}");
        write(
                "POST /api/instruments/read-here",
                "{\"craftId\": \"W2\", \"mode\": \"OHMS\", \"red\": \"PB.1+\", \"black\": \"PB.1-\"}");
        write(
                "POST /api/instruments/scale-from-readings",
                "{\"craftId\": \"W2\", \"readings\": [{\"meterV\": 15.2, \"shownV\": 12}], \"scale\": 11}");
        write(
                "POST /api/instruments/sense-chain",
                "{\"batteryV\": 16, \"topOhm\": 10000, \"bottomOhm\": 1000, \"tolerance\": 0.01, \"scale\": 11}");
        write(
                "POST /api/instruments/pack",
                "{\"kind\": %s, \"rule\": \"" + convention
                        + "\", \"drawA\": 10, \"restV\": 16, \"loadV\": 15, \"loadA\": 20}",
                battery);
        write("POST /api/instruments/rail-budget", "{\"craftId\": \"W2\"}");
        write(
                "POST /api/instruments/lead-drop",
                "{\"gaugeAwg\": 20, \"lengthMm\": 100, \"currentA\": 5, \"temperatureC\": 20, \"mostDropV\": 0.1}");
        write(
                "POST /api/instruments/limiter-bulb",
                "{\"batteryV\": 16, \"bulbV\": 12, \"bulbW\": 21, \"craftOhm\": 10}");
        LineWrites.all(EveryFieldTest::write);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static void write(String operation, String body, Object... parts) {
        WRITES.put(operation, (ObjectNode) app.json.readTree(String.format(body, parts)));
    }

    @Test
    void everyWriteOfTheInterfaceIsAmongThem() {
        Set<String> described = new TreeSet<>();
        app.get("/api/docs").get("paths").properties().forEach(path -> path.getValue()
                .properties()
                .forEach(method -> {
                    JsonNode sent = method.getValue().path("requestBody").path("content");
                    if (sent.has("application/json")) {
                        described.add(method.getKey().toUpperCase() + " " + path.getKey());
                    }
                }));
        Set<String> tried = new TreeSet<>();
        WRITES.keySet()
                .forEach(op -> tried.add(op.replaceAll("#.*", "")
                        .replaceAll("/crafts/W2", "/crafts/{craftId}")
                        .replaceAll("/(work-ups|log|entries|files)/\\d+", "/$1/{id}")
                        .replaceAll("/batteries/P1", "/batteries/{label}")
                        .replaceAll("/judge/.*", "/judge/{step}")
                        .replaceAll("/parts-library/relay", "/parts-library/{id}")));
        assertThat(tried).isEqualTo(described);
    }

    @Test
    void noFieldPutWrongGivesAServerErrorOrAnythingThatCannotBeShownAgain() {
        List<String> failures = new ArrayList<>();
        WRITES.forEach((operation, body) -> {
            for (JsonNode wrong : mutated(body)) {
                HttpResponse<String> answer = send(operation, (ObjectNode) wrong);
                if (!right(answer)) {
                    failures.add(operation + " " + cut(wrong.toString()) + " gave " + cut(answer.body()));
                }
            }
            JsonNode unreadable = app.get("/api/bench").get("unreadable");
            if (!unreadable.isEmpty()) {
                failures.add(operation + " left " + cut(unreadable.toString()));
            }
        });
        assertThat(failures).isEmpty();
        app.get("/api/crafts").forEach(craft -> {
            String path = "/api/crafts/" + craft.get("craftId").asString().replace(" ", "%20");
            app.get(path);
            app.get(path + "/power-map");
            app.get(path + "/routine");
            app.get(path + "/complaints");
        });
        app.get("/api/work-ups/" + workUp);
        app.get("/api/batteries");
    }

    private static boolean right(HttpResponse<String> answer) {
        String body = answer.body();
        return answer.statusCode() < 500
                && !body.contains("ablemedic.")
                && !body.contains("java.")
                && !body.contains("Cannot ")
                && (answer.statusCode() / 100 != 2 || !body.contains("Infinity") && !body.contains("NaN"));
    }

    private static HttpResponse<String> send(String operation, ObjectNode body) {
        String[] parts = operation.replaceAll("#.*", "").split(" ");
        if (body.has("version")
                && body.get("version").isInt()
                && body.get("version").asInt() == 1) {
            body.put(
                    "version",
                    parts[1].contains("/work-ups/")
                            ? app.get("/api/work-ups/" + workUp).get("version").asLong()
                            : app.get("/api/crafts/W2").get("version").asLong());
        }
        return app.send(parts[0], parts[1], body.toString().replace(BEYOND, "1e999"));
    }

    /**
     * Copies of a document, each with one place put wrong or left out. A place takes every third of what is wrong, the
     * next place the ones after these: each value comes to each kind of field, in a third of the time.
     */
    private static List<JsonNode> mutated(ObjectNode body) {
        List<JsonNode> all = new ArrayList<>();
        int turn = 0;
        for (List<Object> place : places(body, new ArrayList<>())) {
            turn++;
            for (int i = turn % APART; i < WRONG.size(); i += APART) {
                all.add(with(body, place, app.json.readTree(WRONG.get(i))));
            }
            if (place.get(place.size() - 1) instanceof String) {
                all.add(with(body, place, null));
            }
        }
        return all;
    }

    private static List<List<Object>> places(JsonNode node, List<Object> here) {
        List<List<Object>> all = new ArrayList<>();
        if (!here.isEmpty()) {
            all.add(here);
        }
        node.properties().forEach(field -> all.addAll(places(field.getValue(), then(here, field.getKey()))));
        for (int i = 0; node.isArray() && i < Math.min(FIRST_OF_A_LIST, node.size()); i++) {
            all.addAll(places(node.get(i), then(here, i)));
        }
        return all;
    }

    private static List<Object> then(List<Object> here, Object step) {
        List<Object> longer = new ArrayList<>(here);
        longer.add(step);
        return longer;
    }

    private static JsonNode with(ObjectNode body, List<Object> place, JsonNode value) {
        ObjectNode copy = body.deepCopy();
        JsonNode node = copy;
        for (Object step : place.subList(0, place.size() - 1)) {
            node = step instanceof String name ? node.get(name) : node.get((Integer) step);
        }
        Object last = place.get(place.size() - 1);
        if (last instanceof Integer i) {
            ((ArrayNode) node).set(i, value);
        } else if (value == null) {
            ((ObjectNode) node).remove((String) last);
        } else {
            ((ObjectNode) node).set((String) last, value);
        }
        return copy;
    }

    private static String cut(String text) {
        return text.length() <= 400 ? text : text.substring(0, 400) + "…";
    }
}
