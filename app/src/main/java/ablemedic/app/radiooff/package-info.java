/**
 * The radio-off test of each craft: what should happen, what a test tells of each stage, and whether it is due. A test
 * is a line of the craft's log, whether it was made on its own page or within a work-up. After a change of radio,
 * receiver, firmware or settings it is due.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.radiooff;
