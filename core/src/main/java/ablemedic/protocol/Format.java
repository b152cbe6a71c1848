package ablemedic.protocol;

import ablemedic.catalogue.Names;
import java.util.List;
import java.util.Optional;

/**
 * The wire formats that the parts of a craft speak. Rates, framings and levels are from memory; the timings that follow
 * from them can be worked out by hand.
 */
public enum Format {
    PWM("pwm", Kind.PULSES, List.of(), false, 1, Back.NONE),
    PPM("ppm", Kind.PULSES, List.of(), false, 1, Back.NONE),
    DSHOT("dshot", Kind.PULSES, List.of(150_000, 300_000, 600_000), false, 1, Back.NONE),
    SBUS("sbus", Kind.BYTES_E2, List.of(100_000), true, 1, Back.NONE),
    IBUS("ibus", Kind.BYTES, List.of(115_200), false, 1, Back.OTHER_LINE),
    CRSF("crsf", Kind.BYTES, List.of(416_666, 420_000), false, 2, Back.TWO_WAY),
    SATELLITE("satellite-serial", Kind.BYTES, List.of(115_200), false, 1, Back.NONE),
    POLLED("one-wire-polled-telemetry", Kind.BYTES, List.of(57_600), true, 1, Back.TWO_WAY),
    STREAM("one-way-telemetry-stream", Kind.BYTES, List.of(9_600), true, 1, Back.ONE_WAY),
    MAVLINK(
            "mavlink",
            Kind.BYTES,
            List.of(57_600, 9_600, 19_200, 38_400, 115_200, 230_400, 460_800, 921_600),
            false,
            2,
            Back.TWO_WAY),
    NMEA("nmea-0183", Kind.BYTES, List.of(9_600, 4_800, 19_200, 38_400, 57_600, 115_200), false, 1, Back.NONE),
    BINARY_GNSS("binary-gnss", Kind.BYTES, List.of(9_600, 19_200, 38_400, 57_600, 115_200), false, 2, Back.NONE),
    DISPLAY("display-link", Kind.BYTES, List.of(115_200), false, 2, Back.NONE),
    VIDEO_CONTROL("video-control-line", Kind.BYTES, List.of(9_600, 4_800), false, 1, Back.NONE);

    private final String id;
    private final Kind kind;
    private final List<Integer> bauds;
    private final boolean inverted;
    private final int wires;
    private final Back back;

    Format(String id, Kind kind, List<Integer> bauds, boolean inverted, int wires, Back back) {
        this.id = id;
        this.kind = kind;
        this.bauds = bauds;
        this.inverted = inverted;
        this.wires = wires;
        this.back = back;
    }

    /** What its bits are made of. */
    public enum Kind {
        PULSES,
        BYTES,
        BYTES_E2
    }

    /** What comes back to the radio over it. */
    public enum Back {
        NONE,
        OTHER_LINE,
        ONE_WAY,
        TWO_WAY;

        public String label() {
            return Names.of(this);
        }
    }

    public String label() {
        return Names.of(this);
    }

    /** What it is stored as. */
    public String id() {
        return id;
    }

    /** Its framing; none where it is made of pulses. */
    public Optional<Framing> framing() {
        return switch (kind) {
            case PULSES -> Optional.empty();
            case BYTES -> Optional.of(Framing.N1);
            case BYTES_E2 -> Optional.of(Framing.E2);
        };
    }

    /** Bits a second, the usual first; empty where a pulse's length is what it says. */
    public List<Integer> bauds() {
        return bauds;
    }

    /** Whether an idle line of it is low. */
    public boolean inverted() {
        return inverted;
    }

    /** Signal wires beside ground. */
    public int wires() {
        return wires;
    }

    public Back back() {
        return back;
    }
}
