/**
 * The repair log: every time a work-up was closed, with cause, fix, proof, minutes and the values before and after.
 * Rows are added when a work-up closes and never changed. It is searched here and goes out as CSV.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.repairs;
