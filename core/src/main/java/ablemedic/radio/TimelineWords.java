package ablemedic.radio;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.radio.LostLink.Home;

/** What is said of the events of a lost link. */
final class TimelineWords {
    static final Words WORDS = Radio.WORDS.name("timeline");

    private TimelineWords() {}

    static String said(String line) {
        return WORDS.line(line).plain();
    }

    static String said(String line, String gap, Param param) {
        return WORDS.with(gap, param).line(line).plain();
    }

    static Param metres(double m) {
        return Param.whole(Math.round(m), "m");
    }

    static Param speed(double ms) {
        return Param.whole(Math.round(ms), "m/s");
    }

    /** What a return home lacks. */
    static String missing(Home home) {
        if (!home.fix()) {
            return said("no-fix");
        }
        if (!home.homeSet()) {
            return said("no-home");
        }
        return home.satellites() < home.wanted()
                ? said("few", "n", Param.whole(home.satellites(), ""))
                : said("no-level");
    }
}
