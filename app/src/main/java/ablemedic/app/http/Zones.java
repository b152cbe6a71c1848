package ablemedic.app.http;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.time.DateTimeException;
import java.time.ZoneId;

/** The time zone whose days somebody means. */
public final class Zones {
    private static final Words REFUSALS =
            Catalogue.beside(Zones.class, "refusals").of("zones");

    private Zones() {}

    /**
     * The zone of a name such as Europe/Dublin; that of the program's computer where none is named. @throws Refusal
     * where there is none of this name
     */
    public static ZoneId of(String zone) {
        try {
            return zone.isEmpty() ? ZoneId.systemDefault() : ZoneId.of(zone);
        } catch (DateTimeException e) {
            throw Refusal.wrong("zone", REFUSALS.with("zone", Refusal.shortened(zone)), "no-zone");
        }
    }
}
