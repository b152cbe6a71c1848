package ablemedic.app.transfer;

import java.util.List;

/**
 * The last file of a ZIP of charts: every other file in it.
 *
 * @param format always {@link #FORMAT}
 */
record ChartsManifest(String format, int form, List<File> files) {
  static final String FORMAT = "able-medic-charts";
  static final int FORM = 1;
  static final String NAME = "manifest.json";

  /** @param bytes how long it is, unpacked */
  record File(String name, long bytes) {}
}
