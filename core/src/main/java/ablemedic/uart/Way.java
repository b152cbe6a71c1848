package ablemedic.uart;

/** Which way something stops what is said. */
public enum Way {
    /** The board does not hear the part. */
    HEARD,
    /** The part does not hear the board. */
    SPOKEN,
    BOTH
}
