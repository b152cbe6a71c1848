package ablemedic.protocol;

import java.util.List;

/** How frames of one format stand in a row of bytes, and what they carry. */
interface Layout {
    /** Nothing starts here. */
    int NO_FRAME = 0;

    /** The longest frame, bytes. */
    int longest();

    /**
     * What starts at a place.
     *
     * @param bytes the bytes seen, of which those from {@code at} to {@code end} are known
     * @return the length of a frame of right structure and checksum; its negative where only the checksum is wrong;
     *     more than is known where bytes are wanting; {@link #NO_FRAME} where none starts
     */
    int frame(byte[] bytes, int at, int end);

    /** Takes over what a sound frame carries. */
    void read(byte[] bytes, int at, int length);

    /** What the last frame gave for each channel, µs as a pulse of a servo would last. */
    default List<Double> channelsUs() {
        return List.of();
    }

    /** Whether the last frame says that its sender hears nothing. */
    default boolean isFailsafe() {
        return false;
    }

    /** What was carried besides, each in words. */
    default List<String> said() {
        return List.of();
    }
}
