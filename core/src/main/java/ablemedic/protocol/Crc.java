package ablemedic.protocol;

/** Checksums of the formats, by the names and parameters of the catalogue of parametrised CRC algorithms. */
public final class Crc {
    private static final int D5 = 0xD5;
    private static final int[] DVB_S2 = new int[256];
    private static final int[] MCRF4XX = new int[256];
    /** What {@link #mcrf4xx(int, int)} starts from. */
    static final int MCRF4XX_START = 0xFFFF;

    static {
        for (int value = 0; value < 256; value++) {
            int left = value;
            int right = value;
            for (int bit = 0; bit < 8; bit++) {
                left = (left & 0x80) != 0 ? left << 1 ^ D5 : left << 1;
                right = (right & 1) != 0 ? right >> 1 ^ 0x8408 : right >> 1;
            }
            DVB_S2[value] = left & 0xFF;
            MCRF4XX[value] = right;
        }
    }

    private Crc() {}

    /** CRC-8/DVB-S2: polynomial D5, from 0. */
    public static int dvbS2(byte[] bytes, int from, int to) {
        int crc = 0;
        for (int i = from; i < to; i++) {
            crc = DVB_S2[crc ^ bytes[i] & 0xFF];
        }
        return crc;
    }

    /** CRC-16/MCRF4XX: polynomial 1021 reflected, from FFFF. */
    public static int mcrf4xx(byte[] bytes, int from, int to) {
        int crc = MCRF4XX_START;
        for (int i = from; i < to; i++) {
            crc = mcrf4xx(crc, bytes[i]);
        }
        return crc;
    }

    /** The same with one byte more. */
    static int mcrf4xx(int crc, int value) {
        return crc >> 8 ^ MCRF4XX[(crc ^ value) & 0xFF];
    }
}
