package ablemedic.torture;

import ablemedic.program.Server;
import ablemedic.program.Server.Answer;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
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
 * Fifty at once on ten open work-ups, reading and writing with a second between what each does. The first third of
 * the time, while the machine warms up, does not count for the times, but for the errors.
 */
final class FiftyClients implements Trial {
  private static final int CLIENTS = 50;
  private static final int WORK_UPS = 10;
  private static final long THINK_MS = 1000;
  private static final double LONGEST_MS = 1000;
  private static final String[] KINDS = {"take-off", "voltage", "dead-arm", "no-power", "shorts"};

  @Override
  public String name() {
    return "fifty clients";
  }

  @Override
  public Found run(Path folder, Duration time) throws InterruptedException {
    Map<String, Queue<Double>> times = new ConcurrentHashMap<>();
    AtomicInteger errors = new AtomicInteger();
    AtomicInteger all = new AtomicInteger();
    try (Server server = Server.on(folder.resolve("fifty.db"))) {
      long[] ids = new long[WORK_UPS];
      for (int i = 0; i < WORK_UPS; i++) {
        server.enterWired("F" + i);
        ids[i] = server.open("F" + i, KINDS[i % KINDS.length]);
        server.get("/api/work-ups/" + ids[i]);
      }
      JsonNode faults = server.get("/api/faults?craft=F0").json();
      long end = System.nanoTime() + time.toNanos();
      long warm = System.nanoTime() + time.toNanos() / 3;
      List<Thread> clients = new ArrayList<>();
      for (int c = 0; c < CLIENTS; c++) {
        Random random = new Random(c);
        Thread client = new Thread(() -> {
          while (System.nanoTime() < end) {
            int i = random.nextInt(WORK_UPS);
            String what = List.of("bench", "work-up", "work-up", "chart", "write", "write").get(random.nextInt(6));
            long begun = System.nanoTime();
            Answer answer = act(server, what, "F" + i, ids[i], faults, random);
            if (begun > warm) {
              times.computeIfAbsent(what, w -> new ConcurrentLinkedQueue<>()).add((System.nanoTime() - begun) / 1e6);
            }
            all.incrementAndGet();
            errors.addAndGet(answer.status() == 0 || answer.status() >= 500 ? 1 : 0);
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
    double worst = 0;
    List<String> said = new ArrayList<>();
    for (String what : List.of("bench", "work-up", "chart", "write")) {
      double[] sorted = times.getOrDefault(what, new ConcurrentLinkedQueue<>()).stream().mapToDouble(Double::doubleValue).sorted().toArray();
      double p99 = sorted.length == 0 ? 0 : sorted[(int) Math.min(sorted.length - 1, Math.ceil(sorted.length * 0.99) - 1)];
      worst = Math.max(worst, p99);
      said.add(String.format(Locale.ROOT, "%s %.0f/%.0f", what, sorted.length == 0 ? 0 : sorted[sorted.length / 2], p99));
    }
    return new Found(errors.get() == 0 && worst < LONGEST_MS, all + " requests of " + CLIENTS + " clients on " + WORK_UPS + " work-ups",
        errors + " server errors; half/99 % of answers within ms: " + String.join(", ", said));
  }

  private static Answer act(Server server, String what, String mark, long id, JsonNode faults, Random random) {
    return switch (what) {
      case "bench" -> server.get("/api/bench");
      case "chart" -> server.get("/api/crafts/" + mark);
      case "work-up" -> server.get("/api/work-ups/" + id);
      default -> random.nextInt(3) == 0 ? suspicion(server, id, faults, random) : server.send("POST", "/api/crafts/" + mark + "/log",
          "{\"kind\": \"NOTE\", \"text\": \"seen\"}");
    };
  }

  /** A write that has to be reasoned about; on a version that another may have overtaken. */
  private static Answer suspicion(Server server, long id, JsonNode faults, Random random) {
    Answer seen = server.get("/api/work-ups/" + id);
    if (seen.status() != 200) {
      return seen;
    }
    return server.send("POST", "/api/work-ups/" + id + "/suspicions", "{\"version\": " + seen.json().get("version") + ", \"faultId\": "
        + faults.get(random.nextInt(faults.size())).get("faultId") + ", \"words\": \"\"}");
  }

  private static void pause(Random random) {
    try {
      Thread.sleep(Arrays.asList(THINK_MS / 2, THINK_MS, THINK_MS * 3 / 2).get(random.nextInt(3)));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
