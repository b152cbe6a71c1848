package ablemedic.app.chart;

import ablemedic.craft.Airframe;
import ablemedic.craft.Arm;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FrameShape;
import ablemedic.craft.NoCraftException;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.OutputOrder;
import ablemedic.craft.Point;
import ablemedic.craft.Radio;
import ablemedic.craft.Rotation;
import ablemedic.craft.Settings;
import ablemedic.craft.Settings.FlightMode;
import ablemedic.craft.Settings.Tilt;
import ablemedic.craft.Spin;
import ablemedic.craft.SpinSchool;
import ablemedic.craft.Stick;
import ablemedic.craft.StickOrder;
import ablemedic.electrics.Electrics;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A craft as it should be, in the form in which it is entered, kept and sent. Corners stand in the order front-right,
 * rear-right, rear-left, front-left (front, right, rear, left on a plus frame).
 *
 * @param motors         places of the motors
 * @param propSpins      which way motor and prop turn at each corner
 * @param wiring         the corner that each output, 1 to 4, is wired to
 * @param mounted        how the board sits
 * @param outputOrder    as entered in the firmware, such as 1-2-3-4
 * @param toldSpins      the spin school that the board was told
 * @param toldAlignment  the alignment that the board was told
 * @param gain           rate gain over that which suits the craft
 * @param electrics      parts, leads and pack; left out while nobody has entered them
 */
public record BuildSheet(
    @NotNull FrameShape shape,
    @NotNull @Size(min = 4, max = 4, message = "has four entries") List<@NotNull @Valid Place> motors,
    double massG,
    double motorMassG,
    double propDiameterMm,
    double thrustToWeight,
    @NotNull @Valid Place balance,
    @NotNull @Size(min = 4, max = 4, message = "has four entries") List<@NotNull Spin> propSpins,
    @NotNull @Size(min = 4, max = 4, message = "has four entries") List<@NotNull Corner> wiring,
    @NotNull @Valid Turn mounted,
    @NotNull NumberingSchool numbering,
    @NotNull @Size(max = 20, message = "is an order such as 4-2-1-3") String outputOrder,
    @NotNull SpinSchool toldSpins,
    @NotNull @Valid Turn toldAlignment,
    @NotNull @Size(max = 10, message = "is an order such as AETR") String boardSticks,
    @NotNull @Size(max = 10, message = "is an order such as AETR") String radioSticks,
    @NotNull @Size(max = 4, message = "has at most four sticks") List<@NotNull Stick> reversedSticks,
    @NotNull FlightMode mode,
    double gain,
    @Nullable @Valid ElectricEntry electrics) {

  /** A place seen from above, millimetres from the middle of the motors. */
  public record Place(double forwardMm, double rightMm) {
    Point point() {
      return new Point(forwardMm, rightMm);
    }
  }

  /** A turn in quarter turns: roll first, then pitch, then yaw, degrees. */
  public record Turn(int rollDeg, int pitchDeg, int yawDeg) {
    public static Turn of(Rotation rotation) {
      Rotation.Angles angles = rotation.angles();
      return new Turn(angles.rollDeg(), angles.pitchDeg(), angles.yawDeg());
    }

    public Rotation rotation(String where) {
      try {
        return Rotation.of(rollDeg, pitchDeg, yawDeg);
      } catch (IllegalArgumentException e) {
        throw new NoCraftException(where, String.valueOf(e.getMessage()));
      }
    }
  }

  /**
   * The craft that it describes.
   *
   * @throws NoCraftException where it describes none
   */
  public Craft toCraft() {
    Airframe airframe = new Airframe(shape, motors.stream().map(Place::point).toList(), massG, motorMassG,
        propDiameterMm, balance.point(), thrustToWeight);
    if (!(gain > 0 && gain < 100)) {
      throw new NoCraftException("gain", "a gain is greater than 0 and less than 100; 1 suits the craft");
    }
    Settings settings = new Settings(numbering, order(), toldSpins, toldAlignment.rotation("toldAlignment"),
        sticks("boardSticks", boardSticks), mode, gain, Tilt.NONE);
    return new Craft(airframe,
        propSpins.stream().map(Arm::good).toList(),
        wiring, mounted.rotation("mounted"), settings,
        new Radio(sticks("radioSticks", radioSticks), java.util.Set.copyOf(reversedSticks)),
        electrics == null ? Electrics.NONE : electrics.toElectrics());
  }

  private OutputOrder order() {
    try {
      return OutputOrder.parse(outputOrder);
    } catch (IllegalArgumentException e) {
      throw new NoCraftException("outputOrder", String.valueOf(e.getMessage()));
    }
  }

  private static StickOrder sticks(String where, String letters) {
    try {
      return new StickOrder(letters);
    } catch (IllegalArgumentException e) {
      throw new NoCraftException(where, String.valueOf(e.getMessage()));
    }
  }

  /** The sheet of a sound craft. */
  public static BuildSheet of(Craft craft) {
    Airframe frame = craft.airframe();
    Settings settings = craft.settings();
    return new BuildSheet(frame.shape(),
        frame.motors().stream().map(p -> new Place(p.forwardMm(), p.rightMm())).toList(),
        frame.massG(), frame.motorMassG(), frame.propDiameterMm(), frame.thrustToWeight(),
        new Place(frame.balance().forwardMm(), frame.balance().rightMm()),
        craft.arms().stream().map(arm -> arm.motor().spin()).toList(), craft.wiring(), Turn.of(craft.mounted()),
        settings.numbering(), settings.order().toString(), settings.spins(), Turn.of(settings.alignment()),
        settings.stickOrder().letters(), craft.radio().order().letters(),
        craft.radio().reversed().stream().sorted().toList(), settings.mode(), settings.gain(),
        craft.electrics().sheet().isEmpty() ? null : ElectricEntry.of(craft.electrics()));
  }

  /** Whether outputs, parts and leads are as on another sheet, so that nothing was under the iron in between. */
  boolean wiredLike(BuildSheet other) {
    return wiring.equals(other.wiring) && mounted.equals(other.mounted)
        && (electrics == null ? other.electrics == null : other.electrics != null && electrics.wiredLike(other.electrics));
  }

  /** This sheet with another electrical side. */
  public BuildSheet withElectrics(ElectricEntry other) {
    return new BuildSheet(shape, motors, massG, motorMassG, propDiameterMm, thrustToWeight, balance, propSpins, wiring,
        mounted, numbering, outputOrder, toldSpins, toldAlignment, boardSticks, radioSticks, reversedSticks, mode, gain,
        other);
  }
}
