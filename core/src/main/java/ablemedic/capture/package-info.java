/**
 * What a logic analyser or an oscilloscope recorded on a pad, and what it tells: whether there is a signal, its levels,
 * its bit time and framing, its format and what that carries. {@link ablemedic.capture.Captures} reads a file of any
 * size in bounded memory and answers with a {@link ablemedic.capture.CaptureReport};
 * {@link ablemedic.capture.CaptureWriter} makes such files. Nothing of a file is believed before it is checked, and
 * what cannot be read is said with its line or offset.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.capture;
