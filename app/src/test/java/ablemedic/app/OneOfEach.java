package ablemedic.app;

import ablemedic.app.RunningApp.App;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** A craft with one of each kind of record that there is, and another beside it that has its own. */
public final class OneOfEach {
    public static final String CRAFT = "SPOILT";
    public static final String OTHER = "BESIDE";
    private static final String LISTING =
            "set motor_numbering = REAR_RIGHT\nset motor_outputs = 1-2-3-4\nset board_turn = 0/0/0\nset pack_ratio = 11000\n";

    private final App app;
    private long workUp;

    private OneOfEach(App app) {
        this.app = app;
    }

    /** Enters all of it; what is newest of each kind belongs to {@link #CRAFT}. */
    public static OneOfEach enter(App app) {
        OneOfEach all = new OneOfEach(app);
        all.craft(OTHER);
        all.craft(CRAFT);
        all.besides();
        all.workUps();
        return all;
    }

    private void craft(String craftId) {
        app.ask("POST", "/api/crafts", """
        {"craftId":"%s","name":"","craftClass":"INCH_5","spins":"INWARD","numbering":"REAR_RIGHT_FIRST","mode":"LEVEL","layout":"STACK","parts":["board-f7","receiver-one-way"],
        "battery":{"cells":4,"chemistry":"LIPO","capacityMah":1500,"cellMilliohms":4}}""".formatted(craftId));
        drop("/api/crafts/" + craftId + "/snapshots?name=all.txt&why=first", LISTING);
        drop("/api/crafts/" + craftId + "/snapshots?name=all.txt&why=later", LISTING.replace("11000", "11500"));
        app.runRoutine(craftId);
        app.ask("POST", "/api/crafts/" + craftId + "/set-up", "{\"occasion\":\"REST\"}");
        drop("/api/crafts/" + craftId + "/files?name=note.txt", "the arm was bent");
    }

    private void besides() {
        app.ask("PUT", "/api/meter", app.get("/api/meter").toString());
        String convention =
                app.get("/api/landing-voltage-rules").get(0).get("id").asString();
        app.ask(
                "POST",
                "/api/batteries",
                "{\"label\": \"P1\", \"kind\": {\"cells\": 4, \"chemistry\": \"LIPO\", \"capacityMah\": 1500, \"cellMilliohms\": 4}, \"rule\": \""
                        + convention + "\"}");
        app.ask(
                "POST",
                "/api/batteries/P1/entries",
                "{\"craft\": \"" + CRAFT + "\", \"minutes\": 5, \"usedMah\": 900, \"note\": \"x\"}");
        app.ask("POST", "/api/parts-library", """
        {"id": "relay", "label": "Relay", "shortName": "REL", "kind": "PART", "lowestV": 4.5, "highestV": 5.5, "pads": [
         {"name": "+", "kind": "SUPPLY", "volts": 5, "row": 0, "usb": false, "room": 1}, {"name": "-", "kind": "GROUND", "volts": 0, "row": 0, "usb": false, "room": 1}]}""");
        app.ask("POST", "/api/firmware-families/rows", """
        {"rows": [["family", "rowan", "Rowan", "set", "1", "2"], ["name", "setting", "since", "until", "times", "values"], ["cells", "cells", "1", "", "", ""]]}""");
        app.ask("POST", "/api/crafts/" + CRAFT + "/log", "{\"kind\": \"NOTE\", \"text\": \"a bent arm\"}");
        app.ask(
                "PUT",
                "/api/crafts/" + CRAFT + "/log/"
                        + app.get("/api/crafts/" + CRAFT + "/log").get(0).get("id"),
                "{\"kind\": \"NOTE\", \"text\": \"a broken arm\", \"reason\": \"looked again\"}");
        app.ask("POST", "/api/backups", "");
    }

    private void workUps() {
        close(open(OTHER));
        open(OTHER);
        close(open(CRAFT));
        workUp = open(CRAFT);
        drop(
                "/api/work-ups/" + workUp + "/captures?check=signal-at-pad-R1&name=pad.vcd",
                app.send("GET", "/api/instruments/signal?format=SBUS&inverted=true", "")
                        .body());
        app.ask(
                "POST",
                "/api/work-ups/" + workUp + "/skips",
                "{\"version\": " + version(workUp) + ", \"checkId\": \"signal-at-pad-R1\"}");
    }

    private long open(String craftId) {
        return app.ask(
                        "POST",
                        "/api/work-ups",
                        "{\"craftId\":\"" + craftId
                                + "\",\"kind\":\"no-sticks\",\"complaint\":\"sticks do nothing\",\"occasion\":\"BUILD\",\"seen\":{\"seen\":\"nothing\"}}")
                .get("id")
                .asLong();
    }

    private long version(long id) {
        return app.get("/api/work-ups/" + id).get("version").asLong();
    }

    private void close(long id) {
        app.ask(
                "POST",
                "/api/work-ups/" + id + "/close",
                "{\"version\": " + version(id) + ", \"end\": \"HANDED_OVER\", \"reason\": \"to its builder\"}");
    }

    private void drop(String path, String file) {
        HttpResponse<String> answer =
                app.sendAs("POST", path, file.getBytes(StandardCharsets.UTF_8), "application/octet-stream");
        if (answer.statusCode() / 100 != 2) {
            throw new AssertionError(path + " gave " + answer.statusCode() + ": " + answer.body());
        }
    }

    /** What the places and questions of the views are filled in with. */
    public Map<String, String> values() {
        JsonNode files = app.get("/api/crafts/" + CRAFT + "/files");
        return Map.ofEntries(
                Map.entry("craftId", CRAFT),
                Map.entry("work-ups.id", String.valueOf(workUp)),
                Map.entry("files.id", files.get(0).get("id").toString()),
                Map.entry("snapshots.number", "2"),
                Map.entry(
                        "captures.number",
                        app.get("/api/work-ups/" + workUp + "/captures")
                                .get(0)
                                .get("number")
                                .toString()),
                Map.entry("label", "P1"),
                Map.entry("firmware-families.id", "rowan"),
                Map.entry(
                        "handbook.id", app.get("/api/handbook").get(0).get("id").asString()),
                Map.entry("checkId", "signal-at-pad-R1"),
                Map.entry("faultId", "motor-dead-front-left"),
                Map.entry("family", "alder"),
                Map.entry("version", "2"),
                Map.entry("convention", "DROP"),
                Map.entry("pad", "R1"),
                Map.entry("since", "1"),
                Map.entry("setting", "alignment"),
                Map.entry("value", "0/0/0"),
                Map.entry("format", "SBUS"),
                Map.entry("snapshot", "2"));
    }
}
