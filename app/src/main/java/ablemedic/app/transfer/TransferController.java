package ablemedic.app.transfer;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.app.transfer.BundleWriter.TakenIn;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Charts out and in, one by one or all together. */
@RestController
class TransferController {
  /** The longest document that is read, bytes, and how many of them in one ZIP. */
  static final int LARGEST = 64 * 1024 * 1024;
  private static final int MOST_CHARTS = 2_000;

  private final CraftStore crafts;
  private final BundleReader reader;
  private final BundleWriter writer;
  private final Json json;

  TransferController(CraftStore crafts, BundleReader reader, BundleWriter writer, Json json) {
    this.crafts = crafts;
    this.reader = reader;
    this.writer = writer;
    this.json = json;
  }

  /**
   * What came of a file.
   *
   * @param refused charts of a ZIP that were not taken in, each with the reason
   */
  record Arrived(List<TakenIn> taken, List<RefusedChart> refused) {}

  record RefusedChart(String name, String where, String why) {}

  /** Everything of a craft as one document. */
  @GetMapping("/api/crafts/{mark}/bundle")
  void bundle(@PathVariable String mark, HttpServletResponse response) throws IOException {
    ChartBundle bundle = reader.of(mark);
    begin(response, MediaType.APPLICATION_JSON_VALUE, bundle.craft().mark() + ".json");
    response.getOutputStream().write(bytes(bundle));
  }

  /** All charts in a ZIP, written while they are read. */
  @GetMapping("/api/bundles")
  void all(HttpServletResponse response) throws IOException {
    begin(response, "application/zip", "able-medic-charts.zip");
    try (ZipOutputStream zip = new ZipOutputStream(response.getOutputStream())) {
      for (CraftStore.Row row : crafts.all()) {
        zip.putNextEntry(new ZipEntry(row.mark() + ".json"));
        writeTo(zip, reader.of(row.mark()));
        zip.closeEntry();
      }
    }
  }

  private static void begin(HttpServletResponse response, String type, String name) {
    response.setContentType(type);
    response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name.replaceAll("[^A-Za-z0-9._-]", "_") + "\"");
  }

  private byte[] bytes(ChartBundle bundle) {
    return json.write(bundle).getBytes(StandardCharsets.UTF_8);
  }

  private void writeTo(OutputStream out, ChartBundle bundle) throws IOException {
    out.write(bytes(bundle));
  }

  /** Takes a chart in, or every chart of a ZIP; each is taken in whole or not at all. */
  @PostMapping(value = "/api/bundles", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  Arrived take(InputStream body) throws IOException {
    BufferedInputStream in = new BufferedInputStream(body);
    in.mark(4);
    byte[] first = in.readNBytes(2);
    in.reset();
    if (first.length == 2 && first[0] == 'P' && first[1] == 'K') {
      return zip(in);
    }
    return new Arrived(List.of(writer.take(read(in))), List.of());
  }

  private Arrived zip(InputStream in) throws IOException {
    List<TakenIn> taken = new ArrayList<>();
    List<RefusedChart> refused = new ArrayList<>();
    try (ZipInputStream zip = new ZipInputStream(in)) {
      for (@Nullable ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        if (taken.size() + refused.size() >= MOST_CHARTS) {
          throw Refusal.wrong("file", "More than " + MOST_CHARTS + " charts in one file are not read; the first " + taken.size() + " were.");
        }
        if (!entry.isDirectory()) {
          try {
            taken.add(writer.take(read(zip)));
          } catch (Refusal e) {
            refused.add(new RefusedChart(Refusal.shortened(entry.getName()), e.where(), String.valueOf(e.getMessage())));
          }
        }
      }
    } catch (ZipException | EOFException | IllegalArgumentException e) {
      throw Refusal.wrong("file", "The file begins like a ZIP and cannot be unpacked. " + taken.size() + " charts of it were taken in.");
    }
    if (taken.isEmpty() && refused.isEmpty()) {
      throw Refusal.wrong("file", "There is no chart in the file.");
    }
    return new Arrived(taken, refused);
  }

  private ChartBundle read(InputStream in) throws IOException {
    byte[] bytes = in.readNBytes(LARGEST + 1);
    if (bytes.length > LARGEST) {
      throw Refusal.wrong("file", "A chart of more than " + LARGEST / 1024 / 1024 + " MB is not read.");
    }
    return BundleFile.read(json, bytes);
  }
}
