package ablemedic.power;

import ablemedic.configuration.Configuration;
import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.diagnosis.Facet;
import ablemedic.physics.Circuits;
import ablemedic.physics.Powered;
import ablemedic.power.PowerDefect.OtherBattery;
import ablemedic.power.PowerDefect.WeakCell;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Wiring.At;
import java.util.List;
import java.util.Optional;

/**
 * From the battery to the number on the screen: wire, divider, converter, scale. V_pad = V_adc·(R1+R2)/R2; what is
 * shown is V_adc times the scale that was told.
 */
public final class SenseChain {
    /** Reference of the converter, volts: common practice for 12 bit at 3.3 V. */
    public static final double REFERENCE_V = 3.3;
    /** Steps of the converter, and the highest that it can give. */
    public static final int STEPS = 4096;

    public static final int HIGHEST_STEP = STEPS - 1;
    /** Regulated voltages that FCs, power boards and video parts have, volts. Common practice. */
    public static final List<Double> USUAL_RAILS = List.of(3.3, 5.0, 9.0, 10.0, 12.0);
    /**
     * What a converter's pin of 3.3 V stands at the most, volts: a protecting diode above its supply, from memory.
     * Processor data sheets commonly give the supply and 0.3 V for a pin that is in use as an input of the converter.
     */
    public static final double KILLS_PIN_V = REFERENCE_V + 0.3;

    /** A battery whose resting voltage would be this many times what the meter shows is none: motors stand still. */
    private static final double SAGS_AT_REST = 1.02;

    private static final int ROUNDS = 6;
    private static final double SAME_V = 0.002;

    /** What the readings on screen depend on. */
    static final Facet<Craft, Sensed> SENSED = Facet.of(
            "power-as-configured",
            craft -> new Sensed(craft.electrics(), craft.configuration().only(FcSettings::isOfPower)));

    /** The electrical side and what the board was told of it. */
    record Sensed(Electrics electrics, Configuration told) {
        Sensed withBatteryAsOnSheet() {
            return new Sensed(electrics.without(OtherBattery.SLOT).without(WeakCell.SLOT), told);
        }

        SenseChain at(double restingV) {
            return new SenseChain(electrics, told, Powered.idle(electrics, restingV), restingV);
        }

        /**
         * The chain while a meter at the battery's wires shows a voltage; nothing where no battery could hold it there.
         */
        Optional<SenseChain> atPlug(double plugV) {
            double highest = Math.max(plugV, electrics.sheet().battery().fullV()) * SAGS_AT_REST;
            SenseChain chain = at(plugV);
            for (int i = 0; i < ROUNDS && Math.abs(chain.trueV() - plugV) > SAME_V; i++) {
                if (chain.trueV() <= 0 || chain.restingV * plugV / chain.trueV() > highest) {
                    return Optional.empty();
                }
                chain = at(chain.restingV * plugV / chain.trueV());
            }
            return Optional.of(chain);
        }
    }

    private final Electrics electrics;
    private final Configuration told;
    private final Powered powered;
    private final double restingV;

    private SenseChain(Electrics electrics, Configuration told, Powered powered, double restingV) {
        this.electrics = electrics;
        this.told = told;
        this.powered = powered;
        this.restingV = restingV;
    }

    /** What the battery would stand at with nothing drawn from it, volts. */
    double restingV() {
        return restingV;
    }

    /** The chain of a craft while its battery rests at a voltage, motors stopped. */
    public static SenseChain at(Craft craft, double restingV) {
        return SENSED.of(craft).at(restingV);
    }

    /** What a meter shows at the battery plug, volts. */
    public double trueV() {
        return powered.plugV();
    }

    /** Voltage at the sense pad against the board's own ground, volts; 0 without a divider. */
    public double padV() {
        return electrics
                .wiring()
                .divider()
                .map(d -> powered.between(
                        Circuits.node(electrics.wiring(), d, d.of().sense()),
                        Circuits.node(electrics.wiring(), d, d.of().minus())))
                .orElse(0.0);
    }

    /** Voltage at the converter, volts, never above its reference. */
    public double converterV() {
        double ratio = electrics
                .wiring()
                .divider()
                .map(At::of)
                .map(InnerCircuit.Divider::ratio)
                .orElse(1.0);
        return converterV(padV() * electrics.sensedTimes(), ratio);
    }

    /** Voltage at a converter behind a divider, volts: the pad's over the ratio, never above the reference. */
    public static double converterV(double padV, double ratio) {
        return Math.max(0, Math.min(REFERENCE_V, padV / ratio));
    }

    /** What the board shows, volts. */
    public double shownV() {
        return switch (told.get(FcSettings.VOLTAGE_SOURCE)) {
            case NONE -> 0;
            case CONTROLLERS -> trueV();
            case DIVIDER -> converterV() * told.get(FcSettings.VOLTAGE_SCALE);
        };
    }

    /** The most that the chain can show, volts: the reference times the scale. */
    public double fullScaleV() {
        return REFERENCE_V * told.get(FcSettings.VOLTAGE_SCALE);
    }

    /** The voltage-sensing value that suits a craft's divider; that told where it has none. */
    public static double rightScale(Craft craft) {
        return craft.electrics()
                .wiring()
                .divider()
                .map(d -> d.of().ratio())
                .orElse(craft.setting(FcSettings.VOLTAGE_SCALE));
    }

    /** How many cells the board takes the battery to have. */
    public int cells() {
        return told.get(FcSettings.CELLS) > 0 ? told.get(FcSettings.CELLS) : CellGuess.of(shownV());
    }
}
