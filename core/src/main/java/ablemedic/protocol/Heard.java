package ablemedic.protocol;

import java.util.List;

/** What was heard of one format on a line. */
public interface Heard {
    Format format();

    /** Frames of right structure and checksum. */
    long good();

    /** Frames of right structure and wrong checksum. */
    long bad();

    /** The share of all that was seen that lies in sound frames, 0 to 1. */
    double coverage();

    /** Sound frames a second; 0 where fewer than two came or nothing bears a time. */
    double ratePerS();

    /** What each channel gave, as far as the format carries channels. */
    List<Channel> channels();

    /**
     * When something of the channels changed, in the order of time; the first is the first frame. Of very many the
     * first ones.
     */
    default List<Moment> moments() {
        return List.of();
    }

    /** What was carried besides, each in words. */
    List<String> said();

    /**
     * What came over one channel, µs as a pulse of a servo would last.
     *
     * @param number from 1
     * @param moved whether it moved by more than noise does
     */
    record Channel(int number, double lastUs, double leastUs, double mostUs, boolean moved) {}

    /**
     * Channels that changed by more than noise, or a line that fell silent.
     *
     * @param atS seconds from the beginning of the recording
     * @param us all channels
     * @param failsafe whether the receiver said that it hears nothing
     * @param silent whether frames stopped here
     */
    record Moment(double atS, List<Double> us, boolean failsafe, boolean silent) {
        public Moment {
            us = List.copyOf(us);
        }
    }
}
