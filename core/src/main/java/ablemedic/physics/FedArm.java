package ablemedic.physics;

import ablemedic.craft.Arm;
import ablemedic.craft.Spin;

/**
 * An arm as it runs.
 *
 * @param feed how much of its voltage and signal reach the drive over its wires: 1 all, 0 none
 */
public record FedArm(Arm arm, double feed) {
    /** Below this share of its voltage a drive does not start; below the other it stutters. Common practice. */
    private static final double STARTS = 0.35;

    private static final double STARTS_WELL = 0.8;

    /**
     * Thrust of the drive over that of a sound one with any prop, 0 to 1. Thrust goes with the square of the speed, and
     * the speed with the voltage.
     */
    public double drive() {
        return turns() ? arm.motor().strength() * feed * feed : 0;
    }

    /** Thrust over that of a sound arm: 1 is good, 0 dead, less than 0 pulls down. */
    public double thrustFactor() {
        return drive() * arm.prop().factor(arm.motor().spin());
    }

    public Spin spin() {
        return arm.motor().spin();
    }

    /** Whether it turns at all. */
    public boolean turns() {
        return arm.motor().strength() > 0 && feed > STARTS;
    }

    /** Whether it turns, but starts after the others or stutters. */
    public boolean startsLate() {
        return turns() && (arm.motor().late() || feed < STARTS_WELL);
    }
}
