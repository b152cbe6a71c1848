package ablemedic.radio;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.BoardSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FailsafeSettings.Stage2;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.speciality.Lint;
import ablemedic.speciality.Lint.Severity;
import ablemedic.told.Setting;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What radio, receiver and board are told that cannot end well when the link is lost, or keeps it from being had at all. Limits are common practice. */
final class RadioLint {
  private static final double LONG_GUARD_S = 3;
  private static final double IDLING = 5;
  private static final double BRIEF_S = 10;
  private static final int MANY = 15;
  private static final double FAR_M = 100;
  private static final String WRONG = "failsafe-wrong";
  private static final String AWAY = "flew-away";
  private static final String HOME = "no-return";

  private final Craft craft;
  private final List<Lint> found = new ArrayList<>();

  private RadioLint(Craft craft) {
    this.craft = craft;
  }

  static List<Lint> of(Craft craft) {
    RadioLint all = new RadioLint(craft);
    all.link();
    all.receiver();
    all.board();
    return List.copyOf(all.found);
  }

  private String said(Setting<?> setting) {
    return craft.told().said(setting);
  }

  private void link() {
    if (!craft.told(LinkSettings.RADIO_GENERATION).equals(craft.told(LinkSettings.RECEIVER_GENERATION))) {
      add(Severity.WRONG, "The module is of generation " + said(LinkSettings.RADIO_GENERATION) + ", the receiver of " + said(LinkSettings.RECEIVER_GENERATION), "Bring both to one, or they do not bind", "will-not-bind",
          LinkSettings.RADIO_GENERATION, LinkSettings.RECEIVER_GENERATION);
    }
    if (craft.told(LinkSettings.MODEL_TYPE).mixes()) {
      add(Severity.WRONG, "The radio takes the model for a " + said(LinkSettings.MODEL_TYPE) + " and mixes its sticks", "Multi-rotor, or no mixing: the board mixes by itself", "sticks-wrong", LinkSettings.MODEL_TYPE);
    }
    Map.of(ArmingSettings.ARM, "arms", ArmingSettings.LEVEL, "levels it").forEach((setting, does) -> {
      ModeRange range = craft.told(setting);
      if (!range.isNone() && !LinkSettings.carries(craft, range.channel())) {
        add(Severity.WRONG, "The switch that " + does + " is on channel " + range.channel() + ", which the link does not carry", "More channels or the full frame mode at the radio, or a lower channel", "switch-wrong", setting,
            LinkSettings.CHANNELS, LinkSettings.FRAMES);
      }
    });
    if (craft.told(ArmingSettings.LEVEL).isNone()) {
      add(Severity.DOUBTFUL, "No switch levels it: it flies by rates all the time", "Lay a range of self-level over a switch, unless it is meant", "switch-wrong", ArmingSettings.LEVEL);
    } else if (craft.told(ArmingSettings.LEVEL).channel() != craft.told(ArmingSettings.RADIO_LEVEL_CHANNEL)) {
      add(Severity.WRONG, "It levels itself on " + craft.told(ArmingSettings.LEVEL) + ", and the radio has that switch on " + said(ArmingSettings.RADIO_LEVEL_CHANNEL), "Put both on one channel", "switch-wrong",
          ArmingSettings.LEVEL, ArmingSettings.RADIO_LEVEL_CHANNEL);
    }
  }

  private void receiver() {
    WhenLost lost = craft.told(ReceiverSettings.WHEN_LOST);
    if (lost == WhenLost.HOLD) {
      add(Severity.HARMS, "The receiver holds its last values, so the board never learns that the link is lost: it flies away", "No frames, or its failsafe flag", AWAY, ReceiverSettings.WHEN_LOST);
    } else if (lost == WhenLost.PRESETS && craft.told(ReceiverSettings.PRESET_ARM)) {
      double throttle = craft.told(ReceiverSettings.PRESET_THROTTLE);
      add(Severity.HARMS, "The receiver's presets keep the arm switch on and the throttle at " + said(ReceiverSettings.PRESET_THROTTLE) + (throttle > IDLING ? ": it flies on" : ": it falls, armed"), "No frames, or its failsafe flag",
          WRONG, ReceiverSettings.PRESET_ARM, ReceiverSettings.PRESET_THROTTLE);
    } else if (lost == WhenLost.PRESETS && craft.told(FailsafeSettings.STAGE_2) != Stage2.DROP) {
      add(Severity.WRONG, "The receiver's presets switch it off, so that the board never comes to: " + said(FailsafeSettings.STAGE_2), "No frames, or its failsafe flag: one box decides, not two", WRONG, ReceiverSettings.WHEN_LOST,
          FailsafeSettings.STAGE_2);
    }
  }

