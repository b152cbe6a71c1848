package ablemedic.protocol;

import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * Makes a line of a format, frame after frame, as a sound part or one set wrong would send it.
 *
 * @param format what is sent
 * @param baud bits a second; for a pulse format without any, ignored
 * @param inverted whether an idle line is low
 * @param everyS from one frame to the next, seconds
 */
public record Sender(Format format, double baud, boolean inverted, double everyS) {
    private static final double PPM_PULSE_S = 300e-6;
    private static final int PPM_CHANNELS = 8;
    private static final double DSHOT_ONE = 0.75;
    private static final double DSHOT_ZERO = 0.375;
    private static final int DSHOT_BITS = 16;
    private static final double RESTS_S = 1e-6;

    /** The formats that can be made here; of the others only rate and framing are known. */
    public static final List<Format> FORMATS = List.of(
            Format.PWM,
            Format.PPM,
            Format.DSHOT,
            Format.SBUS,
            Format.IBUS,
            Format.CRSF,
            Format.SATELLITE,
            Format.POLLED,
            Format.STREAM,
            Format.MAVLINK,
            Format.NMEA);

    /** As the format usually goes. */
    public static Sender usual(Format format) {
        if (!FORMATS.contains(format)) {
            throw new IllegalArgumentException(format.label() + " is not made here");
        }
        return new Sender(
                format,
                format.bauds().isEmpty() ? 0 : format.bauds().get(0),
                format.inverted(),
                switch (format) {
                    case PWM, PPM -> 0.0225;
                    case DSHOT -> 0.0005;
                    case SBUS -> 0.009;
                    case IBUS -> 0.007;
                    case CRSF -> 0.004;
                    case POLLED -> 0.012;
                    case SATELLITE -> 0.011;
                    case STREAM, NMEA -> 0.2;
                    default -> 0.1;
                });
    }

    /** The bytes of one frame; none for a format of pulses. */
    public byte[] bytes(List<Double> channelsUs, int count) {
        return switch (format) {
            case SBUS -> sbus(channelsUs);
            case IBUS -> ibus(channelsUs);
            case CRSF -> crsf(channelsUs);
            case MAVLINK -> heartbeat(count);
            case NMEA -> sentence("GPGGA,120000.00,4700.00000,N,00800.00000,E,1,08,1.1,400.0,M,47.0,M,,");
            case POLLED -> new byte[] {0x7E, (byte) 0xA1};
            case STREAM -> new byte[] {0x5E, 0x10, (byte) count, 0x00, 0x5E, 0x11, 0x2C, 0x01, 0x5E};
            case SATELLITE -> satellite(channelsUs, count);
            default -> new byte[0];
        };
    }

    private static double channel(List<Double> channelsUs, int channel) {
        return channel < channelsUs.size() ? channelsUs.get(channel) : 1500;
    }

    private static byte[] sbus(List<Double> channelsUs) {
        byte[] frame = new byte[SbusLayout.LENGTH];
        frame[0] = SbusLayout.START;
        for (int channel = 0; channel < SbusLayout.CHANNELS; channel++) {
            put(frame, 8 + 11 * channel, SbusLayout.raw(channel(channelsUs, channel)));
        }
        return frame;
    }

    private static void put(byte[] frame, int fromBit, int raw) {
        for (int bit = 0; bit < 11; bit++) {
            frame[(fromBit + bit) / 8] |= (byte) ((raw >> bit & 1) << (fromBit + bit) % 8);
        }
    }

    private static byte[] ibus(List<Double> channelsUs) {
        byte[] frame = new byte[IbusLayout.LENGTH];
        frame[0] = 0x20;
        frame[1] = 0x40;
        for (int channel = 0; channel < IbusLayout.CHANNELS; channel++) {
            int us = (int) Math.round(channel(channelsUs, channel));
            frame[2 + 2 * channel] = (byte) us;
            frame[3 + 2 * channel] = (byte) (us >> 8);
        }
        int sum = IbusLayout.checksum(frame, 0);
        frame[IbusLayout.LENGTH - 2] = (byte) sum;
        frame[IbusLayout.LENGTH - 1] = (byte) (sum >> 8);
        return frame;
    }

