/**
 * What goes over a wire between two parts: the formats, their levels, bits and frames, and how frames are made and
 * read. Begin at {@link Format}; a {@link Frames} reads the bytes of one format, and {@link Sender} makes a line of it.
 * It knows no craft and no file.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.protocol;
