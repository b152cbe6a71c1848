package ablemedic.serial;

import ablemedic.protocol.Format;
import ablemedic.protocol.Sender;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * What a meter for direct voltage shows on a line that sends: its average. Worked out from the line itself, frame by
 * frame, with all sticks low, centred and high.
 *
 * @param idleV while nothing is sent
 * @param leastV of the averages while it sends
 * @param mostV of the averages while it sends
 */
public record SignalOnMeter(Format format, boolean inverted, double idleV, double leastV, double mostV) {
    private static final double[] STICKS_US = {1000, 1500, 2000};
    private static final int CHANNELS = 16;

    /**
     * @param highV of the high level
     * @param baud bits a second; the usual rate for 0
     * @param everyS from one frame to the next, seconds; the usual for 0
     */
    public static SignalOnMeter of(Format format, boolean inverted, double highV, double baud, double everyS) {
        Sender usual = Sender.usual(format);
        Sender sender =
                new Sender(format, baud > 0 ? baud : usual.baud(), inverted, everyS > 0 ? everyS : usual.everyS());
        double[] averages = Arrays.stream(STICKS_US)
                .map(us -> highV * highShare(sender, us))
                .toArray();
        boolean restsHigh = format.framing().isPresent() != inverted;
        return new SignalOnMeter(
                format,
                inverted,
                restsHigh ? highV : 0,
                Arrays.stream(averages).min().orElseThrow(),
                Arrays.stream(averages).max().orElseThrow());
    }

    private static double highShare(Sender sender, double us) {
        double[] stood = new double[2];
        List<Double> sticks = Collections.nCopies(CHANNELS, us);
        for (int frame = 0; frame < 4; frame++) {
            sender.send(sticks, frame, (high, seconds) -> stood[high ? 1 : 0] += seconds);
        }
        return stood[1] / (stood[0] + stood[1]);
    }

    /** How far a shown voltage lies outside what this line gives, volts; 0 within. */
    public double away(double shownV) {
        return Math.max(0, Math.max(leastV - shownV, shownV - mostV));
    }
}
