package ablemedic.craft;

/**
 * What sits at one corner.
 *
 * @param feed how much of its voltage and signal reach the drive over its leads: 1 all, 0 none
 */
public record Arm(Motor motor, Prop prop, double feed) {
  /** Below this share of its voltage a drive does not start; below the other it stutters. Common practice. */
  private static final double STARTS = 0.35;
  private static final double STARTS_WELL = 0.8;

  public static Arm good(Spin spin) {
    return new Arm(Motor.good(spin), Prop.good(spin), 1);
  }

  /**
   * Thrust of the drive over that of a sound one with any prop, 0 to 1. Thrust goes with the square of the speed, and the
   * speed with the voltage.
   */
  public double drive() {
    return turns() ? motor.strength() * feed * feed : 0;
  }

  /** Thrust over that of a sound arm: 1 is good, 0 dead, less than 0 pulls down. */
  public double thrustFactor() {
    return drive() * prop.factor(motor.spin());
  }

  /** Whether it turns at all. */
  public boolean turns() {
    return motor.strength() > 0 && feed > STARTS;
  }

  /** Whether it turns, but starts after the others or stutters. */
  public boolean startsLate() {
    return turns() && (motor.late() || feed < STARTS_WELL);
  }

  public Arm with(Motor other) {
    return new Arm(other, prop, feed);
  }

  public Arm with(Prop other) {
    return new Arm(motor, other, feed);
  }

  public Arm withFeed(double other) {
    return new Arm(motor, prop, other);
  }
}
