package ablemedic.settings;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.BoardSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.MotorProtocol;
import ablemedic.electrics.Job;
import ablemedic.line.CraftLines;
import ablemedic.speciality.Lint;
import ablemedic.speciality.Lint.Severity;
import ablemedic.told.Setting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a craft is told of arming, modes, motors, alarms and lost links, against how it is built. Limits are common practice. */
final class SettingsLint {
  private static final double SAFE_TILT = 45;
  private static final double LOW_IDLE = 3;
  private static final double HIGH_IDLE = 10;
  /** Resting below the first harms a cell; under load the second is the floor. */
  private static final double WARN_FLOOR = 3.5;
  private static final double LOADED_FLOOR = 3.3;

  private final Craft craft;
  private final List<Lint> found = new ArrayList<>();

  private SettingsLint(Craft craft) {
    this.craft = craft;
  }

  static List<Lint> of(Craft craft) {
    SettingsLint all = new SettingsLint(craft);
    all.arming();
    all.modes();
    all.motors();
    all.alarms();
    return List.copyOf(all.found);
  }

  private <T> String said(Setting<T> setting) {
    return craft.told().said(setting);
  }

  private void arming() {
    if (craft.told(ArmingSettings.TILT) > SAFE_TILT) {
      add(Severity.DOUBTFUL, "It arms up to a tilt of " + said(ArmingSettings.TILT) + ", on its back as well", "25° unless it must right itself after a crash; 45° on rough ground", "", ArmingSettings.TILT);
    }
    Optional<CraftLines> lines = CraftLines.onSheet(craft);
    if (craft.told(ArmingSettings.WAITS_FOR_FIX) && lines.isPresent() && lines.get().of(Job.GNSS).isEmpty()) {
      add(Severity.WRONG, "It waits for a fix before it arms, and has no positioning module", "Switch the wait off", ArmingChecks.COMPLAINT, ArmingSettings.WAITS_FOR_FIX);
    }
    if (!craft.told(ArmingSettings.CALIBRATED)) {
      add(Severity.WRONG, "Level was not calibrated since the last erase", "Alignment first, then calibrate level on a flat surface", ArmingChecks.COMPLAINT, ArmingSettings.CALIBRATED);
    }
    if (craft.told(ArmingSettings.RADIO_THROTTLE_DOWN) >= craft.told(ArmingSettings.THROTTLE_LOW)) {
      add(Severity.WRONG, "The throttle stick down sends " + said(ArmingSettings.RADIO_THROTTLE_DOWN) + ", and counts as down below " + said(ArmingSettings.THROTTLE_LOW),
          "Bring its lower end down at the radio: trim, then travel", ArmingChecks.COMPLAINT, ArmingSettings.RADIO_THROTTLE_DOWN, ArmingSettings.THROTTLE_LOW);
    }
  }

  private void modes() {
    if (craft.told(ArmingSettings.BY) == ArmingSettings.Way.SWITCH) {
      ModeRange arm = craft.told(ArmingSettings.ARM);
      if (arm.isNone()) {
        add(Severity.WRONG, "No switch arms it", "Lay a range that arms over what the arm switch sends", ArmingChecks.COMPLAINT, ArmingSettings.ARM);
      } else if (arm.channel() != craft.told(ArmingSettings.RADIO_CHANNEL)) {
        add(Severity.WRONG, "It arms on " + arm + ", and the radio has its arm switch on " + said(ArmingSettings.RADIO_CHANNEL), "Put both on one channel", ArmingChecks.COMPLAINT, ArmingSettings.ARM,
            ArmingSettings.RADIO_CHANNEL);
      } else if (!arm.holds(craft.told(ArmingSettings.RADIO_ON))) {
        add(Severity.WRONG, "It arms on " + arm + ", and the switch sends " + said(ArmingSettings.RADIO_ON), "Lay the range over what the switch sends", ArmingChecks.COMPLAINT, ArmingSettings.ARM,
            ArmingSettings.RADIO_ON);
      } else if (arm.holds(1000)) {
        add(Severity.HARMS, "It arms on " + arm + ": wherever the switch stands", "Begin the range above the middle of the switch", ArmingChecks.COMPLAINT, ArmingSettings.ARM);
      }
    }
    for (Setting<ModeRange> other : List.of(ArmingSettings.LEVEL, ArmingSettings.SOUNDER)) {
      if (craft.told(ArmingSettings.ARM).overlaps(craft.told(other))) {
        add(Severity.DOUBTFUL, "The " + other.label() + " lies on the switch that arms: " + craft.told(other), "Give it a channel of its own, unless it is meant", "", other, ArmingSettings.ARM);
      }
    }
  }

  private void motors() {
    MotorProtocol spoken = craft.told(DriveSettings.PROTOCOL);
    MotorProtocol known = craft.told(DriveSettings.KNOWN);
    if (!spoken.isKnownTo(known)) {
      add(Severity.WRONG, "The board speaks " + spoken.label() + ", and the controllers know " + known.label() + " at most", "Choose " + known.label(), "motors-start", DriveSettings.PROTOCOL, DriveSettings.KNOWN);
    }
    if (spoken.isDigital() && craft.told(DriveSettings.TWO_WAY) && !craft.told(DriveSettings.ANSWERS)) {
      add(Severity.WRONG, "The two-way motor protocol is on, and the controllers do not answer", "Switch it off, or give the controllers firmware for it", "motors-start", DriveSettings.TWO_WAY, DriveSettings.ANSWERS);
    }
    if (spoken.needsEndPoints() && !craft.told(DriveSettings.ENDS)) {
      add(Severity.WRONG, spoken.label() + " needs the ends of the throttle, and the controllers were not taught them", "Props off: teach them", "motors-start", DriveSettings.ENDS, DriveSettings.PROTOCOL);
    }
    double idle = craft.told(DriveSettings.IDLE);
    if (idle < LOW_IDLE || idle > HIGH_IDLE) {
      add(idle < LOW_IDLE ? Severity.WRONG : Severity.DOUBTFUL, "The idle is " + said(DriveSettings.IDLE), "About 5.5 %; one percent above where the latest motor starts", "motors-start", DriveSettings.IDLE);
    }
  }

  private void alarms() {
    double warn = craft.told(BoardSettings.WARN_CELL);
    double lowest = craft.told(BoardSettings.LOWEST_CELL);
    if (lowest < LOADED_FLOOR - 1e-9) {
      add(Severity.HARMS, "It calls a pack critical at " + said(BoardSettings.LOWEST_CELL) + ": below 3.3 V a cell is harmed even under load", "3.3 V a cell", "", BoardSettings.LOWEST_CELL);
    }
    if (warn < lowest) {
      add(Severity.WRONG, "It warns at " + said(BoardSettings.WARN_CELL) + ", after it calls the pack critical at " + said(BoardSettings.LOWEST_CELL), "The warning comes first: 3.7 or 3.5 V a cell, by school", "",
          BoardSettings.WARN_CELL, BoardSettings.LOWEST_CELL);
    } else if (warn < WARN_FLOOR - 1e-9) {
      add(Severity.DOUBTFUL, "It warns at " + said(BoardSettings.WARN_CELL), "3.7 V a cell for long pack life, 3.5 to use the pack", "", BoardSettings.WARN_CELL);
    }
  }

  private void add(Severity severity, String cause, String remedy, String settles, Setting<?>... settings) {
    found.add(new Lint(severity, cause, remedy, List.of(settings), settles));
  }
}
