package ablemedic.bench;

import ablemedic.program.Chance;
import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/**
 * The program with much in it: findings that contradict one another, many work-ups open at once, a workshop of some
 * years. Measured from outside.
 */
final class LoadTable {
    private static final int CONTRADICTIONS = 34;
    private static final int CRAFTS = 300;
    private static final int WORK_UPS = 2_000;
    private static final int OPEN = 100;
    private static final int COLD = 21;
    private static final int NAMES = 19_900;
    private static final int NAME_LENGTH = 370;
    /**
     * So many findings are added to the contradictions; during the first of them the machine code is still being made.
     */
    private static final int AFTER = 24;

    private static final int WARMING = 8;
    private static final long CHECK_MS = 10_000;
    private static final List<String> VIEWS = List.of(
            "/api/bench",
            "/api/crafts",
            "/api/work-ups",
            "/api/repair-log",
            "/api/repair-log/trends",
            "/api/batteries",
            "/api/crafts/L0",
            "/api/crafts/L0/log",
            "/api/crafts/L1/routine",
            "/api/crafts/L2/power-map",
            "/api/crafts/L3/build-sheet");

    private final Path folder;

    LoadTable(Path folder) {
        this.folder = folder;
    }

    void print() {
        contradictions();
        longExports();
        manyOfAll();
    }

    private void contradictions() {
        Path database = folder.resolve("contradictions.db");
        Random random = new Random(7);
        long id;
        try (Server server = Server.on(database, "--medic.demo=true")) {
            id = server.ask("GET", "/api/work-ups", "")
                    .valueStream()
                    .filter(one -> one.get("craftId").asString().equals("WHIMBREL")
                            && one.get("open").asBoolean())
                    .findFirst()
                    .orElseThrow()
                    .get("id")
                    .asLong();
            for (int n = 0; n < CONTRADICTIONS; ) {
                n += answered(server, id, random) > 0 ? 1 : 0;
            }
            server.ask("GET", "/api/work-ups/" + id, "");
        }
        try (Server server = Server.on(database)) {
            FixedWork.line(
                    CONTRADICTIONS + " contradictions, first view after a start",
                    seconds(server, "/api/work-ups/" + id),
                    1.5);
            // A check takes longer than this; what it needs is worked out meanwhile.
            pause(CHECK_MS);
            double[] writes = new double[AFTER];
            double[] views = new double[AFTER];
            for (int n = 0; n < AFTER; ) {
                writes[n] = answered(server, id, random);
                if (writes[n] > 0) {
                    views[n++] = seconds(server, "/api/work-ups/" + id);
                    pause(CHECK_MS / 10);
                }
            }
            FixedWork.line("  a finding more, recorded", median(writes), 0.15);
            FixedWork.line("  the view after it", median(views), 0.15);
            System.out.printf(
                    Locale.ROOT,
                    "    of these, the first %d after the start %.3f s, the last %d %.3f s%n",
                    WARMING,
                    median(Arrays.copyOf(views, WARMING)),
                    AFTER - WARMING,
                    median(Arrays.copyOfRange(views, WARMING, AFTER)));
        }
    }

    /** Two exports of 8 MB, nearly all of it names that no dialect has. */
    private void longExports() {
        try (Server server = Server.on(folder.resolve("exports.db"))) {
            server.enterWired("LONG");
            double[] taken = new double[2];
            for (int n = 0; n < taken.length; n++) {
                StringBuilder export = new StringBuilder(
                        "set motor_numbering = REAR_RIGHT\nset motor_outputs = 1-2-3-4\nset board_turn = 0/0/0\nset pack_ratio = 11000\n");
                for (int i = 0; i < NAMES; i++) {
                    export.append("set unknown_")
                            .append(i)
                            .append("_")
                            .append("x".repeat(NAME_LENGTH))
                            .append(" = ")
                            .append(n)
                            .append('\n');
                }
                byte[] file = export.toString().getBytes(StandardCharsets.UTF_8);
                long from = System.nanoTime();
                Answer answer = server.upload("/api/crafts/LONG/snapshots?name=all.txt&why=n" + n, file);
                taken[n] = answer.status() / 100 == 2 ? (System.nanoTime() - from) / 1e9 : Double.NaN;
            }
            FixedWork.line("an export of 8 MB with " + NAMES + " unknown names, taken in", median(taken), 5);
            FixedWork.line(
                    "  two of them compared", seconds(server, "/api/crafts/LONG/snapshots/2/changes?since=1"), 2);
        }
    }

