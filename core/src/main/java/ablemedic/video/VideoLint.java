package ablemedic.video;

import ablemedic.craft.Craft;
import ablemedic.craft.VideoSettings;
import ablemedic.electrics.VideoPath;
import ablemedic.speciality.Lint;
import ablemedic.speciality.Lint.Severity;
import ablemedic.told.Setting;
import java.util.ArrayList;
import java.util.List;

/** What camera, transmitter, goggles and board are told that does not go together. */
final class VideoLint {
  private final Craft craft;
  private final List<Lint> found = new ArrayList<>();

  private VideoLint(Craft craft) {
    this.craft = craft;
  }

  static List<Lint> of(Craft craft) {
    VideoLint all = new VideoLint(craft);
    VideoChain chain = VideoChain.of(craft);
    chain.path().ifPresent(way -> all.transmitter(way, chain));
    if (chain.hasFigures() && !chain.isDigital() && chain.path().flatMap(VideoPath::camera).isPresent() && craft.told(VideoSettings.CAMERA_FIELDS) != craft.told(VideoSettings.FIGURES_FIELDS)) {
      all.add(Severity.WRONG, "The camera gives " + craft.told(VideoSettings.CAMERA_FIELDS).label() + ", the figures are drawn for " + craft.told(VideoSettings.FIGURES_FIELDS).label(),
          "Set both to one, or the figures to follow the camera", VideoComplaints.ITEMS, VideoSettings.FIGURES_FIELDS, VideoSettings.CAMERA_FIELDS);
    }
    return List.copyOf(all.found);
  }

  private void transmitter(VideoPath way, VideoChain chain) {
    int levels = craft.told(VideoSettings.LEVELS);
    if (levels != 0 && levels != way.milliwatts().size()) {
      add(Severity.WRONG, "The board's table has " + levels + " powers, the " + way.sender().label() + " has " + way.milliwatts().size(), "Enter as many as it has, each with its own number", VideoComplaints.CONTROL, VideoSettings.LEVELS);
    }
    if (!way.isDigital() && !chain.isTuned(craft)) {
      add(Severity.WRONG, "The transmitter sends on " + Channels.said(craft.told(VideoSettings.CHANNEL)) + ", the goggles listen to " + Channels.said(craft.told(VideoSettings.GOGGLES_CHANNEL)), "Set both to one channel",
          VideoComplaints.NO_PICTURE, VideoSettings.GOGGLES_CHANNEL, VideoSettings.CHANNEL);
    }
    if (chain.heat(craft, false).soonest() < Double.POSITIVE_INFINITY && !craft.told(VideoSettings.PIT)) {
      add(Severity.DOUBTFUL, "At " + craft.told(VideoSettings.POWER) + " mW the " + way.sender().label() + " shuts itself down on a still bench, from some " + Math.round(chain.heat(craft, false).soonest()) + " minutes on",
          "Least power or pit mode on the bench, and a fan", VideoComplaints.GOES, VideoSettings.POWER);
    }
    if (!way.isDigital() && (craft.told(VideoSettings.CHANNEL) < Channels.FREE_FROM || craft.told(VideoSettings.CHANNEL) > Channels.FREE_TO)) {
      add(Severity.DOUBTFUL, Channels.said(craft.told(VideoSettings.CHANNEL)) + " lies outside of " + Channels.FREE_FROM + " to " + Channels.FREE_TO + " MHz, which most places leave to everybody",
          "The law of the place and your licence decide", "", VideoSettings.CHANNEL);
    }
  }

  private void add(Severity severity, String cause, String remedy, String settles, Setting<?>... settings) {
    found.add(new Lint(severity, cause, remedy, List.of(settings), settles));
  }
}
