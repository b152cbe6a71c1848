package ablemedic.bench;

import ablemedic.app.AbleMedic;
import ablemedic.app.chart.CraftStore;
import ablemedic.craft.Craft;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on the demo data, measured from outside. */
final class DemoApplication implements AutoCloseable {
  private static final int WARM_UP = 40;
  private static final int MEASURED = 41;

  private final ConfigurableApplicationContext context;
  private final double readySeconds;
  private final HttpClient client = HttpClient.newHttpClient();

  private DemoApplication(ConfigurableApplicationContext context, double readySeconds) {
    this.context = context;
    this.readySeconds = readySeconds;
  }

  static DemoApplication start(Path folder) {
    long from = System.nanoTime();
    var context = AbleMedic.start(
        "--server.port=0", "--medic.demo=true", "--medic.database=" + folder.resolve("demo.db"));
    return new DemoApplication(context, (System.nanoTime() - from) / 1e9);
  }

  /** The demo crafts as on their newest build sheets, by mark. */
  Map<String, Craft> crafts() {
    CraftStore store = context.getBean(CraftStore.class);
    Map<String, Craft> crafts = new LinkedHashMap<>();
    store.all().forEach(row -> crafts.put(row.mark(), store.newestCraft(row.mark())));
    return crafts;
  }

  void report() throws IOException, InterruptedException {
    System.out.printf(Locale.ROOT, "  ready, without class archive       %6.1f s%n", readySeconds);
    System.out.printf(Locale.ROOT, "  first answer of the bench, cold    %6.0f ms%n", millis("/api/bench"));
    for (int i = 0; i < WARM_UP; i++) {
      millis("/api/work-ups/6");
    }
    double[] times = new double[MEASURED];
    for (int i = 0; i < MEASURED; i++) {
      times[i] = millis("/api/work-ups/6");
    }
    Arrays.sort(times);
    System.out.printf(Locale.ROOT, "  a whole work-up view, warm         %6.0f ms (median of %d; target 100)%n",
        times[MEASURED / 2], MEASURED);
    System.out.printf(Locale.ROOT, "  resident memory of this process    %6.0f MB%n", residentMb());
  }

  private double millis(String path) throws IOException, InterruptedException {
    int port = ((WebServerApplicationContext) context).getWebServer().getPort();
    long from = System.nanoTime();
    var response = client.send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path)).build(),
        BodyHandlers.ofString());
    double millis = (System.nanoTime() - from) / 1e6;
    if (response.statusCode() != 200) {
      throw new IOException(path + " gave " + response.statusCode() + ": " + response.body());
    }
    return millis;
  }

  private static double residentMb() throws IOException {
    Path status = Path.of("/proc/self/status");
    if (!Files.exists(status)) {
      return Double.NaN;
    }
    return Files.readAllLines(status).stream().filter(line -> line.startsWith("VmRSS:"))
        .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D", "")) / 1024).findFirst().orElse(Double.NaN);
  }

  @Override
  public void close() {
    context.close();
  }
}
