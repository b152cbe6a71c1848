package ablemedic.protocol;

import ablemedic.catalogue.Param;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Sentences {@code $…*hh} with a carriage return and a line feed; hh is all between combined by exclusive or, as NMEA
 * 0183 has it. A sentence without a checksum is none here: nobody could tell it from noise.
 */
final class NmeaLayout implements Layout {
    /** NMEA 0183 allows 82; modules send longer ones. */
    private static final int LONGEST = 120;

    private static final int LEAST_TALKER = 5;

    private final Map<String, Long> sentences = new TreeMap<>();
    private String satellites = "";
    private String fix = "";

    @Override
    public int longest() {
        return LONGEST;
    }

    @Override
    public int frame(byte[] bytes, int at, int end) {
        if (bytes[at] != '$') {
            return NO_FRAME;
        }
        int xor = 0;
        for (int i = at + 1; i < end && i < at + LONGEST - 2; i++) {
            if (bytes[i] == '*') {
                if (i + 3 > end) {
                    return i + 3 - at;
                }
                int told = 16 * Character.digit(bytes[i + 1], 16) + Character.digit(bytes[i + 2], 16);
                return i - at <= LEAST_TALKER ? NO_FRAME : told == xor ? i + 3 - at : -(i + 3 - at);
            }
            if (bytes[i] < ' ' || bytes[i] == '$') {
                return NO_FRAME;
            }
            xor ^= bytes[i];
        }
        return end - at < LONGEST ? LONGEST : NO_FRAME;
    }

    @Override
    public void read(byte[] bytes, int at, int length) {
        String[] fields = new String(bytes, at + 1, length - 4, StandardCharsets.US_ASCII).split(",", -1);
        sentences.merge(fields[0], 1L, Long::sum);
        if (fields[0].endsWith("GGA") && fields.length > 7) {
            fix = fields[6].equals("0") || fields[6].isEmpty() ? "none" : "position";
            satellites = fields[7];
        }
    }

    @Override
    public List<String> said() {
        List<String> said = new ArrayList<>();
        sentences.forEach((sentence, count) -> said.add(SeenWords.of("nmea")
                .with("count", new Param.Count(count))
                .with("sentence", sentence)
                .line("sentences")
                .plain()));
        if (!fix.isEmpty()) {
            said.add(SeenWords.of("nmea")
                    .with("satellites", satellites.replaceFirst("^0+(?=.)", ""))
                    .line(satellites.isEmpty() ? fix : fix + "-satellites")
                    .plain());
        }
        return said;
    }
}