    private static byte[] crsf(List<Double> channelsUs) {
        byte[] frame = new byte[26];
        frame[0] = (byte) CrsfLayout.SYNC;
        frame[1] = 24;
        frame[2] = CrsfLayout.CHANNELS_TYPE;
        for (int channel = 0; channel < CrsfLayout.CHANNELS; channel++) {
            put(frame, 24 + 11 * channel, CrsfLayout.raw(channel(channelsUs, channel)));
        }
        frame[25] = (byte) Crc.dvbS2(frame, 2, 25);
        return frame;
    }

    private static byte[] heartbeat(int count) {
        byte[] packet = {(byte) 0xFE, 9, (byte) count, 1, 1, 0, 0, 0, 0, 0, 2, 0, 0x51, 4, 3, 0, 0};
        int crc = Crc.MCRF4XX_START;
        for (int i = 1; i < 15; i++) {
            crc = Crc.mcrf4xx(crc, packet[i]);
        }
        crc = Crc.mcrf4xx(crc, MavlinkMessage.of(0).orElseThrow().crcExtra());
        packet[15] = (byte) crc;
        packet[16] = (byte) (crc >> 8);
        return packet;
    }

    private static byte[] sentence(String text) {
        int xor = 0;
        for (int i = 0; i < text.length(); i++) {
            xor ^= text.charAt(i);
        }
        return ("$" + text + String.format("*%02X\r\n", xor)).getBytes(StandardCharsets.US_ASCII);
    }

    private static byte[] satellite(List<Double> channelsUs, int count) {
        byte[] frame = new byte[16];
        frame[1] = (byte) 0xA2;
        for (int i = 0; i < 7; i++) {
            int channel = count % 2 == 0 ? i : 7 + i;
            int word = channel << 11 | (int) Math.round((channel(channelsUs, channel) - 903) * 2048 / 1194) & 0x7FF;
            frame[2 + 2 * i] = (byte) (word >> 8);
            frame[3 + 2 * i] = (byte) word;
        }
        return frame;
    }

    /** Sends one frame, and the rest until the next is due. */
    public void send(List<Double> channelsUs, int count, Line line) {
        Pen pen = new Pen(line, inverted);
        if (format.framing().isPresent()) {
            Framing framing = format.framing().get();
            for (byte value : bytes(channelsUs, count)) {
                pen.put(false, 1 / baud);
                for (int bit = 0; bit < Framing.DATA_BITS; bit++) {
                    pen.put((value >> bit & 1) != 0, 1 / baud);
                }
                if (framing.parity() != Framing.Parity.NONE) {
                    pen.put(framing.parityBit(value) != 0, 1 / baud);
                }
                pen.put(true, framing.stopBits() / baud);
            }
            pen.rest(true, everyS);
        } else {
            pulses(channelsUs, pen);
            pen.rest(false, everyS);
        }
    }

    private void pulses(List<Double> channelsUs, Pen pen) {
        switch (format) {
            case PWM -> pen.put(true, channel(channelsUs, 0) * 1e-6);
            case PPM -> {
                for (int channel = 0; channel < PPM_CHANNELS; channel++) {
                    pen.put(true, PPM_PULSE_S);
                    pen.put(false, channel(channelsUs, channel) * 1e-6 - PPM_PULSE_S);
                }
                pen.put(true, PPM_PULSE_S);
            }
            default -> {
                int value =
                        (int) Math.round(Math.max(0, Math.min(2047, (channel(channelsUs, 0) - 1000) * 2 + 47))) << 1;
                int frame = value << 4 | (value ^ value >> 4 ^ value >> 8) & 0xF;
                for (int bit = DSHOT_BITS - 1; bit >= 0; bit--) {
                    double share = (frame >> bit & 1) != 0 ? DSHOT_ONE : DSHOT_ZERO;
                    pen.put(true, share / baud);
                    pen.put(false, (1 - share) / baud);
                }
            }
        }
    }

    /** Joins what stands at one level, and turns all round on an inverted line. */
    private static final class Pen {
        private final Line line;
        private final boolean inverted;
        private boolean level;
        private double stood;
        private double sent;

        Pen(Line line, boolean inverted) {
            this.line = line;
            this.inverted = inverted;
        }

        void put(boolean high, double seconds) {
            if (high != level && stood > 0) {
                flush();
            }
            level = high;
            stood += seconds;
        }

        private void flush() {
            line.stands(level != inverted, stood);
            sent += stood;
            stood = 0;
        }

        void rest(boolean high, double until) {
            put(high, Math.max(RESTS_S, until - sent - stood));
            flush();
        }
    }
}
