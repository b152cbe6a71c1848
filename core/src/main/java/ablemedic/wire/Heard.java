package ablemedic.wire;

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

  /** What was carried besides, each in words. */
  List<String> said();

  /**
   * What came over one channel, µs as a pulse of a servo would last.
   *
   * @param number from 1
   * @param moved  whether it moved by more than noise does
   */
  record Channel(int number, double lastUs, double leastUs, double mostUs, boolean moved) {}
}
