package ablemedic.wiring;

import ablemedic.protocol.Format;
import java.util.List;
import java.util.Locale;

/** What a UART of the FC is for, and so what a part on it is there for. */
public enum UartFunction {
    RECEIVER("receiver", List.of(Format.SBUS, Format.IBUS, Format.CRSF, Format.SATELLITE)),
    TELEMETRY("telemetry", List.of(Format.POLLED, Format.STREAM, Format.CRSF, Format.MAVLINK)),
    GNSS("GNSS", List.of(Format.NMEA, Format.BINARY_GNSS)),
    DISPLAY("OSD", List.of(Format.DISPLAY, Format.MAVLINK)),
    VIDEO_CONTROL("VTX control", List.of(Format.VIDEO_CONTROL));

    private final String label;
    private final List<Format> formats;

    UartFunction(String label, List<Format> formats) {
        this.label = label;
        this.formats = formats;
    }

    public String label() {
        return label;
    }

    /** What it is written as in settings and ids, such as {@code video-control}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Formats that a part for this function may speak, the usual first. */
    public List<Format> formats() {
        return formats;
    }
}
