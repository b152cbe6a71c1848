/**
 * What stands on a wire between two parts: the formats, their levels, bits and frames, and how frames are made and
 * read. Begin at {@link ablemedic.wire.Format}; a {@link ablemedic.wire.Frames} reads the bytes of one format, and
 * {@link ablemedic.wire.Sender} makes a line of it. It knows no craft and no file.
 */
package ablemedic.protocol;
