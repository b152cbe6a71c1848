package ablemedic.torture;

import ablemedic.program.Server;
import java.nio.file.Path;
import java.time.Duration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Works with a clock that is ahead, puts it right, and notes a crash. */
final class ClockMoved implements Trial {
    private static final Duration[] AHEAD = {
        Duration.ofHours(1), Duration.ofDays(2), Duration.ofDays(400), Duration.ofHours(-30)
    };

    @Override
    public String name() {
        return "clock moved";
    }

    @Override
    public Found run(Path folder, Duration time) {
        int wrong = 0;
        for (Duration ahead : AHEAD) {
            Path file = folder.resolve("clock" + ahead.toHours() + ".db");
            long id;
            try (Server server = Server.on(file, "--medic.clock-ahead=" + ahead)) {
                server.enterWired("C");
                id = server.open("C", "voltage");
                ObjectNode readings = Server.JSON.createObjectNode();
                server.ask("GET", "/api/crafts/C/routine", "").get("steps").forEach(step -> reading(readings, step));
                server.ask("POST", "/api/crafts/C/routine", "{\"minutes\": 6, \"readings\": " + readings + "}");
                wrong += state(server).equals("PASSED") ? 0 : 1;
            }
            try (Server server = Server.on(file)) {
                server.ask("POST", "/api/crafts/C/log", "{\"kind\": \"CRASH\", \"text\": \"crash\"}");
                wrong += state(server).equals("NOT_DONE") ? 0 : 1;
                JsonNode view = server.ask("GET", "/api/work-ups/" + id, "");
                wrong += view.get("bench").get("shortTest").asString().equals("NOT_DONE") ? 0 : 1;
                wrong += view.get("minutes").asDouble() >= 0 ? 0 : 1;
            }
        }
        return new Found(
                wrong == 0,
                AHEAD.length + " clocks, 30 h behind to 400 days ahead, a crash after each was put right",
                wrong + " times the routine still held, or minutes were negative");
    }

    private static String state(Server server) {
        return server.ask("GET", "/api/crafts/C/routine", "").get("state").asString();
    }

    private static void reading(ObjectNode readings, JsonNode step) {
        ObjectNode reading = readings.putObject(step.get("id").asString());
        if (step.get("question").get("outcomes").isEmpty()) {
            reading.put(
                    "written",
                    RightRequests.asSomebodyReads(step.get("expected").asString()));
        } else {
            reading.putObject("outcomes")
                    .put(
                            "seen",
                            step.get("question")
                                    .get("outcomes")
                                    .get(0)
                                    .get("id")
                                    .asString());
        }
    }
}
