package ablemedic.capture;

import ablemedic.protocol.Line;

/** Passes a line on without what stands too short to be a bit: noise of a sample or two. */
final class Deglitched implements Line {
    private final double shortestS;
    private final Line to;
    private boolean level;
    private double stood;
    private long dropped;

    Deglitched(double shortestS, Line to) {
        this.shortestS = shortestS;
        this.to = to;
    }

    @Override
    public void stands(boolean high, double seconds) {
        if (high == level || stood == 0) {
            level = high;
            stood += seconds;
        } else if (seconds < shortestS) {
            stood += seconds;
            dropped++;
        } else {
            to.stands(level, stood);
            level = high;
            stood = seconds;
        }
    }

    void end() {
        if (stood > 0) {
            to.stands(level, stood);
            stood = 0;
        }
    }

    long dropped() {
        return dropped;
    }
}
