package ablemedic.wiring;

import ablemedic.catalogue.Names;
import ablemedic.protocol.Format;
import java.util.List;

/** What lies between the pads of a part; pads are named as the part names them. */
public sealed interface InnerCircuit
        permits InnerCircuit.Trace,
                InnerCircuit.Leak,
                InnerCircuit.Capacitance,
                InnerCircuit.Regulator,
                InnerCircuit.Divider,
                InnerCircuit.Load,
                InnerCircuit.Drive,
                InnerCircuit.CurrentSensor,
                InnerCircuit.Chip,
                InnerCircuit.Spoken,
                InnerCircuit.Picture,
                SerialPad {

    /** Copper on the board. */
    record Trace(String a, String b, double ohms) implements InnerCircuit {}

    /** What an unpowered chip or divider lets through. */
    record Leak(String a, String b, double ohms) implements InnerCircuit {}

    /** A capacitor; a bulky one can burst. */
    record Capacitance(String plus, String minus, double farads, boolean bulky) implements InnerCircuit {}

    /**
     * A voltage regulator.
     *
     * @param limitA current above which its output falls, amperes
     * @param linear whether it takes as much current as it gives; otherwise as much power, and some for itself
     */
    record Regulator(String in, String out, String minus, double volts, double limitA, boolean linear)
            implements InnerCircuit {}

    /** The divider before the converter that reads the battery's voltage: {@code topOhms} over {@code bottomOhms}. */
    record Divider(String sense, String minus, double topOhms, double bottomOhms) implements InnerCircuit {
        /** Pad voltage over converter voltage. */
        public double ratio() {
            return (topOhms + bottomOhms) / bottomOhms;
        }
    }

    /**
     * What the part draws.
     *
     * @param amps at its voltage, amperes
     * @param poorAmps of the poor sort
     */
    record Load(String plus, String minus, double volts, double amps, double poorAmps) implements InnerCircuit {
        /** Difference of draw that is worth telling apart, amperes. */
        private static final double WORTH_TELLING = 0.03;

        private static final double TOLD_FROM_A_GUESS = 2;

        /**
         * Whether a poor sort of it draws so much more that a budget feels it, and that it is not within what is
         * guessed.
         */
        public boolean hasPoorSort() {
            return poorAmps - amps >= WORTH_TELLING && poorAmps >= TOLD_FROM_A_GUESS * amps;
        }
    }

    /** The stage that drives one motor; {@code slot} counts from 0 within the part. */
    record Drive(String plus, String minus, String signal, int slot) implements InnerCircuit {}

    /** A sensor of the whole current, read over its own pad. */
    record CurrentSensor(String pad) implements InnerCircuit {}

    /**
     * The chip of an FC, so far as its UARTs go; each {@link SerialPad} wires one side of a UART out.
     *
     * @param computer the UART that the computer's bridge takes while it is joined; empty where it has a way of its own
     * @param soft UARTs that the firmware makes out of a plain pin
     * @param silent what its print does not tell
     */
    record Chip(Processor processor, String computer, List<String> soft, String silent) implements InnerCircuit {
        public Chip {
            soft = List.copyOf(soft);
        }
    }

    /**
     * A line that a part speaks on.
     *
     * @param job what it is there for
     * @param formats that it can speak, the one that it comes with first
     * @param sends the pad that it sends on; empty where it only hears
     * @param hears the pad that it hears on; empty where it only sends, or where both ways go over one wire
     * @param highV its high level, volts
     */
    record Spoken(UartFunction job, List<Format> formats, String sends, String hears, double highV)
            implements InnerCircuit {
        public Spoken {
            formats = List.copyOf(formats);
        }
    }

    /**
     * What a part does with the picture.
     *
     * @param takes the pad that it takes a picture on; empty where it makes its own
     * @param gives the pad that it gives it on; empty where it sends it through the air
     * @param milliwatts the levels that it can send with, from the lowest; none where it sends nothing
     */
    record Picture(Role role, String takes, String gives, List<Integer> milliwatts) implements InnerCircuit {
        /** Its place on the way of the picture. */
        public enum Role {
            CAMERA,
            OVERLAY,
            TRANSMITTER,
            AIR_UNIT;

            public String label() {
                return Names.of(this);
            }

            /** Whether it sends through the air. */
            public boolean sends() {
                return this == TRANSMITTER || this == AIR_UNIT;
            }
        }

        public Picture {
            milliwatts = List.copyOf(milliwatts);
        }
    }
}