  private void board() {
    Stage2 stage = craft.told(FailsafeSettings.STAGE_2);
    double hover = 100 * craft.airframe().hoverThrottle();
    double landing = craft.told(FailsafeSettings.LANDING_THROTTLE);
    if (stage != Stage2.DROP && landing >= hover) {
      add(Severity.HARMS, "Its landing throttle of " + said(FailsafeSettings.LANDING_THROTTLE) + " climbs: this craft hovers at about " + Math.round(hover) + " %", "Well below " + Math.round(hover) + " %", WRONG,
          FailsafeSettings.LANDING_THROTTLE);
    }
    if (craft.told(FailsafeSettings.GUARD) > LONG_GUARD_S) {
      add(Severity.DOUBTFUL, "It flies blind for " + said(FailsafeSettings.GUARD) + " before it does anything", "1 to 1.5 s is usual", "", FailsafeSettings.GUARD);
    }
    if (stage == Stage2.LAND && craft.told(FailsafeSettings.LANDING_TIME) < BRIEF_S) {
      add(Severity.WRONG, "Its landing ends after " + said(FailsafeSettings.LANDING_TIME) + ", with the motors off", "Longer than it sinks from the greatest height that is flown", WRONG, FailsafeSettings.LANDING_TIME);
    }
    if (stage != Stage2.RETURN_HOME) {
      return;
    }
    RadioChain chain = RadioChain.of(craft);
    if (chain.lines().isPresent() && !chain.hasPositioning()) {
      add(Severity.WRONG, "When the link stays lost it is to return home, and it has no positioning module", "Choose to land or to drop", WRONG, FailsafeSettings.STAGE_2);
    }
    if (!craft.told(ArmingSettings.CALIBRATED)) {
      add(Severity.WRONG, "It is to return home, and its level was not calibrated", "Calibrate level on a flat surface", HOME, FailsafeSettings.STAGE_2, BoardSettings.LEVEL_OFF);
    }
    if (craft.told(FailsafeSettings.LEAST_SATELLITES) < LostLink.Home.ENOUGH) {
      add(Severity.DOUBTFUL, "It returns with " + said(FailsafeSettings.LEAST_SATELLITES) + " satellites", LostLink.Home.ENOUGH + " are common", HOME, FailsafeSettings.LEAST_SATELLITES);
    }
    if (craft.told(FailsafeSettings.LEAST_SATELLITES) > MANY) {
      add(Severity.DOUBTFUL, "It returns with " + said(FailsafeSettings.LEAST_SATELLITES) + " satellites only", LostLink.Home.ENOUGH + " are common", HOME, FailsafeSettings.LEAST_SATELLITES);
    }
    if (craft.told(FailsafeSettings.LEAST_DISTANCE) > FAR_M) {
      add(Severity.DOUBTFUL, "Nearer than " + said(FailsafeSettings.LEAST_DISTANCE) + " it lands instead of returning", "10 m for a first try", HOME, FailsafeSettings.LEAST_DISTANCE);
    }
    if (craft.told(FailsafeSettings.HOME_AT) == HomeAt.POWER) {
      add(Severity.DOUBTFUL, "Home is where it got its fix, not where it was armed", "Each time it is armed, unless it always gets its power where it flies", HOME, FailsafeSettings.HOME_AT);
    }
    if (Math.abs(craft.told(FailsafeSettings.COMPASS_OFF)) > LostLink.Home.CIRCLES) {
      add(Severity.HARMS, "What it takes for north is off by " + said(FailsafeSettings.COMPASS_OFF) + ": a return flies off", "Tell the board how the compass lies", HOME, FailsafeSettings.COMPASS_OFF);
    }
  }

  private void add(Severity severity, String cause, String remedy, String settles, Setting<?>... settings) {
    found.add(new Lint(severity, cause, remedy, List.of(settings), settles));
  }
}
