package ablemedic.takeoff;

import ablemedic.craft.BoardSettings;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.OutputOrder;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinSchool;
import ablemedic.craft.Tilt;
import ablemedic.speciality.Lint;
import ablemedic.speciality.Lint.Severity;
import ablemedic.told.Setting;
import java.util.ArrayList;
import java.util.List;

/** What a craft is told of board, motors and sticks, against how it is built. */
final class TakeOffLint {
  /** A level error that a calibration on a table leaves behind is smaller, degrees. Common practice, no source. */
  private static final double LEVEL_DEG = 3;
  /** Gains further than this from those that suit the craft were made for another size. Common practice, no source. */
  private static final double OTHER_SIZE = 2.5;

  private final Craft craft;
  private final List<Lint> found = new ArrayList<>();

  private TakeOffLint(Craft craft) {
    this.craft = craft;
  }

  static List<Lint> of(Craft craft) {
    TakeOffLint all = new TakeOffLint(craft);
    all.alignment();
    all.outputs();
    all.spins();
    all.sticks();
    all.level();
    all.gain();
    all.filter();
    return List.copyOf(all.found);
  }

  private void alignment() {
    if (!craft.misalignment().equals(Rotation.NONE)) {
      add(Severity.WRONG, "The board is told that it is turned " + craft.told().said(BoardSettings.ALIGNMENT) + ", and by its arrow it is turned "
          + craft.mounted().angles(), "Enter the board alignment " + BoardSettings.ALIGNMENT.form().written(craft.mounted()), BoardSettings.ALIGNMENT);
    }
  }

  private void outputs() {
    if (Corner.ALL.stream().anyMatch(corner -> craft.reached(corner) != corner)) {
      OutputOrder order = MotorMap.order(craft);
      add(Severity.WRONG, "With the output order " + craft.told(BoardSettings.OUTPUT_ORDER) + " and " + craft.told().said(BoardSettings.NUMBERING)
          + " the board turns other motors than it means", "Enter the output order " + order, BoardSettings.OUTPUT_ORDER, BoardSettings.NUMBERING);
    }
  }

  private void spins() {
    SpinSchool told = craft.told(BoardSettings.SPINS);
    List<Corner> against = Corner.ALL.stream().filter(corner -> craft.arm(corner).motor().spin() != told.at(corner)).toList();
    if (against.size() == Corner.ALL.size()) {
      add(Severity.WRONG, "The board is told “" + told.label() + "”, and all four motors turn the other way", "Enter “" + told.other().label() + "”", BoardSettings.SPINS);
    } else if (!against.isEmpty()) {
      add(Severity.WRONG, "With “" + told.label() + "” the motor at " + String.join(", ", against.stream().map(craft::name).toList()) + " turns the wrong way",
          "See which way it turns, props off, and reverse it", BoardSettings.SPINS);
    }
  }

  private void sticks() {
    if (!craft.told(BoardSettings.STICK_ORDER).equals(craft.told(RadioSettings.STICK_ORDER))) {
      add(Severity.WRONG, "The board expects " + craft.told(BoardSettings.STICK_ORDER) + ", and the radio sends " + craft.told(RadioSettings.STICK_ORDER),
          "Tell the board " + craft.told(RadioSettings.STICK_ORDER), BoardSettings.STICK_ORDER);
    }
  }

  private void level() {
    Tilt off = craft.told(BoardSettings.LEVEL_OFF);
    if (Math.max(Math.abs(off.rollDeg()), Math.abs(off.pitchDeg())) > LEVEL_DEG) {
      add(Severity.DOUBTFUL, "Its level is trimmed by " + craft.told().said(BoardSettings.LEVEL_OFF), "Calibrate it anew on a level table", BoardSettings.LEVEL_OFF);
    }
  }

  private void gain() {
    double gain = craft.told(BoardSettings.GAIN);
    if (gain > OTHER_SIZE || gain < 1 / OTHER_SIZE) {
      add(gain > OTHER_SIZE ? Severity.WRONG : Severity.DOUBTFUL, "Its gains are " + craft.told().said(BoardSettings.GAIN) + ", as for another size of craft",
          "Enter the gains that suit this one: 1", BoardSettings.GAIN);
    }
  }

  private void filter() {
    double filter = craft.told(BoardSettings.FILTER);
    if (filter > OTHER_SIZE || filter < 1 / OTHER_SIZE) {
      found.add(new Lint(Severity.WRONG, "The gyro's filter cuts off at " + craft.told().said(BoardSettings.FILTER) + (filter > 1 ? ": noise goes through to the motors" : ": it lags behind"),
          "Enter the cut-off that suits this size: 1", List.of(BoardSettings.FILTER), Shaking.ID));
    }
  }

  private void add(Severity severity, String cause, String remedy, Setting<?>... settings) {
    found.add(new Lint(severity, cause, remedy, List.of(settings), TakeOffSeen.ID));
  }
}
