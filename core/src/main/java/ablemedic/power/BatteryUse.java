package ablemedic.power;

import ablemedic.reading.Estimate;
import ablemedic.reading.Meter;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import java.util.List;
import java.util.Optional;

/** What a battery has to give: resistance from sag, usable charge, thresholds to enter, flight time. */
public final class BatteryUse {
    /** Resistance of one cell, milliohms, above which a pack of this capacity is worn: common practice, no source. */
    private static final double WORN_MILLIOHM_AH = 22;

    private static final int STEPS = 200;
    /** How far one flight's draw may be from that of the next, as a share at about 95 %. Common practice, no source. */
    private static final double ONE_FLIGHT_SHARE = 0.2;

    private BatteryUse() {}

    /**
     * Resistance of the battery from its sag, ohms: R = (V_rest − V_load) / I, both voltages read by one meter.
     *
     * @param restV at rest, volts
     * @param loadV under load, volts
     * @param amps the load, amperes; greater than 0
     */
    public static Estimate resistance(double restV, double loadV, Estimate amps, Meter meter) {
        double alike = meter.correlation(restV, loadV);
        double u = Estimate.combined(
                new double[] {1, -1},
                new double[] {meter.ofVolts(restV).u(), meter.ofVolts(loadV).u()},
                new double[][] {{1, alike}, {alike, 1}});
        return new Estimate(restV - loadV, u).over(amps);
    }

    /** Voltage of the battery under a load at a charge from 0 to 1, volts. */
    public static double underLoadV(BatteryType battery, double charge, double amps) {
        return battery.restingV(charge) - amps * battery.ohms();
    }

    /**
     * The charge that can be flown until a cell is down to a voltage under load.
     *
     * @return share of the label's capacity, 0 to 1: (C_full − C(V_land + I·R)) of the cell's curve
     */
    public static double usableShare(BatteryType battery, double landCellV, double amps) {
        double restingAtLanding = landCellV + amps * battery.cellMilliohms() / 1000;
        return Math.max(0, 1 - battery.chemistry().chargeAt(restingAtLanding));
    }

    /**
     * Energy that comes out at the wires while a share of the charge is flown, watt-hours: W = ∫ (V_rest − I·R) dQ.
     *
     * @param share 0 to 1, from full
     */
    public static double energyWh(BatteryType battery, double share, double amps) {
        double step = share / STEPS;
        double sum = 0;
        for (int i = 0; i < STEPS; i++) {
            sum += underLoadV(battery, 1 - (i + 0.5) * step, amps) * step * battery.capacityMah() / 1000;
        }
        return sum;
    }

    /**
     * The landing voltage of a cell of this chemistry: the same charge left as a lithium polymer cell at the rule's.
     */
    public static double landCellV(Chemistry chemistry, double ruleV) {
        return chemistry == Chemistry.LIPO ? ruleV : chemistry.restingV(Chemistry.LIPO.chargeAt(ruleV));
    }

    /**
     * Whether the cells are worn for their capacity: resistance of a cell times capacity is far above that of a new
     * one.
     */
    public static boolean worn(BatteryType battery, double batteryOhms) {
        return batteryOhms * 1000 / battery.cells() * battery.capacityMah() / 1000 > WORN_MILLIOHM_AH;
    }

    /** New charge scale = old · charged back / counted. */
    public static Estimate chargeScale(double oldScale, Estimate backMah, Estimate countedMah) {
        return Estimate.exactly(oldScale).times(backMah).over(countedMah);
    }

    /** One flight of the log: charge taken, mAh, and time, minutes. */
    public record Flight(double usedMah, double minutes) {}

    /**
     * Flight time to expect.
     *
     * @param minutes usable charge over the mean draw of the flights logged
     * @param plusMinus half the width of the interval that holds about 95 %, minutes; wide after few flights
     */
    public record FlightTime(double minutes, double plusMinus) {}

    /** The flight time to expect of a usable charge; nothing without a flight. */
    public static Optional<FlightTime> flightTime(double usableMah, List<Flight> flights) {
        List<Double> draws = flights.stream()
                .filter(f -> f.minutes() > 0 && f.usedMah() > 0)
                .map(f -> f.usedMah() / f.minutes())
                .toList();
        if (draws.isEmpty()) {
            return Optional.empty();
        }
        int n = draws.size();
        double mean = draws.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
        double square = draws.stream().mapToDouble(d -> (d - mean) * (d - mean)).sum();
        double share = n > 1 ? Estimate.coverage(n - 1) * Math.sqrt(square / (n - 1) / n) / mean : ONE_FLIGHT_SHARE;
        double minutes = usableMah / mean;
        return Optional.of(new FlightTime(minutes, share * minutes));
    }
}
