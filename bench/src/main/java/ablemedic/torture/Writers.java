package ablemedic.torture;

import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;

/** Some who write for as long as they may, and remember what was acknowledged and what was refused. */
final class Writers implements AutoCloseable {
    /** A write may be done and its answer fail: then the refusal owns up to it. */
    private static final String WRITTEN = "was written all the same";

    private final Server server;
    private final Thread[] threads;
    private final Set<String> acknowledged;
    private final Set<String> refused = ConcurrentHashMap.newKeySet();
    private final Map<String, String> said = new ConcurrentHashMap<>();
    private final Map<Integer, AtomicInteger> codes = new ConcurrentHashMap<>();
    private volatile boolean going = true;

    /** @param acknowledged where to note what was, by its text */
    Writers(Server server, String craft, int count, Set<String> acknowledged, AtomicInteger serial) {
        this.server = server;
        this.acknowledged = acknowledged;
        this.threads = new Thread[count];
        for (int i = 0; i < count; i++) {
            int writer = i;
            threads[i] = new Thread(() -> write(craft, writer, serial), "writer-" + i);
            threads[i].start();
        }
    }

    private void write(String craft, int writer, AtomicInteger serial) {
        while (going) {
            int n = serial.incrementAndGet();
            String text = "note-" + n + ".";
            Answer answer = writer % 3 == 0
                    ? part(craft)
                    : server.send(
                            "POST",
                            "/api/crafts/" + craft + "/log",
                            "{\"kind\": \"NOTE\", \"text\": \"" + text + "\"}");
            codes.computeIfAbsent(answer.status(), c -> new AtomicInteger()).incrementAndGet();
            if (writer % 3 != 0 && answer.status() == 200) {
                acknowledged.add(text);
            } else if (writer % 3 != 0 && answer.status() != 0 && !answer.body().contains(WRITTEN)) {
                refused.add(text);
                said.put(text, answer.status() + " " + answer.body());
            }
        }
    }

    /** Adds a beeper or takes it off: two rows that belong together. */
    private Answer part(String craft) {
        Answer chart = server.get("/api/crafts/" + craft);
        if (chart.status() != 200) {
            return chart;
        }
        long version = chart.json().get("version").asLong();
        String beeper = "";
        for (var part : chart.json().get("sheet").get("electrics").get("parts")) {
            beeper = part.get("archetype").asString().equals("beeper")
                    ? part.get("id").asString()
                    : beeper;
        }
        return beeper.isEmpty()
                ? server.send(
                        "POST",
                        "/api/crafts/" + craft + "/parts",
                        "{\"version\": " + version + ", \"archetype\": \"beeper\"}")
                : server.send("DELETE", "/api/crafts/" + craft + "/parts/" + beeper + "?version=" + version, "");
    }

    /** How a refusal of a text was worded. */
    String said(String text) {
        return said.getOrDefault(text, "");
    }

    Set<String> refused() {
        return refused;
    }

    int count(int status) {
        return codes.getOrDefault(status, new AtomicInteger()).get();
    }

    /** How many answers were server errors other than "try again". */
    int serverErrors() {
        return codes.entrySet().stream()
                .filter(e -> e.getKey() >= 500 && e.getKey() != 503 && e.getKey() != 507)
                .mapToInt(e -> e.getValue().get())
                .sum();
    }

    @Override
    public void close() {
        going = false;
        for (Thread thread : threads) {
            try {
                thread.join();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
