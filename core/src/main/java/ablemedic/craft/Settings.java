package ablemedic.craft;

/**
 * What the board was told.
 *
 * @param numbering  which corner it means by motor 1 to 4
 * @param order      which output drives each motor
 * @param spins      which way it takes the props to turn
 * @param alignment  how it takes itself to be mounted
 * @param stickOrder the channel order it expects
 * @param mode       how it flies at take-off
 * @param gain       rate gain over that which suits the craft; 1 is right
 * @param levelOff   error of the level calibration
 */
public record Settings(
    NumberingSchool numbering,
    OutputOrder order,
    SpinSchool spins,
    Rotation alignment,
    StickOrder stickOrder,
    FlightMode mode,
    double gain,
    Tilt levelOff) {

  /** What the sticks ask for. */
  public enum FlightMode {
    LEVEL("self-level"), RATE("rate");

    private final String label;

    FlightMode(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** A tilt in degrees: right side down and nose up count positive. */
  public record Tilt(double rollDeg, double pitchDeg) {
    public static final Tilt NONE = new Tilt(0, 0);
  }

  public Settings withNumbering(NumberingSchool other) {
    return new Settings(other, order, spins, alignment, stickOrder, mode, gain, levelOff);
  }

  public Settings withOrder(OutputOrder other) {
    return new Settings(numbering, other, spins, alignment, stickOrder, mode, gain, levelOff);
  }

  public Settings withSpins(SpinSchool other) {
    return new Settings(numbering, order, other, alignment, stickOrder, mode, gain, levelOff);
  }

  public Settings withAlignment(Rotation other) {
    return new Settings(numbering, order, spins, other, stickOrder, mode, gain, levelOff);
  }

  public Settings withStickOrder(StickOrder other) {
    return new Settings(numbering, order, spins, alignment, other, mode, gain, levelOff);
  }

  public Settings withGain(double other) {
    return new Settings(numbering, order, spins, alignment, stickOrder, mode, other, levelOff);
  }

  public Settings withLevelOff(Tilt other) {
    return new Settings(numbering, order, spins, alignment, stickOrder, mode, gain, other);
  }
}
