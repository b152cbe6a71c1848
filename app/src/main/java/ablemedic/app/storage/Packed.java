package ablemedic.app.storage;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/** Files as they are kept in the database. */
public final class Packed {
    private static final Words SAID = Catalogue.beside(Packed.class, "words").of("packed");
    /** The most that a file holds when it is unpacked, bytes. */
    public static final int MOST_UNPACKED = 256 * 1024 * 1024;

    /** The most that a packed file takes, bytes: twice the largest recording that is kept. */
    public static final int MOST_PACKED = 16 * 1024 * 1024;

    private Packed() {}

    /** Whether something is a packed file that can be unpacked within that bound. */
    public static boolean isOne(byte[] packed) {
        try (InputStream in = new GZIPInputStream(new ByteArrayInputStream(packed))) {
            byte[] part = new byte[8192];
            long all = 0;
            for (int some = in.read(part); some >= 0; some = in.read(part)) {
                all += some;
                if (all > MOST_UNPACKED) {
                    return false;
                }
            }
            return true;
        } catch (IOException e) {
            return false;
        }
    }

    public static byte[] of(byte[] file) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (OutputStream into = new GZIPOutputStream(packed)) {
            into.write(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return packed.toByteArray();
    }

    /**
     * The file as it came.
     *
     * @param most bytes that it may have
     * @throws UnreadableRecordException where it is no packed file, or a longer one
     */
    public static byte[] unpacked(byte[] packed, int most) {
        try (InputStream in = new GZIPInputStream(new ByteArrayInputStream(packed))) {
            byte[] file = in.readNBytes(most + 1);
            if (file.length > most) {
                throw new UnreadableRecordException(
                        SAID.with("most", most / 1024 / 1024).line("too-long").plain());
            }
            return file;
        } catch (IOException e) {
            throw new UnreadableRecordException(SAID.line("file").plain(), e);
        }
    }

    /** The file as it came, read as it is needed; it may be long. */
    public static InputStream stream(byte[] packed) {
        try {
            return new GZIPInputStream(new ByteArrayInputStream(packed));
        } catch (IOException e) {
            throw new UnreadableRecordException(SAID.line("file").plain(), e);
        }
    }
}
