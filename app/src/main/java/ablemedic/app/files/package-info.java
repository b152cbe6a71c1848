/**
 * Photos and files that are kept beside a finding of a work-up or a line of a craft's log. What a file is follows from
 * its first bytes, never from its name; pictures are shown, everything else is only handed back, and nothing of it is
 * ever run.
 */
@NullMarked
package ablemedic.app.files;

import org.jspecify.annotations.NullMarked;
