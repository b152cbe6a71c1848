package ablemedic.power;

import ablemedic.power.BatteryUse.Flight;
import ablemedic.power.BatteryUse.FlightTime;
import ablemedic.reading.Estimate;
import ablemedic.reading.Meter;
import ablemedic.wiring.BatteryType;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What its flights and charges say of a battery.
 *
 * @param ohms of the whole battery, from its newest sag
 * @param drawA mean of its flights; five times its capacity an hour where none was counted
 * @param usableShare of its capacity, until the landing voltage is reached at that draw
 * @param flight how long it flies; nothing before flights were counted
 * @param chargeScale by which to multiply the craft's charge scale, from what the charger put back
 * @param flights how many were counted
 */
public record BatteryInUse(
        BatteryType kind,
        LandingVoltageRule rule,
        Optional<Estimate> ohms,
        double drawA,
        double usableShare,
        Optional<FlightTime> flight,
        Optional<Estimate> chargeScale,
        int flights) {
    /** How far a clamp meter may be off, as a share. Common practice, no source. */
    private static final double CLAMP_SHARE = 0.03;
    /** How far a charger's count may be off, as a share. Common practice, no source. */
    private static final double COUNT_SHARE = 0.01;
    /** What a craft draws where nothing was counted yet, times the capacity an hour. Common practice, no source. */
    private static final double USUAL_C = 5;

    private static final double MOST_CELL_MOHM = 500;
    private static final double LEAST_CELL_MOHM = 0.1;

    /** What was written down of a flight or a charge: minutes, mAh, volts, amperes. */
    public record Use(
            @Nullable Double minutes,
            @Nullable Double usedMah,
            @Nullable Double chargedMah,
            @Nullable Double restV,
            @Nullable Double loadV,
            @Nullable Double loadA) {}

    /** @param uses the newest first */
    public static BatteryInUse of(BatteryType kind, LandingVoltageRule rule, List<Use> uses, Meter meter) {
        List<Flight> flights =
                uses.stream().flatMap(use -> flight(use).stream()).toList();
        double drawA = flights.isEmpty()
                ? kind.capacityMah() / 1000 * USUAL_C
                : flights.stream()
                        .mapToDouble(flight -> flight.usedMah() / flight.minutes() * 60 / 1000)
                        .average()
                        .orElseThrow();
        Optional<Estimate> ohms =
                uses.stream().flatMap(use -> ohms(use, meter).stream()).findFirst();
        double cellMohm = ohms.map(all -> Math.max(LEAST_CELL_MOHM, all.value() * 1000 / kind.cells()))
                .orElse(kind.cellMilliohms());
        BatteryType asIs =
                new BatteryType(kind.cells(), kind.chemistry(), kind.capacityMah(), Math.min(MOST_CELL_MOHM, cellMohm));
        double share = BatteryUse.usableShare(asIs, BatteryUse.landCellV(kind.chemistry(), rule.landV()), drawA);
        return new BatteryInUse(
                kind,
                rule,
                ohms,
                drawA,
                share,
                BatteryUse.flightTime(share * kind.capacityMah(), flights),
                uses.stream().flatMap(use -> chargeScale(use).stream()).findFirst(),
                flights.size());
    }

    /** What can be drawn until it is landed, mAh. */
    public double usableMah() {
        return usableShare * kind.capacityMah();
    }

    /** Whether it is to be replaced. */
    public boolean isWorn() {
        return ohms.map(all -> BatteryUse.worn(kind, all.value())).orElse(false);
    }

    public double landCellV() {
        return BatteryUse.landCellV(kind.chemistry(), rule.landV());
    }

    public double warnCellV() {
        return BatteryUse.landCellV(kind.chemistry(), rule.warnV());
    }

    public double criticalCellV() {
        return BatteryUse.landCellV(kind.chemistry(), rule.criticalV());
    }

    /** A flight that was counted; what the charger put back counts more than what the craft counted. */
    private static Optional<Flight> flight(Use use) {
        Double used = use.chargedMah() != null ? use.chargedMah() : use.usedMah();
        return use.minutes() == null || used == null ? Optional.empty() : Optional.of(new Flight(used, use.minutes()));
    }

    private static Optional<Estimate> ohms(Use use, Meter meter) {
        return use.restV() == null || use.loadV() == null || use.loadA() == null
                ? Optional.empty()
                : Optional.of(ohms(use.restV(), use.loadV(), use.loadA(), meter));
    }

    /** The resistance of a whole battery, from its sag under a current that a clamp meter read. */
    public static Estimate ohms(double restV, double loadV, double loadA, Meter meter) {
        return BatteryUse.resistance(restV, loadV, Estimate.within(loadA, CLAMP_SHARE * loadA), meter);
    }

    private static Optional<Estimate> chargeScale(Use use) {
        return use.usedMah() == null || use.chargedMah() == null
                ? Optional.empty()
                : Optional.of(BatteryUse.chargeScale(
                        1,
                        Estimate.within(use.chargedMah(), COUNT_SHARE * use.chargedMah()),
                        Estimate.exactly(use.usedMah())));
    }
}
