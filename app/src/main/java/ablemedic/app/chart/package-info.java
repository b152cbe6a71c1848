/**
 * The chart of a craft: its build sheet with all revisions, its drawing and its log. Build sheets are kept whole and
 * never changed; each change is a new revision with its reason. A sheet that makes no craft is refused by the core.
 */
@org.jspecify.annotations.NullMarked
package ablemedic.app.chart;