    /** How long it took to record an answer to one of the checks, s; 0 where it can't be made as the bench is. */
    private static double answered(Server server, long id, Random random) {
        JsonNode view = server.ask("GET", "/api/work-ups/" + id, "");
        JsonNode card = Chance.card(server, id, view.get("checks"), random);
        if (!card.path("ready").asBoolean(false) || card.path("told").isObject()) {
            return 0;
        }
        String answer = Chance.answer(card, view.get("version"), random);
        long from = System.nanoTime();
        Answer written = server.send("POST", "/api/work-ups/" + id + "/findings", answer);
        return written.status() == 200 ? (System.nanoTime() - from) / 1e9 : 0;
    }

    private void manyOfAll() {
        Path database = folder.resolve("many.db");
        List<Long> open = new ArrayList<>();
        try (Server server = Server.on(database)) {
            for (int i = 0; i < OPEN; i++) {
                Chance.enter(server, "L" + i, i);
                closed(server, i);
                open.add(server.open("L" + i, Chance.kind(i + 1)));
            }
        }
        try (Server server = Server.on(database)) {
            FixedWork.line(OPEN + " work-ups open, first bench after a start", seconds(server, "/api/bench"), 1.5);
            long from = System.nanoTime();
            while (server.get("/api/bench").body().contains("\"pending\":true")) {
                pause(500);
            }
            System.out.printf(
                    Locale.ROOT,
                    "    the rest of it worked out behind after %.0f s%n",
                    (System.nanoTime() - from) / 1e9);
        }
        try (Server server = Server.on(database)) {
            double[] cold = new double[COLD];
            for (int i = 0; i < COLD; i++) {
                cold[i] = seconds(server, "/api/work-ups/" + open.get(i * OPEN / COLD));
            }
            FixedWork.line("  a craft visited again, " + COLD + " wired otherwise, half within", median(cold), 0.2);
            for (int i = OPEN; i < CRAFTS; i++) {
                Chance.enter(server, "L" + i, i);
                closed(server, i);
            }
        }
        alsoYearsBefore(database);
        try (Server server = Server.on(database)) {
            String slowest = "";
            double most = 0;
            for (String view : VIEWS) {
                seconds(server, view);
                double[] warm = new double[7];
                Arrays.setAll(warm, i -> seconds(server, view));
                if (median(warm) > most) {
                    most = median(warm);
                    slowest = view;
                }
            }
            FixedWork.line(
                    CRAFTS + " craft, " + WORK_UPS + " work-ups: every view warm, slowest " + slowest, most, 0.1);
            System.out.printf(Locale.ROOT, "    resident then %.0f MB (target 300)%n", server.residentMb());
        }
    }

    private static void closed(Server server, int craft) {
        long id = server.open("L" + craft, Chance.kind(craft));
        server.ask(
                "POST",
                "/api/work-ups/" + id + "/close",
                "{\"version\": 1, \"end\": \"HANDED_OVER\", \"reason\": \"to its builder\"}");
    }

    /** The closed work-ups once more, with all that belongs to them, until there are as many as there should be. */
    private static void alsoYearsBefore(Path database) {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement()) {
            for (int as = CRAFTS + OPEN + 1; as <= WORK_UPS; as++) {
                // Every second of the first ones is closed, and the ends of the others are there too.
                int of = 2 * (as % OPEN) + 1;
                statement.executeUpdate(
                        "INSERT INTO work_up SELECT %d, craft_id, revision, complaint, occasion, opened_at, complaint_kind, aside, rule FROM work_up WHERE id = %d"
                                .formatted(as, of));
                statement.executeUpdate(
                        "INSERT INTO work_up_event SELECT %d, n, at, body FROM work_up_event WHERE work_up_id = %d"
                                .formatted(as, of));
                statement.executeUpdate(
                        "INSERT INTO repair_log_entry SELECT NULL, %d, craft_id, closed_at, complaint, ended, reason, causes, kinds, fixes, changes, proof, minutes, parts FROM repair_log_entry WHERE work_up_id = %d"
                                .formatted(as, of));
                statement.executeUpdate(
                        "INSERT INTO work_up_end SELECT %d, n, packed FROM work_up_end WHERE work_up_id = %d"
                                .formatted(as, of));
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static double seconds(Server server, String path) {
        long from = System.nanoTime();
        server.ask("GET", path, "");
        return (System.nanoTime() - from) / 1e9;
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
