package ablemedic.craft;

/** What sits at one corner. */
public record Arm(Motor motor, Prop prop) {
  public static Arm good(Spin spin) {
    return new Arm(Motor.good(spin), Prop.good(spin));
  }

  /** Thrust over that of a sound arm: 1 is good, 0 dead, less than 0 pulls down. */
  public double thrustFactor() {
    return motor.strength() * prop.factor(motor.spin());
  }

  /** Whether it turns at all. */
  public boolean turns() {
    return motor.strength() > 0;
  }

  public Arm with(Motor other) {
    return new Arm(other, prop);
  }

  public Arm with(Prop other) {
    return new Arm(motor, other);
  }
}
