package ablemedic.radio;

import ablemedic.craft.FailsafeSettings.Stage2;
import java.util.Optional;

/**
 * A link that is lost in flight: what receiver and board are told, and how the craft flies.
 *
 * @param receiver   what the receiver gives out once it notices
 * @param noticeS    how long that takes it, seconds
 * @param presetArm  whether its presets keep the arm switch on; for presets only
 * @param presetThrottle percent; for presets only
 * @param detectS    how long frames must be missing until the board calls the link lost
 * @param guardS     how long it holds its fallback values then
 * @param stage2     what it does once that is over
 * @param landingThrottle percent; for a landing
 * @param landingS   after which a landing ends with the motors off
 * @param home       whether a return can be had
 * @param speedMs    over ground
 * @param heightM    above ground
 * @param distanceM  from home
 * @param backS      when the link is there again; nothing for never
 */
public record LostLink(Receiver receiver, double noticeS, boolean presetArm, double presetThrottle, double detectS, double guardS, Stage2 stage2, double landingThrottle, double landingS,
    Home home, double speedMs, double heightM, double distanceM, Optional<Double> backS) {

  /** What receivers do when they hear nothing. */
  public enum Receiver {
    NO_FRAMES("sends no frames"), FLAG("sends frames with the failsafe flag"), HOLD("holds the last values"), PRESETS("sends its presets");

    private final String label;

    Receiver(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /**
   * What a return home hangs on.
   *
   * @param fix         whether it has a fix
   * @param homeSet     whether it noted where home is
   * @param satellites  that it sees
   * @param leastM      distance under which it lands instead
   * @param climbToM    height that it climbs to first
   * @param levelSound  whether level was calibrated
   */
  public record Home(boolean fix, boolean homeSet, int satellites, double leastM, double climbToM, boolean levelSound) {
    /** Satellites that a return wants; common practice, no source. */
    public static final int ENOUGH = 8;

    /** Whether it would fly home at all. */
    boolean isReady() {
      return fix && homeSet && satellites >= ENOUGH && levelSound;
    }
  }
}
