package ablemedic.power;

import ablemedic.wiring.BatteryType;

/**
 * The number of cells that a board guesses at plug-in: the least for which no cell would be above 4.30 V. Common
 * practice with no source. It goes wrong with a battery too far down, and with high-voltage cells.
 */
public final class CellGuess {
    /** Highest voltage of a cell that the guess reckons with, volts. */
    public static final double HIGHEST_V = 4.30;

    private CellGuess() {}

    /** The guess for a battery voltage, volts; 0 for none to speak of. */
    public static int of(double volts) {
        return volts < 1 ? 0 : (int) Math.floor(volts / HIGHEST_V) + 1;
    }

    /** The resting voltages of a cell, volts, between which a pack of this kind is guessed right. */
    public static double[] rightBetween(BatteryType battery) {
        return new double[] {HIGHEST_V * (battery.cells() - 1) / battery.cells(), HIGHEST_V};
    }
}
