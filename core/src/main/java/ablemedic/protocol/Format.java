package ablemedic.protocol;

import java.util.List;
import java.util.Optional;

/**
 * The wire formats that the parts of a craft speak. Rates, framings and levels are from memory; the timings that follow
 * from them can be worked out by hand.
 */
public enum Format {
    PWM("pwm", "PWM", Kind.PULSES, List.of(), false, 1, Back.NONE),
    PPM("ppm", "PPM", Kind.PULSES, List.of(), false, 1, Back.NONE),
    DSHOT("dshot", "DSHOT", Kind.PULSES, List.of(150_000, 300_000, 600_000), false, 1, Back.NONE),
    SBUS("sbus", "SBUS", Kind.BYTES_E2, List.of(100_000), true, 1, Back.NONE),
    IBUS("ibus", "IBUS", Kind.BYTES, List.of(115_200), false, 1, Back.OTHER_LINE),
    CRSF("crsf", "CRSF", Kind.BYTES, List.of(416_666, 420_000), false, 2, Back.TWO_WAY),
    SATELLITE("satellite-serial", "satellite serial", Kind.BYTES, List.of(115_200), false, 1, Back.NONE),
    POLLED(
            "one-wire-polled-telemetry",
            "half-duplex polled telemetry",
            Kind.BYTES,
            List.of(57_600),
            true,
            1,
            Back.TWO_WAY),
    STREAM("one-way-telemetry-stream", "one-way telemetry stream", Kind.BYTES, List.of(9_600), true, 1, Back.ONE_WAY),
    MAVLINK(
            "mavlink",
            "MAVLink",
            Kind.BYTES,
            List.of(57_600, 9_600, 19_200, 38_400, 115_200, 230_400, 460_800, 921_600),
            false,
            2,
            Back.TWO_WAY),
    NMEA(
            "nmea-0183",
            "NMEA 0183",
            Kind.BYTES,
            List.of(9_600, 4_800, 19_200, 38_400, 57_600, 115_200),
            false,
            1,
            Back.NONE),
    BINARY_GNSS(
            "binary-gnss",
            "binary GNSS",
            Kind.BYTES,
            List.of(9_600, 19_200, 38_400, 57_600, 115_200),
            false,
            2,
            Back.NONE),
    DISPLAY("display-link", "OSD link", Kind.BYTES, List.of(115_200), false, 2, Back.NONE),
    VIDEO_CONTROL("video-control-line", "VTX control line", Kind.BYTES, List.of(9_600, 4_800), false, 1, Back.NONE);

    private final String id;
    private final String label;
    private final Kind kind;
    private final List<Integer> bauds;
    private final boolean inverted;
    private final int wires;
    private final Back back;

    Format(String id, String label, Kind kind, List<Integer> bauds, boolean inverted, int wires, Back back) {
        this.id = id;
        this.label = label;
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
        NONE("nothing"),
        OTHER_LINE("telemetry on a line of its own"),
        ONE_WAY("telemetry one way"),
        TWO_WAY("telemetry both ways");

        private final String label;

        Back(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public String label() {
        return label;
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
