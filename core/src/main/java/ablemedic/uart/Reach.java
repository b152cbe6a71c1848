package ablemedic.uart;

/** How well what one end of a line says reaches the other. */
public enum Reach {
    NONE,
    FLAKY,
    GOOD
}
