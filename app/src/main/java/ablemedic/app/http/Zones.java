package ablemedic.app.http;

import java.time.DateTimeException;
import java.time.ZoneId;

/** The time zone whose days somebody means. */
public final class Zones {
    private Zones() {}

    /**
     * The zone of a name such as Europe/Dublin; that of the program's computer where none is named. @throws Refusal
     * where there is none of this name
     */
    public static ZoneId of(String zone) {
        try {
            return zone.isEmpty() ? ZoneId.systemDefault() : ZoneId.of(zone);
        } catch (DateTimeException e) {
            throw Refusal.wrong(
                    "zone", "“" + Refusal.shortened(zone) + "” is no time zone; write it as Europe/Dublin.");
        }
    }
}
