package ablemedic.wiring;

/**
 * Classes of processors on FCs, and whether their serial UARTs can turn a line round in the chip: the control register
 * of each UART has such a bit on F3, F7 and H7, none on F1 and F4 (reference manuals of the chip maker, from memory).
 */
public enum Processor {
    F1(false),
    F3(true),
    F4(false),
    F7(true),
    H7(true);

    private final boolean inverts;

    Processor(boolean inverts) {
        this.inverts = inverts;
    }

    public boolean inverts() {
        return inverts;
    }

    public String label() {
        return name() + " class";
    }
}
