package ablemedic.wiring;

/**
 * A pad, pin or test point of a part.
 *
 * @param name as printed beside it, such as {@code 5V} or {@code IN+}
 * @param kind what it is for
 * @param volts what it feeds or is fed with, volts; 0 for the voltage of the battery
 * @param row pads of one row lie side by side in the order of the list
 * @param usb whether it is live from the computer alone
 * @param room how many wires fit on it
 */
public record Pad(String name, Kind kind, double volts, int row, boolean usb, int room) {

    /** What a pad is for. */
    public enum Kind {
        /** Takes a supply. */
        SUPPLY,
        /** Gives one. */
        FEED,
        /** The common ground. */
        GROUND,
        /** Gives a motor signal. */
        OUTPUT,
        /** Takes one. */
        SIGNAL,
        /** Measures the battery's voltage. */
        SENSE,
        /** Carries the reading of a current sensor. */
        CURRENT,
        /** Sends or hears on a serial line. */
        SERIAL,
        /** Gives or takes a picture. */
        VIDEO;

        /** Whether it carries something fine, so that without a wire it means nothing and could be bridged unseen. */
        public boolean isFine() {
            return this == SERIAL || this == VIDEO;
        }
    }

    /** Whether a wire may run between pads of these kinds. */
    static boolean fit(Kind from, Kind to) {
        return switch (from) {
            case FEED -> to == Kind.SUPPLY || to == Kind.SENSE || to == Kind.FEED;
            case SUPPLY -> to == Kind.FEED || to == Kind.SUPPLY || to == Kind.SENSE;
            case GROUND -> to == Kind.GROUND;
            case OUTPUT -> to == Kind.SIGNAL;
            case SIGNAL -> to == Kind.OUTPUT;
            case SENSE -> to == Kind.FEED || to == Kind.SUPPLY;
            case CURRENT -> to == Kind.CURRENT;
            case SERIAL -> to == Kind.SERIAL;
            case VIDEO -> to == Kind.VIDEO;
        };
    }
}
