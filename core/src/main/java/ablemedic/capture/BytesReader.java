package ablemedic.capture;

import java.io.IOException;
import java.io.InputStream;

/** Reads bytes without times: raw, or as hexadecimal text. */
final class BytesReader {
    private BytesReader() {}

    static void raw(InputStream in, Recorded to) throws IOException {
        byte[] buffer = new byte[1 << 16];
        for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
            for (int i = 0; i < read; i++) {
                to.value(buffer[i]);
            }
            Captures.cancelled();
        }
    }

    static void hex(InputStream in, Recorded to) throws IOException {
        byte[] buffer = new byte[1 << 16];
        long line = 1;
        int digit = -1;
        for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
            for (int i = 0; i < read; i++) {
                int c = buffer[i] & 0xFF;
                line += c == '\n' ? 1 : 0;
                int value = Character.digit(c, 16);
                if (value >= 0) {
                    if (digit >= 0) {
                        to.value((byte) (16 * digit + value));
                        digit = -1;
                    } else {
                        digit = value;
                    }
                } else if ((c == 'x' || c == 'X') && digit == 0) {
                    digit = -1;
                } else if (digit >= 0 || c > ' ' && ",;:".indexOf(c) < 0) {
                    throw CaptureRefusals.inLine(line, "no-digit", "given", (char) c);
                }
            }
            Captures.cancelled();
        }
        if (digit >= 0) {
            throw CaptureRefusals.inLine(line, "half-byte");
        }
    }
}
