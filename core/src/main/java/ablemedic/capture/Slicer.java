package ablemedic.capture;

/**
 * Makes levels of samples. Levels are taken as they are; volts are parted half way between the two voltages at which
 * the line stands most, with some play against noise, and a change is put where the line crosses between two samples.
 */
final class Slicer {
    /** Samples from which the two voltages are learned. */
    private static final int LEARN = 200_000;
    /** A line that moves by less stands still, volts. */
    private static final double LEAST_SWING_V = 0.4;

    private static final double PLAY = 0.15;
    private static final int ROUNDS = 12;

    private final Recorded to;
    private double[] times = new double[1024];
    private double[] values = new double[1024];
    private int kept;
    private boolean learned;
    private boolean digital = true;
    private double middle = 0.5;
    private double play;
    private boolean begun;
    private boolean level;
    private double since;
    private double lastTime;
    private double lastValue;

    Slicer(Recorded to) {
        this.to = to;
    }

    void sample(double time, double value) {
        if (!learned) {
            digital &= value == 0 || value == 1;
            if (kept == times.length) {
                times = java.util.Arrays.copyOf(times, 2 * kept);
                values = java.util.Arrays.copyOf(values, 2 * kept);
            }
            times[kept] = time;
            values[kept++] = value;
            if (kept == LEARN) {
                learn();
            }
            return;
        }
        slice(time, value);
    }

    private void learn() {
        learned = true;
        if (!digital) {
            double low = Double.MAX_VALUE;
            double high = -Double.MAX_VALUE;
            for (int i = 0; i < kept; i++) {
                low = Math.min(low, values[i]);
                high = Math.max(high, values[i]);
            }
            double peak = high;
            for (int round = 0; round < ROUNDS && peak - low > 0; round++) {
                double parting = (low + high) / 2;
                double lows = 0;
                double highs = 0;
                int ofHigh = 0;
                for (int i = 0; i < kept; i++) {
                    if (values[i] > parting) {
                        highs += values[i];
                        ofHigh++;
                    } else {
                        lows += values[i];
                    }
                }
                if (ofHigh > 0 && ofHigh < kept) {
                    low = lows / (kept - ofHigh);
                    high = highs / ofHigh;
                }
            }
            if (high - low < LEAST_SWING_V) {
                low = (low + high) / 2;
                high = low;
            }
            middle = high == low ? (low > LEAST_SWING_V ? low - LEAST_SWING_V : low + LEAST_SWING_V) : (low + high) / 2;
            play = PLAY * (high - low);
            to.volts(low, high);
        }
        for (int i = 0; i < kept; i++) {
            slice(times[i], values[i]);
        }
        times = new double[0];
        values = new double[0];
    }

    private void slice(double time, double value) {
        if (!begun) {
            begun = true;
            level = value > middle;
            since = time;
        } else if (level ? value < middle - play : value > middle + play) {
            double share = digital || value == lastValue
                    ? 1
                    : Math.max(0, Math.min(1, (middle - lastValue) / (value - lastValue)));
            double at = Math.max(since, lastTime + share * (time - lastTime));
            to.stands(level, at - since);
            level = !level;
            since = at;
        }
        lastTime = time;
        lastValue = value;
    }

    void end() {
        if (!learned) {
            learn();
        }
        if (begun) {
            to.stands(level, lastTime - since);
        }
    }
}
