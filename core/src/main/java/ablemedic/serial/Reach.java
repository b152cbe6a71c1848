package ablemedic.serial;

/** How well what one end of a line says reaches the other. */
enum Reach {
  NONE, FLAKY, GOOD
}
