package ablemedic.app.storage;

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
  private Packed() {}

  public static byte[] of(byte[] file) {
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (OutputStream into = new GZIPOutputStream(packed)) {
      into.write(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return packed.toByteArray();
  }

  /** The file as it came. */
  public static byte[] unpacked(byte[] packed) {
    try (InputStream in = new GZIPInputStream(new ByteArrayInputStream(packed))) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
