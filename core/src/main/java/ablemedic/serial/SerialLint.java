package ablemedic.serial;

import ablemedic.craft.Craft;
import ablemedic.craft.PortSettings;
import ablemedic.electrics.Job;
import ablemedic.line.JoinedPart.Grade;
import ablemedic.line.JoinedPart.Judged;
import ablemedic.speciality.Lint;
import ablemedic.speciality.Lint.Severity;
import ablemedic.told.Setting;
import ablemedic.wire.Format.Back;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** What the ports are told, against the leads that are soldered to them; by the same rules as the map. */
final class SerialLint {
  private SerialLint() {}

  static List<Lint> of(Craft craft) {
    List<Lint> found = new ArrayList<>();
    SerialMap.of(craft).ifPresent(map -> {
      for (SerialMap.Line line : map.lines()) {
        line.judged().stream().filter(one -> one.grade() != Grade.UNKNOWN).forEach(one -> found.add(judged(line, one)));
      }
      for (SerialMap.Port port : map.ports()) {
        port.jobs().stream().filter(job -> map.lines().stream().noneMatch(line -> line.wish().job() == job && lies(line, port.name()))
            && map.lines().stream().noneMatch(line -> job == Job.TELEMETRY && line.wish().job() == Job.RECEIVER && line.wish().format().back() == Back.TWO_WAY
                && lies(line, port.name())))
            .forEach(job -> found.add(new Lint(Severity.DOUBTFUL, "Port " + port.name() + " was given the job of " + job.label() + ", and no part for it lies there",
                "Take the job from port " + port.name() + ", or enter the lead on the sheet", List.of(PortSettings.jobsOf(port.name())),
                pads(craft, port), complaint(job))));
      }
      String computer = map.board().computer();
      if (!computer.isEmpty() && !craft.told(PortSettings.jobsOf(computer)).isEmpty()) {
        found.add(new Lint(Severity.WRONG, "Port " + computer + " is the computer's, and was given away", "Take the job from port " + computer,
            List.of(PortSettings.jobsOf(computer)), "no-computer"));
      }
    });
    return found;
  }

  private static boolean lies(SerialMap.Line line, String port) {
    return line.wires().stream().anyMatch(wire -> wire.port().equals(port));
  }

  private static List<String> pads(Craft craft, SerialMap.Port port) {
    return craft.electrics().sheet().flightBoard().stream().flatMap(board -> port.pads().stream().map(pad -> board.address(pad.name()))).toList();
  }

  private static Lint judged(SerialMap.Line line, Judged judged) {
    List<Setting<?>> settings = Stream.concat(line.wires().stream().map(SerialMap.Wire::port).distinct().filter(PortSettings.PORTS::contains)
        .flatMap(port -> Stream.<Setting<?>>of(PortSettings.jobsOf(port), PortSettings.baud(port), PortSettings.inversion(port), PortSettings.oneWire(port))),
        Stream.of(PortSettings.format(line.wish().job()))).toList();
    return new Lint(switch (judged.grade()) {
      case HARMS -> Severity.HARMS;
      case WRONG -> Severity.WRONG;
      case DOUBTFUL, UNKNOWN -> Severity.DOUBTFUL;
    }, sentence(line.name()) + ": " + judged.text(), judged.remedy(), settings, line.wires().stream().map(SerialMap.Wire::at).distinct().toList(), complaint(line.wish().job()));
  }

  private static String sentence(String name) {
    return Character.toUpperCase(name.charAt(0)) + name.substring(1);
  }

  private static String complaint(Job job) {
    return switch (job) {
      case RECEIVER -> "no-sticks";
      case TELEMETRY -> "telemetry";
      case GNSS -> "positioning";
      case DISPLAY -> "no-figures";
      case VIDEO_CONTROL -> "video-control";
    };
  }
}
