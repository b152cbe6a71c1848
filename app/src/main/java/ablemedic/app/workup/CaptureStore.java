package ablemedic.app.workup;

import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Packed;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.ByteArrayOutputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.time.Instant;
import java.util.List;
import java.util.zip.GZIPOutputStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Recordings of pads that were dropped on a check, kept packed beside their work-up. */
@Component
public class CaptureStore {
    private static final Words REFUSALS =
            Catalogue.beside(CaptureStore.class, "refusals").of("capture-store");
    private static final int MOST_PACKED = 8 * 1024 * 1024;
    private static final int MOST_KEPT = 20;

    private final Unreadables unreadables;
    private final JdbcClient database;

    CaptureStore(JdbcClient database, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
    }

    /**
     * A recording that is kept.
     *
     * @param outcome what it answers to its check
     * @param told what it shows, in a sentence
     */
    public record Kept(long number, String checkId, String name, String outcome, String told, Instant at) {}

    /** Batteries a file while somebody else reads it. */
    static final class Packing extends FilterInputStream {
        private final ByteArrayOutputStream packed = new ByteArrayOutputStream();
        private final OutputStream into;

        Packing(InputStream file) throws IOException {
            super(file);
            this.into = new GZIPOutputStream(packed);
        }

        @Override
        public int read() throws IOException {
            int one = in.read();
            if (one >= 0) {
                keep(new byte[] {(byte) one}, 0, 1);
            }
            return one;
        }

        @Override
        public int read(byte[] bytes, int offset, int length) throws IOException {
            int some = in.read(bytes, offset, length);
            if (some > 0) {
                keep(bytes, offset, some);
            }
            return some;
        }

        /** What goes past the bound is read and not kept. */
        private void keep(byte[] bytes, int offset, int length) throws IOException {
            if (packed.size() <= MOST_PACKED) {
                into.write(bytes, offset, length);
            }
        }

        /** @throws Refusal for a file that is too long to be kept */
        byte[] packed() throws IOException {
            into.close();
            if (packed.size() > MOST_PACKED) {
                throw Refusal.wrong("file", REFUSALS.with("mostPacked", MOST_PACKED / 1024 / 1024), "too-long");
            }
            return packed.toByteArray();
        }
    }

    /**
     * A recording on its way in.
     *
     * @param outcome of its check
     * @param told what it tells, in words
     */
    public record Captured(String checkId, String name, String outcome, String told, byte[] packed) {}

    @Transactional
    public long keep(long workUpId, Captured captured, Instant at) {
        if (of(workUpId).size() >= MOST_KEPT) {
            throw Refusal.conflict("file", REFUSALS.with("mostKept", MOST_KEPT), "most");
        }
        database.sql(
                        "INSERT INTO capture (work_up_id, check_id, name, outcome, told, entered_at, packed) VALUES (?, ?, ?, ?, ?, ?, ?)")
                .params(
                        workUpId,
                        captured.checkId(),
                        captured.name(),
                        captured.outcome(),
                        captured.told(),
                        at.toString(),
                        captured.packed())
                .update();
        return database.sql("SELECT last_insert_rowid()").query(Long.class).single();
    }

    /** Those of a work-up, the oldest first. */
    public List<Kept> of(long workUpId) {
        return database.sql(
                        "SELECT id, check_id, name, outcome, told, entered_at, work_up_id FROM capture WHERE work_up_id = ? ORDER BY id")
                .param(workUpId)
                .query((row, n) -> new Kept(
                        row.getLong(1),
                        row.getString(2),
                        row.getString(3),
                        row.getString(4),
                        row.getString(5),
                        unreadables.time("capture", row, "entered_at")))
                .list();
    }

    /** The file as it came. */
    InputStream file(long workUpId, long number) {
        byte[] packed = database.sql("SELECT packed FROM capture WHERE work_up_id = ? AND id = ?")
                .params(workUpId, number)
                .query((row, n) -> row.getBytes(1))
                .optional()
                .orElseThrow(() -> Refusal.unknown(
                        "number", REFUSALS.with("workUpId", workUpId).with("number", number), "no-recording"));
        return Packed.stream(packed);
    }
}
