package ablemedic.protocol;

import ablemedic.protocol.Heard.Moment;
import java.util.ArrayList;
import java.util.List;

/** When something of the channels changed; remembers a bounded number of such moments. */
final class Moments {
    private static final int MOST = 5000;
    /** Channels that move by less stand still, microseconds. */
    private static final double STILL_US = 20;
    /** Frames that stay out for longer were stopped; the slowest usual format sends every 23 ms. */
    private static final double SILENT_S = 0.1;

    private final List<Moment> seen = new ArrayList<>();
    private double lastS = Double.NaN;

    void take(double atS, List<Double> us, boolean failsafe) {
        if (us.isEmpty()) {
            return;
        }
        if (atS - lastS > SILENT_S) {
            Moment before = seen.get(seen.size() - 1);
            add(new Moment(lastS, before.us(), before.failsafe(), true));
        }
        lastS = atS;
        if (seen.isEmpty() || isNews(seen.get(seen.size() - 1), us, failsafe)) {
            add(new Moment(atS, us, failsafe, false));
        }
    }

    private static boolean isNews(Moment last, List<Double> us, boolean failsafe) {
        if (last.silent() || last.failsafe() != failsafe || last.us().size() != us.size()) {
            return true;
        }
        for (int i = 0; i < us.size(); i++) {
            if (Math.abs(us.get(i) - last.us().get(i)) > STILL_US) {
                return true;
            }
        }
        return false;
    }

    private void add(Moment moment) {
        if (seen.size() < MOST) {
            seen.add(moment);
        }
    }

    List<Moment> all() {
        return List.copyOf(seen);
    }
}
