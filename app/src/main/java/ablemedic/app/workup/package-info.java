/**
 * The work-up: one complaint from intake to proof. What happens is kept as events that are only ever added; the case
 * that the core reasons about is the fold of them. The version of a work-up is the number of its last event, so that a
 * stale write finds its place taken.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.workup;
