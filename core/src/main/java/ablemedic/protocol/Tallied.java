package ablemedic.protocol;

import java.util.List;

/** Frames of one format, counted as they are heard: how many, how often, and what their channels gave. */
abstract class Tallied implements Heard {
    private final Format format;
    private final Channels channels = new Channels();
    private final Moments moments = new Moments();
    private long good;
    private long bad;
    private double firstS;
    private double lastS;

    Tallied(Format format) {
        this.format = format;
    }

    /** A sound frame began. */
    void sound(double timeS, List<Double> us) {
        sound(timeS, us, false);
    }

    /** @param failsafe whether it says that its sender hears nothing */
    void sound(double timeS, List<Double> us, boolean failsafe) {
        firstS = good == 0 ? timeS : firstS;
        lastS = timeS;
        good++;
        channels.take(us);
        moments.take(timeS, us, failsafe);
    }

    /** A frame of right structure came out wrong. */
    void broken() {
        bad++;
    }

    @Override
    public Format format() {
        return format;
    }

    @Override
    public long good() {
        return good;
    }

    @Override
    public long bad() {
        return bad;
    }

    @Override
    public double ratePerS() {
        return good > 1 && lastS > firstS ? (good - 1) / (lastS - firstS) : 0;
    }

    @Override
    public List<Channel> channels() {
        return channels.all();
    }

    @Override
    public List<Moment> moments() {
        return moments.all();
    }
}
