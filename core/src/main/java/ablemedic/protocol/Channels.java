package ablemedic.protocol;

import ablemedic.protocol.Heard.Channel;
import java.util.ArrayList;
import java.util.List;

/** The least, the most and the last that each channel gave. */
final class Channels {
    private static final double MOVED_US = 100;

    private final List<double[]> seen = new ArrayList<>();

    void take(List<Double> us) {
        while (seen.size() < us.size()) {
            seen.add(new double[] {0, Double.MAX_VALUE, -Double.MAX_VALUE});
        }
        for (int i = 0; i < us.size(); i++) {
            double[] one = seen.get(i);
            one[0] = us.get(i);
            one[1] = Math.min(one[1], us.get(i));
            one[2] = Math.max(one[2], us.get(i));
        }
    }

    List<Channel> all() {
        List<Channel> all = new ArrayList<>();
        seen.forEach(one -> all.add(new Channel(all.size() + 1, one[0], one[1], one[2], one[2] - one[1] > MOVED_US)));
        return all;
    }
}
