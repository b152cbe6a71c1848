package ablemedic.takeoff;

import java.util.List;

/** How a craft moved from lift-off on: its attitude at even times. */
public record Track(List<Attitude> samples) {
    public Track {
        samples = List.copyOf(samples);
    }

    /**
     * Attitude at one moment.
     *
     * @param timeS seconds since lift-off
     * @param rollDeg right side down
     * @param pitchDeg nose up
     * @param yawDeg nose right of where it pointed
     */
    public record Attitude(double timeS, double rollDeg, double pitchDeg, double yawDeg) {
        boolean tiltedBeyond(double degrees) {
            return rollDeg * rollDeg + pitchDeg * pitchDeg > degrees * degrees;
        }
    }
}
