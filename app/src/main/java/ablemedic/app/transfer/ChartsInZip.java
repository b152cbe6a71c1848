package ablemedic.app.transfer;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.Packed;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;

/** A ZIP of charts that came in and lies on the disk: read chart by chart, and of each one attached file at a time. */
final class ChartsInZip implements AutoCloseable {
    private static final Words REFUSALS =
            Catalogue.beside(ChartsInZip.class, "refusals").of("charts-in-zip");
    private static final int LARGEST_MANIFEST = 16 * 1024 * 1024;

    private final Json json;
    private final ZipFile zip;
    private List<ChartsManifest.LeftOut> leftOut = List.of();

    private ChartsInZip(Json json, ZipFile zip) {
        this.json = json;
        this.zip = zip;
    }

    /** @throws Refusal where it can't be unpacked, or lacks something of what it names */
    static ChartsInZip open(Json json, Path file) throws IOException {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        } catch (ZipException | IllegalArgumentException e) {
            throw Refusal.wrong("file", REFUSALS, "cut-off");
        }
        ChartsInZip opened = new ChartsInZip(json, zip);
        try {
            opened.whole();
            return opened;
        } catch (RuntimeException | IOException e) {
            zip.close();
            throw e;
        }
    }

    /** Whether everything is there that its last file names; what an older version wrote names nothing. */
    private void whole() throws IOException {
        ZipEntry named = zip.getEntry(ChartsManifest.NAME);
        if (named == null) {
            return;
        }
        ChartsManifest manifest;
        try (InputStream in = bounded(named, LARGEST_MANIFEST)) {
            manifest = json.read(in, ChartsManifest.class);
        } catch (UnreadableRecordException e) {
            throw Refusal.wrong(ChartsManifest.NAME, REFUSALS, "no-manifest");
        }
        if (!ChartsManifest.FORMAT.equals(manifest.format())
                || manifest.form() != ChartsManifest.FORM
                || manifest.files() == null) {
            throw Refusal.wrong(ChartsManifest.NAME, REFUSALS, "newer");
        }
        Set<String> there = new HashSet<>(Set.of(ChartsManifest.NAME));
        for (ChartsManifest.File file : manifest.files()) {
            ZipEntry entry = file == null || file.name() == null ? null : zip.getEntry(file.name());
            if (entry == null || entry.getSize() != file.bytes()) {
                throw Refusal.wrong(
                        ChartsManifest.NAME,
                        REFUSALS.with("file", Refusal.shortened(file == null ? "" : file.name())),
                        "file-missing");
            }
            there.add(file.name());
        }
        leftOut = manifest.leftOut() == null
                ? List.of()
                : manifest.leftOut().stream()
                        .filter(one -> one != null && one.craftId() != null && one.why() != null)
                        .toList();
        if (zip.stream().anyMatch(entry -> !entry.isDirectory() && !there.contains(entry.getName()))) {
            throw Refusal.wrong(ChartsManifest.NAME, REFUSALS, "more");
        }
    }

    /** Charts that were left out when it was written. */
    List<ChartsManifest.LeftOut> leftOut() {
        return leftOut;
    }

    /** The documents in it. */
    List<String> charts() {
        boolean named = zip.getEntry(ChartsManifest.NAME) != null;
        return zip.stream()
                .filter(entry -> !entry.isDirectory())
                .map(ZipEntry::getName)
                .filter(name -> !named || name.endsWith("/" + ChartsZip.DOCUMENT))
                .<String>map(name -> name)
                .toList();
    }

    /** A chart, its files opened as they are needed. @throws Refusal where it is none */
    ChartBundle chart(String name) {
        ZipEntry document = zip.getEntry(name);
        ChartBundle chart = BundleFile.read(json, () -> bounded(document, BundleFile.LARGEST));
        String folder = name.substring(0, name.lastIndexOf('/') + 1);
        return chart.withAttached(one -> one.file() == null ? one : opened(folder, one.file()));
    }

    private Attached opened(String folder, String file) {
        @Nullable ZipEntry entry = zip.getEntry(folder + file);
        if (entry == null) {
            throw Refusal.wrong(Refusal.shortened(file), REFUSALS, "not-in-zip");
        }
        return Attached.beside(file, () -> bytes(entry));
    }

    private byte[] bytes(ZipEntry entry) {
        try (InputStream in = bounded(entry, Packed.MOST_PACKED)) {
            byte[] bytes = in.readAllBytes();
            CRC32 sum = new CRC32();
            sum.update(bytes);
            if (bytes.length != entry.getSize() || sum.getValue() != entry.getCrc()) {
                throw Refusal.wrong(Refusal.shortened(entry.getName()), REFUSALS, "file-damaged");
            }
            return bytes;
        } catch (ZipException e) {
            throw Refusal.wrong(Refusal.shortened(entry.getName()), REFUSALS, "file-damaged");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A file of it that is no longer than it says, nor than it may be. */
    private InputStream bounded(ZipEntry entry, int most) throws IOException {
        if (entry.getSize() < 0 || entry.getSize() > most) {
            throw Refusal.wrong(
                    Refusal.shortened(entry.getName()), REFUSALS.with("most", most / 1024 / 1024), "file-size");
        }
        return new BoundedStream(zip.getInputStream(entry), entry.getSize());
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
