/**
 * What leaves the workshop and comes in: a chart as one document and all of them as a ZIP, sheets of tables, the job
 * sheet, the ready label and the calendar. {@link ablemedic.app.transfer.ChartBundle} is the document's form,
 * {@link ablemedic.app.transfer.BundleReader} and {@link ablemedic.app.transfer.BundleWriter} take it out of the
 * database and into it; the same document twice gives no doubles.
 */
@NullMarked
package ablemedic.app.transfer;

import org.jspecify.annotations.NullMarked;
