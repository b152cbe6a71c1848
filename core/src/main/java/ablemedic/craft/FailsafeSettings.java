package ablemedic.craft;

import ablemedic.told.Device;
import ablemedic.told.Form.Choice;
import ablemedic.told.Form.Range;
import ablemedic.told.Setting;
import java.util.List;

/** What the flight board is told to do when the radio link is lost for good. */
public final class FailsafeSettings {
  private static final String FAILSAFE = "failsafe";

  /** What it does once the guard time is over. */
  public enum Stage2 {
    DROP("motors off"), LAND("lands on a fixed throttle"), RETURN_HOME("returns home");

    private final String label;

    Stage2(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** What it does once the guard time is over. */
  public static final Setting<Stage2> STAGE_2 = Setting.of(Device.FLIGHT_BOARD, FAILSAFE, "failsafe-stage-2", "when the link stays lost", Stage2.DROP,
      Choice.of(Stage2.class, Stage2::label));
  /** How long it holds its fallback values first; 1 to 1.5 s is usual. Common practice. */
  public static final Setting<Double> GUARD = Setting.of(Device.FLIGHT_BOARD, FAILSAFE, "failsafe-guard", "guard time", 1.0, new Range(0, 20, "s"));
  /** Throttle of a landing. */
  public static final Setting<Double> LANDING_THROTTLE = Setting.of(Device.FLIGHT_BOARD, FAILSAFE, "failsafe-throttle", "landing throttle", 20.0, new Range(0, 100, "%"));

  /** All of them, in the order in which a person goes over them. */
  public static final List<Setting<?>> ALL = List.of(STAGE_2, GUARD, LANDING_THROTTLE);

  private FailsafeSettings() {}
}
