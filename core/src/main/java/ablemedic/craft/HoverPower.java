package ablemedic.craft;

/**
 * The least power that holds a craft in the air, by momentum theory of the actuator disc (any textbook of helicopter
 * aerodynamics): induced velocity v = √(T / (2 ρ A)), ideal power P = T · v for each rotor.
 */
public final class HoverPower {
    /** Density of air at sea level, kg/m³, of the International Standard Atmosphere (ISO 2533). */
    public static final double SEA_LEVEL_DENSITY = 1.225;

    private HoverPower() {}

    /**
     * Induced velocity of one rotor.
     *
     * @param thrustN newtons
     * @param diskM2 disc area, m²
     * @param density kg/m³
     * @return m/s
     */
    public static double inducedVelocity(double thrustN, double diskM2, double density) {
        return Math.sqrt(thrustN / (2 * density * diskM2));
    }

    /** Ideal hover power of all four rotors at sea level, watts. */
    public static double ideal(Airframe frame) {
        double radius = frame.propDiameterMm() / 2000;
        double disk = Math.PI * radius * radius;
        double thrust = frame.hoverThrustN();
        return 4 * thrust * inducedVelocity(thrust, disk, SEA_LEVEL_DENSITY);
    }
}
