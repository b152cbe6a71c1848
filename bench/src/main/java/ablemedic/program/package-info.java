/**
 * The program as a process of its own, started as its script starts it: for what can only be measured or broken from
 * outside. The folder of the unpacked program is given by the property {@code program.run}.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.program;
