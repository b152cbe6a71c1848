package ablemedic.radio;

import ablemedic.craft.Airframe;
import java.util.List;

/**
 * What becomes of a craft whose link is lost, second by second: the receiver notices, the board notices, holds its
 * fallback values, does what it is told. The chain is common practice with no source; the falls are those of
 * {@link Fall}.
 *
 * @param events in their order
 * @param heights of the craft over time, for a drawing
 * @param end how it ends
 * @param blindM way flown before anything is done about it, metres
 * @param impactMs speed at touch-down; 0 where it does not come down by itself
 * @param impactJ energy of that
 * @param driftM how far the wind takes it while it comes down
 * @param hazards in words, the gravest first
 * @param pilot what the pilot can do, and until when
 */
public record FailsafeTimeline(
        List<Event> events,
        List<At> heights,
        End end,
        double blindM,
        double impactMs,
        double impactJ,
        double driftM,
        List<String> hazards,
        List<String> pilot) {
    /** How it ends. */
    public enum End {
        FLIES_ON,
        FALLS,
        LANDS,
        HOME,
        STRAYS,
        CLIMBS,
        BACK;

        public String label() {
            return Radio.WORDS.name("timeline-end").name(this);
        }
    }

    /** Something that happens, seconds after the link was lost. */
    public record Event(double atS, String text) {}

    /** Where the craft is, metres above ground. */
    public record At(double atS, double heightM) {}

    public static FailsafeTimeline of(Airframe frame, LostLink lost) {
        return of(frame, lost, 1);
    }

    /** The same with so many times the usual drag. */
    static FailsafeTimeline of(Airframe frame, LostLink lost, double drag) {
        return new TimelineRun(frame, lost, Fall.of(frame, drag)).run();
    }

    /** Share of its weight that a throttle carries: thrust goes with its square. */
    static double carried(Airframe frame, double throttlePct) {
        return frame.thrustToWeight() * throttlePct * throttlePct / 10_000;
    }
}
