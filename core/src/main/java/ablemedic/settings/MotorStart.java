package ablemedic.settings;

import ablemedic.craft.MotorProtocol;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What to enter so that all motors start alike: the protocol that both ends speak, and the idle from the thresholds
 * that were found motor by motor, props off.
 *
 * @param protocol that to choose; none where both ends share none that keeps up
 * @param idle to enter, percent of throttle; none where no threshold was found
 * @param spread of the thresholds, percent of throttle
 * @param calibrate whether the end points are to be set (anew)
 */
public record MotorStart(Optional<MotorProtocol> protocol, Optional<Double> idle, double spread, boolean calibrate) {
    /** Idle over the highest threshold, so that none stops in a dive, percent. Common practice, no source. */
    static final double MARGIN = 1;
    /** Thresholds of like motors on calibrated controllers lie closer, percent. Common practice, no source. */
    static final double UNEVEN = 1.5;
    /** Idle that is usual, percent; a motor that needs much more is looked at. Common practice, no source. */
    public static final double USUAL_IDLE = 5.5;

    static final double TOO_HIGH = 8;

    /**
     * @param spoken by the controllers; boards speak all of them
     * @param thresholds the lowest throttle at which each motor starts and keeps on, percent; those that were found
     */
    public static MotorStart of(Collection<MotorProtocol> spoken, double loopHz, List<Double> thresholds) {
        Optional<MotorProtocol> protocol = spoken.stream()
                .filter(one -> one.keepsUpWith(loopHz))
                .max(Comparator.comparing(MotorProtocol::isDigital)
                        .thenComparing(MotorProtocol::longestUs, Comparator.reverseOrder()));
        double highest = thresholds.stream().mapToDouble(t -> t).max().orElse(0);
        double spread = thresholds.isEmpty()
                ? 0
                : highest - thresholds.stream().mapToDouble(t -> t).min().orElseThrow();
        boolean pulses = protocol.filter(MotorProtocol::needsEndPoints).isPresent();
        return new MotorStart(
                protocol,
                thresholds.isEmpty() ? Optional.empty() : Optional.of(highest + MARGIN),
                spread,
                pulses && (thresholds.isEmpty() || spread > UNEVEN));
    }

    /** Whether one motor needs so much that something else is wrong with it: bearing, winding, controller. */
    public boolean isOneStiff() {
        return idle.filter(percent -> percent > TOO_HIGH + MARGIN).isPresent();
    }
}
