package ablemedic.app.storage;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.EOFException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;

/**
 * The write-ahead log that a killed program leaves beside its file. SQLite plays it into whatever file lies there: into
 * a backup that was copied over the file too, which damages it or brings back what the backup did not hold.
 *
 * <p>Layout by "The SQLite database file format", section 4: a header of 32 bytes, then frames of 24 bytes and a page.
 */
final class LeftJournal {
    private static final Words SAID =
            Catalogue.beside(LeftJournal.class, "words").of("left-journal");
    private static final int HEADER = 32;
    private static final int FRAME_HEADER = 24;
    /** A checkpoint writes the file after the log; one that was cut off is younger than the log by less than this. */
    private static final Duration CHECKPOINT = Duration.ofSeconds(60);

    private LeftJournal() {}

    /**
     * @throws DatabaseFile.UnusableException when the file was put there after its log was written, and the log holds
     *     what the file does not
     */
    static void check(Path file, Path log) throws IOException {
        if (!Files.exists(log) || Files.size(log) <= HEADER) {
            return;
        }
        if (changed(file)
                        .toInstant()
                        .isAfter(Files.getLastModifiedTime(log).toInstant().plus(CHECKPOINT))
                && holdsMoreThan(file, log)) {
            throw new DatabaseFile.UnusableException(SAID.with("file", file)
                    .with("getFileName", log.getFileName())
                    .with("log", log)
                    .line("journal")
                    .plain());
        }
    }

    private static FileTime changed(Path file) throws IOException {
        return Files.getFileStore(file).supportsFileAttributeView("unix")
                ? (FileTime) Files.getAttribute(file, "unix:ctime")
                : Files.getLastModifiedTime(file);
    }

    /** Whether a committed page of the log differs from the file's. */
    private static boolean holdsMoreThan(Path file, Path log) throws IOException {
        try (FileChannel pages = FileChannel.open(file);
                FileChannel frames = FileChannel.open(log)) {
            ByteBuffer header = read(frames, 0, HEADER);
            int size = header.getInt(8);
            long salt = header.getLong(16);
            Map<Integer, Long> committed = new HashMap<>();
            Map<Integer, Long> pending = new HashMap<>();
            for (long at = HEADER; at + FRAME_HEADER + size <= frames.size(); at += FRAME_HEADER + size) {
                ByteBuffer frame = read(frames, at, FRAME_HEADER);
                if (frame.getLong(8) != salt) {
                    break;
                }
                pending.put(frame.getInt(0), at + FRAME_HEADER);
                if (frame.getInt(4) != 0) {
                    committed.putAll(pending);
                    pending.clear();
                }
            }
            for (Map.Entry<Integer, Long> page : committed.entrySet()) {
                long place = (page.getKey() - 1L) * size;
                if (place + size > pages.size()
                        || !read(pages, place, size).equals(read(frames, page.getValue(), size))) {
                    return true;
                }
            }
            return false;
        }
    }

    private static ByteBuffer read(FileChannel channel, long at, int length) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(length);
        while (bytes.hasRemaining()) {
            if (channel.read(bytes, at + bytes.position()) < 0) {
                throw new EOFException();
            }
        }
        return bytes.flip();
    }
}
