package ablemedic.uart;

/** How grave something is. */
public enum Grade {
    HARMS,
    WRONG,
    DOUBTFUL,
    UNKNOWN
}
