package ablemedic.app.transfer;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.BrokenOffException;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.transfer.BundleWriter.TakenIn;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Charts out and in, one by one or all together. */
@RestController
class TransferController {
    private static final Words SAID =
            Catalogue.beside(TransferController.class, "words").of("transfer-controller");
    private static final Words REFUSALS =
            Catalogue.beside(TransferController.class, "refusals").of("transfer-controller");
    private static final int MOST_CHARTS = 2_000;
    /** A chart with no photo and with exports up to this, bytes, is one document. */
    private static final long IN_DOCUMENT = 1024 * 1024;

    private final BundleCheck check;
    private final Clock clock;
    private final CraftStore crafts;
    private final BundleReader reader;
    private final BundleWriter writer;
    private final Json json;
    private final ReentrantLock taking = new ReentrantLock(true);

    TransferController(
            CraftStore crafts, BundleReader reader, BundleWriter writer, Json json, Clock clock, BundleCheck check) {
        this.check = check;
        this.clock = clock;
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

    /** Everything of a craft: one document, or a ZIP of it and its files where it has photos or large exports. */
    @GetMapping("/api/crafts/{craftId}/bundle")
    void bundle(@PathVariable String craftId, HttpServletResponse response) throws IOException {
        ChartBundle bundle = reader.of(craftId);
        if (bundle.files().isEmpty() && reader.attached(bundle.craft().craftId()) <= IN_DOCUMENT) {
            begin(response, MediaType.APPLICATION_JSON_VALUE, bundle.craft().craftId() + ".json");
            streaming(response, () -> json.write(response.getOutputStream(), bundle));
        } else {
            zip(response, bundle.craft().craftId() + ".zip", zip -> zip.add(bundle));
        }
    }

    /** All charts in a ZIP, written while they are read. */
    @GetMapping("/api/bundles")
    void all(HttpServletResponse response) throws IOException {
        zip(response, "able-medic-charts.zip", zip -> {
            for (CraftStore.Row row : crafts.all()) {
                Optional<ChartBundle> chart = readable(row.craftId(), zip);
                if (chart.isPresent()) {
                    zip.add(chart.get());
                }
            }
        });
    }

    /** A chart that can't be read is named in the ZIP and keeps no other back. */
    private Optional<ChartBundle> readable(String craftId, ChartsZip zip) {
        try {
            return Optional.of(reader.of(craftId));
        } catch (UnreadableRecordException e) {
            zip.leaveOut(craftId, String.valueOf(e.getMessage()));
            return Optional.empty();
        }
    }

    private interface Charts {
        void addTo(ChartsZip zip) throws IOException;
    }

    private void zip(HttpServletResponse response, String name, Charts charts) throws IOException {
        begin(response, "application/zip", name);
        streaming(response, () -> {
            try (ChartsZip zip = new ChartsZip(json, response.getOutputStream())) {
                charts.addTo(zip);
                zip.finish();
            }
        });
    }

    private interface Answer {
        void give() throws IOException;
    }

    /** An answer that fails half way is broken off, so that nobody takes its first half for the whole. */
    private static void streaming(HttpServletResponse response, Answer answer) throws IOException {
        try {
            answer.give();
        } catch (IOException | RuntimeException e) {
            if (response.isCommitted()) {
                throw new BrokenOffException(e);
            }
            response.reset();
            throw e;
        }
    }

    private static void begin(HttpServletResponse response, String type, String name) {
        response.setContentType(type);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                "attachment; filename=\"" + name.replaceAll("[^A-Za-z0-9._-]", "_") + "\"");
    }

    /**
     * Takes a chart in, or every chart of a ZIP; each is taken in whole or not at all. It waits on the disk, one at a
     * time.
     */
    @PostMapping(value = "/api/bundles", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    Arrived take(InputStream body) throws IOException {
        Path file = Files.createTempFile("able-medic-chart", ".in");
        try {
            Files.copy(body, file, StandardCopyOption.REPLACE_EXISTING);
            taking.lock();
            try {
                return isZip(file)
                        ? zip(file)
                        : new Arrived(List.of(writer.take(check.checked(document(file)), clock.instant())), List.of());
            } finally {
                taking.unlock();
            }
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static boolean isZip(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] first = in.readNBytes(2);
            return first.length == 2 && first[0] == 'P' && first[1] == 'K';
        }
    }

    private ChartBundle document(Path file) throws IOException {
        if (Files.size(file) > BundleFile.LARGEST) {
            throw Refusal.wrong("file", REFUSALS.with("largest", BundleFile.LARGEST / 1024 / 1024), "size");
        }
        ChartBundle chart = BundleFile.read(json, () -> new BufferedInputStream(Files.newInputStream(file)));
        chart.attached().filter(one -> one.file() != null).findFirst().ifPresent(one -> {
            throw Refusal.wrong(Refusal.shortened(one.file()), REFUSALS, "without-file");
        });
        return chart;
    }

    private Arrived zip(Path file) throws IOException {
        List<TakenIn> taken = new ArrayList<>();
        List<RefusedChart> refused = new ArrayList<>();
        try (ChartsInZip zip = ChartsInZip.open(json, file)) {
            zip.leftOut()
                    .forEach(one -> refused.add(new RefusedChart(
                            Refusal.shortened(one.craftId()),
                            "",
                            SAID.with("why", Refusal.shortened(one.why()))
                                    .line("left-out")
                                    .plain())));
            List<String> charts = zip.charts();
            if (charts.size() > MOST_CHARTS) {
                throw Refusal.wrong("file", REFUSALS.with("mostCharts", MOST_CHARTS), "charts");
            }
            for (String name : charts) {
                try {
                    taken.add(writer.take(check.checked(zip.chart(name)), clock.instant()));
                } catch (Rejected e) {
                    refused.add(new RefusedChart(Refusal.shortened(name), e.where(), e.right()));
                }
            }
        }
        if (taken.isEmpty() && refused.isEmpty()) {
            throw Refusal.wrong("file", REFUSALS, "no-chart");
        }
        return new Arrived(taken, refused);
    }
}
