package ablemedic.craft;

/** What sits at one corner. */
public record Arm(Motor motor, Prop prop) {
    public static Arm good(Spin spin) {
        return new Arm(Motor.good(spin), Prop.good(spin));
    }

    public Arm with(Motor other) {
        return new Arm(other, prop);
    }

    public Arm with(Prop other) {
        return new Arm(motor, other);
    }
}
