package ablemedic.torture;

import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;

/** One write of each kind, each right as things stand when it is sent, by the table that it adds to or changes. */
final class EachKindOfWrite {
    private static final String LISTING =
            "set motor_numbering = REAR_RIGHT\nset motor_outputs = 1-2-3-4\nset board_turn = 0/0/0\nset pack_ratio = 11000\n";
    private final Map<String, Function<Server, Answer>> all = new LinkedHashMap<>();

    /**
     * @param craftId of a craft that is wired and has an open work-up
     * @param other of a craft that has none open when a work-up is to be opened
     */
    EachKindOfWrite(String craftId, long workUp, String other) {
        String craft = "/api/crafts/" + craftId;
        String work = "/api/work-ups/" + workUp;
        add(
                "craft",
                "POST",
                "/api/crafts",
                server -> "{\"craftId\": \"N" + System.nanoTime() % 1_000_000_000 + "\", \"name\": \"\"}");
        add(
                "build_sheet",
                "PUT",
                craft + "/build-sheet",
                server -> "{\"version\": " + version(server, craft) + ", \"reason\": \"weighed\", \"sheet\": "
                        + server.get(craft + "/build-sheet")
                                .body()
                                .replaceFirst("\"massG\":[0-9.]+", "\"massG\":" + (500 + System.nanoTime() % 300))
                        + "}");
        add("log_entry", "POST", craft + "/log", server -> "{\"kind\": \"NOTE\", \"text\": \"seen\"}");
        add(
                "correction",
                "PUT",
                craft + "/log/",
                server -> "{\"kind\": \"NOTE\", \"text\": \"looked again\", \"reason\": \"a slip\"}");
        add(
                "work_up_event",
                "POST",
                work + "/skips",
                server -> "{\"version\": " + version(server, work) + ", \"checkId\": \"arrow\"}");
        add(
                "pack",
                "POST",
                "/api/batteries",
                server -> "{\"label\": \"P" + System.nanoTime() % 1_000_000_000
                        + "\", \"kind\": {\"cells\": 4, \"chemistry\": \"LIPO\", \"capacityMah\": 1500, \"cellMilliohms\": 4}, \"rule\": "
                        + server.get("/api/landing-voltage-rules").json().get(0).get("id") + "}");
        add("part_type", "POST", "/api/parts-library", server -> """
        {"id": "relay-%d", "label": "Relay", "shortName": "REL", "kind": "PART", "lowestV": 4.5, "highestV": 5.5, "pads": [
         {"name": "+", "kind": "SUPPLY", "volts": 5, "row": 0, "usb": false, "room": 1}, {"name": "-", "kind": "GROUND", "volts": 0, "row": 0, "usb": false, "room": 1}]}""".formatted(System.nanoTime() % 1_000_000_000));
        add(
                "firmware_family",
                "POST",
                "/api/firmware-families/rows",
                server ->
                        "{\"rows\": [[\"family\", \"rowan\", \"Rowan\", \"set\", \"1\", \"2\"], [\"name\", \"setting\", \"since\", \"until\", \"times\", \"values\"], [\"cells\", \"cells\", \"1\", \"\", \"\", \"\"]]}");
        add("setting", "PUT", "/api/meter", server -> server.get("/api/meter").body());
        add("set_up", "POST", craft + "/set-up", server -> "{\"occasion\":\"REST\"}");
        all.put(
                "snapshot",
                server -> server.upload(
                        craft + "/snapshots?name=all.txt&why=full", LISTING.getBytes(StandardCharsets.UTF_8)));
        all.put(
                "kept_file",
                server -> server.upload(
                        craft + "/files?name=note.txt",
                        ("a bent arm " + "x".repeat(40_000)).getBytes(StandardCharsets.UTF_8)));
        add(
                "repair_log_entry",
                "POST",
                work + "/close",
                server -> "{\"version\": " + version(server, work)
                        + ", \"end\": \"HANDED_OVER\", \"reason\": \"to its builder\"}");
        add(
                "work_up",
                "POST",
                "/api/work-ups",
                server -> "{\"craftId\": \"" + other
                        + "\", \"complaint\": \"again\", \"occasion\": \"BUILD\", \"seen\": {}}");
    }

    private void add(String kind, String method, String path, Function<Server, String> body) {
        all.put(
                kind,
                server -> server.send(
                        method,
                        path.endsWith("/log/") ? path + newestNote(server, path.substring(0, path.length() - 1)) : path,
                        body.apply(server)));
    }

    private static String newestNote(Server server, String log) {
        for (JsonNode line : server.get(log).json()) {
            if (line.get("kind").asString().equals("note")) {
                return line.get("id").toString();
            }
        }
        return "0";
    }

    private static String version(Server server, String path) {
        return server.get(path).json().get("version").toString();
    }

    /** Sends each; the answers by kind. */
    Map<String, Answer> send(Server server) {
        Map<String, Answer> answers = new LinkedHashMap<>();
        all.forEach((kind, write) -> answers.put(kind, write.apply(server)));
        return answers;
    }
}
