package ablemedic.wiring;

import ablemedic.catalogue.Names;

/**
 * A pad of a board that is one side of a serial UART.
 *
 * @param name as printed beside it
 * @param uart the UART that it is a side of, as the firmware counts it
 * @param side what it is for the board
 * @param inverter what can turn the line round between pad and UART
 * @param bears5V whether a signal of 5 V does it no harm
 */
public record SerialPad(String name, String uart, Side side, Inverter inverter, boolean bears5V)
        implements InnerCircuit {

    /** A side of a UART. */
    public enum Side {
        RX,
        TX
    }

    /** What turns a line round. */
    public enum Inverter {
        NONE,
        CHIP,
        FIXED,
        JUMPER,
        SOFTWARE;

        public String label() {
            return Names.of(this);
        }
    }

    /** Whether a line of this sense can be heard over it. */
    public boolean hears(boolean inverted) {
        return switch (inverter) {
            case NONE -> !inverted;
            case FIXED -> inverted;
            case CHIP, JUMPER, SOFTWARE -> true;
        };
    }
}
