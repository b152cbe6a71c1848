/**
 * The instruments: each computation of the core on its own, fed by hand. They read crafts and write nothing. What is
 * incomplete or contradicts itself is answered with what is missing or which two things cannot both be.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.instruments;
