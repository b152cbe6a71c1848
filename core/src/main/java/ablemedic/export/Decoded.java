package ablemedic.export;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/**
 * The text of a file.
 *
 * @param encoding how its bytes stand for letters, for a person
 */
record Decoded(String text, String encoding) {
    private static final char BYTE_ORDER_MARK = '\uFEFF';

    /**
     * By its byte-order mark; without one as UTF-8 where it is that, and else as letters of one byte, which any bytes
     * are.
     */
    static Decoded of(byte[] file) {
        if (startsWith(file, 0xFF, 0xFE)) {
            return marked(file, StandardCharsets.UTF_16LE, "UTF-16");
        } else if (startsWith(file, 0xFE, 0xFF)) {
            return marked(file, StandardCharsets.UTF_16BE, "UTF-16");
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            return text.indexOf(BYTE_ORDER_MARK) == 0
                    ? new Decoded(
                            text.substring(1), ExportWords.FILE.line("marked").plain())
                    : new Decoded(text, "UTF-8");
        } catch (CharacterCodingException e) {
            return new Decoded(
                    new String(file, StandardCharsets.ISO_8859_1),
                    ExportWords.FILE.line("one-byte").plain());
        }
    }

    private static Decoded marked(byte[] file, Charset charset, String encoding) {
        return new Decoded(new String(file, charset).substring(1), encoding);
    }

    private static boolean startsWith(byte[] file, int... mark) {
        for (int i = 0; i < mark.length; i++) {
            if (file.length <= i || (file[i] & 0xFF) != mark[i]) {
                return false;
            }
        }
        return true;
    }
}
