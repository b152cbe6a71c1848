package ablemedic.torture;

import ablemedic.program.Chance;
import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;

/**
 * Fifty at once on ten open work-ups, each of a craft that is wired otherwise, a second between what each does. They
 * answer checks by chance, so that findings contradict one another. Everything is timed, from the first second.
 */
final class FiftyClients implements Trial {
    private static final int CLIENTS = 50;
    private static final int WORK_UPS = 10;
    private static final long THINK_MS = 1000;
    /** For recording; what is shown after it is reasoned about, and told beside. */
    private static final double LONGEST_MS = 1000;

    private static final String FINDING = "finding";
    private final Map<String, Queue<Double>> times = new ConcurrentHashMap<>();
    private final AtomicInteger errors = new AtomicInteger();
    private final AtomicInteger all = new AtomicInteger();

    @Override
    public String name() {
        return "fifty clients";
    }

    @Override
    public Found run(Path folder, Duration time) throws InterruptedException {
        try (Server server = Server.on(folder.resolve("fifty.db"))) {
            long[] ids = new long[WORK_UPS];
            for (int i = 0; i < WORK_UPS; i++) {
                Chance.enter(server, "F" + i, i);
                ids[i] = server.open("F" + i, Chance.kind(i));
            }
            long end = System.nanoTime() + time.toNanos();
            List<Thread> clients = new ArrayList<>();
            for (int c = 0; c < CLIENTS; c++) {
                Random random = new Random(c);
                Thread client = new Thread(() -> {
                    while (System.nanoTime() < end) {
                        int i = random.nextInt(WORK_UPS);
                        act(server, "F" + i, ids[i], random);
                        pause(random);
                    }
                });
                client.start();
                clients.add(client);
            }
            for (Thread client : clients) {
                client.join();
            }
        }
        List<String> said = List.of("bench", "work-up", "chart", "log", FINDING).stream()
                .map(what -> String.format(Locale.ROOT, "%s %.0f/%.0f", what, share(what, 0.5), share(what, 0.99)))
                .toList();
        return new Found(
                errors.get() == 0 && share(FINDING, 0.99) < LONGEST_MS,
                all + " requests of " + CLIENTS + " clients on " + WORK_UPS + " work-ups, "
                        + times.getOrDefault(FINDING, new ConcurrentLinkedQueue<>())
                                .size() + " findings",
                errors.get() + " server errors; half/99 % of answers within ms: " + String.join(", ", said));
    }

    /** The time within which a share of the answers came, ms. */
    private double share(String what, double share) {
        double[] sorted = times.getOrDefault(what, new ConcurrentLinkedQueue<>()).stream()
                .mapToDouble(Double::doubleValue)
                .sorted()
                .toArray();
        return sorted.length == 0
                ? 0
                : sorted[(int) Math.max(0, Math.min(sorted.length - 1, Math.ceil(sorted.length * share) - 1))];
    }

    private void act(Server server, String craftId, long id, Random random) {
        switch (random.nextInt(6)) {
            case 0 -> timed("bench", server, "GET", "/api/bench", "");
            case 1 -> timed("chart", server, "GET", "/api/crafts/" + craftId, "");
            case 2 ->
                timed(
                        "log",
                        server,
                        "POST",
                        "/api/crafts/" + craftId + "/log",
                        "{\"kind\": \"NOTE\", \"text\": \"seen\"}");
            default -> finding(server, id, random);
        }
    }

    /** Answers the check that is proposed, or any other, as chance has it; another may have been quicker. */
    private void finding(Server server, long id, Random random) {
        Answer seen = timed("work-up", server, "GET", "/api/work-ups/" + id, "");
        if (seen.status() != 200) {
            return;
        }
        JsonNode view = seen.json();
        JsonNode checks = view.get("checks");
        JsonNode card = view.path("next");
        if (random.nextBoolean() && !checks.isEmpty() || !card.isObject()) {
            card = Chance.card(server, id, checks, random);
        }
        if (!card.path("ready").asBoolean(false)) {
            if (card.path("benchAfter").isObject()) {
                timed(
                        "bench-state",
                        server,
                        "PUT",
                        "/api/work-ups/" + id + "/bench-state",
                        "{\"version\": " + view.get("version") + ", \"state\": " + card.get("benchAfter") + "}");
            }
            return;
        }
        timed(
                FINDING,
                server,
                "POST",
                "/api/work-ups/" + id + "/findings",
                Chance.answer(card, view.get("version"), random));
    }

    private Answer timed(String what, Server server, String method, String path, String body) {
        long begun = System.nanoTime();
        Answer answer = server.send(method, path, body);
        times.computeIfAbsent(what, w -> new ConcurrentLinkedQueue<>()).add((System.nanoTime() - begun) / 1e6);
        all.incrementAndGet();
        errors.addAndGet(answer.status() == 0 || answer.status() >= 500 ? 1 : 0);
        return answer;
    }

    private static void pause(Random random) {
        try {
            Thread.sleep(THINK_MS / 2 + random.nextInt((int) THINK_MS));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
