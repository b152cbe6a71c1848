package ablemedic.bench;

import ablemedic.program.Server;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;

/** The program as its script starts it, on the demo data, measured from outside: from the second start on. */
final class ProgramTable {
    private static final int WARM_UP = 30;
    private static final int MEASURED = 41;

    private final Path database;

    ProgramTable(Path folder) {
        this.database = folder.resolve("demo.db");
    }

    void print() {
        try (Server first = Server.on(database, "--medic.demo=true")) {
            first.ask("GET", "/api/bench", "");
        }
        long from = System.nanoTime();
        try (Server server = Server.on(database)) {
            double ready = (System.nanoTime() - from) / 1e9;
            double cold = millis(server, "/api/bench");
            List<Long> open = new ArrayList<>();
            for (JsonNode workUp : server.ask("GET", "/api/work-ups", "")) {
                if (workUp.get("open").asBoolean()) {
                    open.add(workUp.get("id").asLong());
                }
            }
            FixedWork.line("ready after a start", ready, 7);
            FixedWork.line("bench, first after a start", cold / 1e3, 1.5);
            FixedWork.line("bench, warm, " + open.size() + " open work-ups", median(server, "/api/bench") / 1e3, 0.06);
            double slowest = open.stream()
                    .mapToDouble(id -> median(server, "/api/work-ups/" + id))
                    .max()
                    .orElse(Double.NaN);
            FixedWork.line("a work-up, warm, the slowest of them", slowest / 1e3, 0.05);
            everyView(server);
            System.out.printf(
                    Locale.ROOT, "  resident after every view was opened %.0f MB (target 300)%n", server.residentMb());
        }
    }

    private static void everyView(Server server) {
        for (String path : List.of(
                "/",
                "/api/choices",
                "/api/settings",
                "/api/instruments",
                "/api/parts-library",
                "/api/handbook",
                "/api/batteries",
                "/api/repair-log",
                "/api/meter",
                "/api/crafts",
                "/api/work-ups",
                "/api/checks",
                "/api/faults")) {
            server.get(path);
        }
        for (JsonNode craft : server.ask("GET", "/api/crafts", "")) {
            String path = "/api/crafts/" + craft.get("craftId").asString();
            for (String view : List.of("", "/routine", "/power-map", "/complaints", "/build-sheet")) {
                server.get(path + view);
            }
        }
        server.ask("GET", "/api/work-ups", "")
                .forEach(
                        workUp -> server.get("/api/work-ups/" + workUp.get("id").asLong()));
    }

    private static double median(Server server, String path) {
        for (int i = 0; i < WARM_UP; i++) {
            millis(server, path);
        }
        double[] times = new double[MEASURED];
        for (int i = 0; i < MEASURED; i++) {
            times[i] = millis(server, path);
        }
        Arrays.sort(times);
        return times[MEASURED / 2];
    }

    private static double millis(Server server, String path) {
        long from = System.nanoTime();
        server.ask("GET", path, "");
        return (System.nanoTime() - from) / 1e6;
    }
}
