package ablemedic.capture;

import ablemedic.catalogue.Names;
import java.nio.charset.StandardCharsets;

/** The forms in which a capture is kept. */
public enum CaptureForm {
    VCD,
    CSV,
    HEX,
    BYTES;

    private static final int MOSTLY_TEXT = 98;

    public String label() {
        return Names.of(this);
    }

    /** The form that the first bytes of a file speak for. */
    static CaptureForm of(byte[] head, int length) {
        int printable = 0;
        for (int i = 0; i < length; i++) {
            int c = head[i] & 0xFF;
            printable += c >= ' ' && c != 0x7F || c == '\n' || c == '\r' || c == '\t' ? 1 : 0;
        }
        // A line of sentences is text as well, and stands for its bytes.
        String text = new String(head, 0, length, StandardCharsets.UTF_8)
                .replace("\uFEFF", "")
                .stripLeading();
        if (printable * 100L < (long) MOSTLY_TEXT * length || text.startsWith("$G") || text.startsWith("!A")) {
            return BYTES;
        }
        if (text.startsWith("$")) {
            return VCD;
        }
        return !text.isBlank() && text.lines().limit(3).allMatch(CaptureForm::isHex) ? HEX : CSV;
    }

    /** Two digits a byte; two numbers parted by a comma are a row of a table. */
    private static boolean isHex(String line) {
        String[] words = line.strip().split("[\\s,;:]+");
        for (int i = 0; i < Math.max(1, words.length - 1); i++) {
            if (words.length == 0 || !words[i].matches("(0[xX])?[0-9A-Fa-f]{2}")) {
                return false;
            }
        }
        return words.length > 2 || line.indexOf(',') < 0 && line.indexOf(';') < 0;
    }
}
