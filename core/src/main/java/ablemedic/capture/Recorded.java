package ablemedic.capture;

import ablemedic.protocol.Line;

/** What a file held, as it is read. */
interface Recorded extends Line {
    /** A byte of a file that holds bytes without times. */
    void value(byte value);

    /** The voltages that the two levels of the line stand at; told once, where the file holds volts. */
    void volts(double low, double high);
}
