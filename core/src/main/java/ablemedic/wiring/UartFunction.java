package ablemedic.wiring;

import ablemedic.catalogue.Names;
import ablemedic.protocol.Format;
import java.util.List;

/** What a UART of the FC is for, and so what a part on it is there for. */
public enum UartFunction {
    RECEIVER(List.of(Format.SBUS, Format.IBUS, Format.CRSF, Format.SATELLITE)),
    TELEMETRY(List.of(Format.POLLED, Format.STREAM, Format.CRSF, Format.MAVLINK)),
    GNSS(List.of(Format.NMEA, Format.BINARY_GNSS)),
    DISPLAY(List.of(Format.DISPLAY, Format.MAVLINK)),
    VIDEO_CONTROL(List.of(Format.VIDEO_CONTROL));

    private final List<Format> formats;

    UartFunction(List<Format> formats) {
        this.formats = formats;
    }

    public String label() {
        return Names.of(this);
    }

    /** What it is written as in settings and ids, such as {@code video-control}. */
    public String id() {
        return Names.id(this);
    }

    /** Formats that a part for this function may speak, the usual first. */
    public List<Format> formats() {
        return formats;
    }
}
