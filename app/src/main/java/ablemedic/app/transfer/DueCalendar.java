package ablemedic.app.transfer;

import ablemedic.app.chart.Due;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;
import java.util.Map;

/** What is due on every craft, as a calendar of today: iCalendar, RFC 5545. */
final class DueCalendar {
    private DueCalendar() {}

    /**
     * The calendar.
     *
     * @param due by craft ID
     * @param base address of the program, before the path of a chart
     */
    static String of(Map<String, List<Due>> due, LocalDate today, ZoneId zone, String base) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Able Medic//due//EN");
        due.forEach((craftId, all) -> all.forEach(one -> {
            VEvent event = new VEvent();
            event.setUid(craftId.replace(' ', '_') + "-" + one.page() + "@able-medic");
            event.setSummary(craftId + ": " + one.what());
            event.setDescription(one.why());
            event.setUrl(base + "/crafts/" + craftId.replace(" ", "%20") + "/" + one.page());
            event.setDateStart(Date.from(today.atStartOfDay(zone).toInstant()), false);
            calendar.addEvent(event);
        }));
        return Biweekly.write(calendar).go();
    }
}
