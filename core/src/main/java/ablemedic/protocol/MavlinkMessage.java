package ablemedic.protocol;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * A message of the common set: what its checksum is seeded with and how long its payload is. Held as a table, since the
 * library that holds the payloads would have to load every one of its types to tell.
 *
 * @param crcExtra the last byte that goes into the checksum
 * @param leastLength bytes of a payload of the first version of the protocol
 * @param mostLength with all that was added since; the second version leaves zeros at the end away
 * @param type class of the payload in the library
 */
record MavlinkMessage(int id, int crcExtra, int leastLength, int mostLength, String type) {
    private static final Map<Integer, MavlinkMessage> COMMON = read();

    static Optional<MavlinkMessage> of(int id) {
        return Optional.ofNullable(COMMON.get(id));
    }

    static Map<Integer, MavlinkMessage> all() {
        return COMMON;
    }

    /** Its name, such as {@code Heartbeat}. */
    String name() {
        return type.substring(type.lastIndexOf('.') + 1);
    }

    private static Map<Integer, MavlinkMessage> read() {
        try (InputStream in = MavlinkMessage.class.getResourceAsStream("mavlink.csv");
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            Map<Integer, MavlinkMessage> all = new HashMap<>();
            lines.lines()
                    .skip(1)
                    .map(line -> line.split(","))
                    .forEach(f -> all.put(
                            Integer.valueOf(f[0]),
                            new MavlinkMessage(
                                    Integer.parseInt(f[0]),
                                    Integer.parseInt(f[1]),
                                    Integer.parseInt(f[2]),
                                    Integer.parseInt(f[3]),
                                    f[4])));
            return Map.copyOf(all);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
