package ablemedic.power;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.family.RoutineVerdict;
import ablemedic.family.RoutineVerdict.Kind;
import ablemedic.physics.BatteryOut;
import ablemedic.wiring.Electrics;
import java.util.Locale;
import java.util.Optional;

/**
 * What a reading across the battery leads says, battery and computer out. What a sound craft rests at is known to no
 * better than its chips: capacitors alone climb to open, and a board without the resistor that was guessed rests a
 * hundred times higher. So there is no highest reading that passes, only a lowest; and between a short and what this
 * craft can rest at, a second way has to tell.
 */
public final class PlugOhms {
    /** Below this nothing passes, on no craft, ohms. Common practice, no source. */
    public static final double FLOOR_OHMS = 100;
    /**
     * A switch of a controller that is half burnt through leaves tens to hundreds of ohms; below this it can't be told
     * from a sound craft. Common practice, no source.
     */
    public static final double HALF_SHORT_OHMS = 1_000;

    private PlugOhms() {}

    /** Whether a step of the pre-power checks is the short test of a craft. */
    private static boolean isShortTest(Check<Craft> step, Craft craft) {
        return step instanceof Probe probe
                && probe.mode() == Probe.Mode.OHMS
                && craft.electrics()
                        .wiring()
                        .plug()
                        .filter(plug ->
                                probe.red().node() == plug[0] && probe.black().node() == plug[1])
                        .isPresent();
    }

    /** What a craft that is as it should be gives, in words. */
    public static Optional<String> expected(Check<Craft> step, Craft craft) {
        return isShortTest(step, craft) ? Optional.of(expected((Probe) step, craft)) : Optional.empty();
    }

    private static String expected(Probe probe, Craft craft) {
        return "climbing, or more than " + ohms(tellsFrom(probe, craft.electrics()))
                + " once it settles; OL only after it climbed";
    }

    /** What a reading of the short test of a craft says. */
    public static Optional<RoutineVerdict> of(Check<Craft> step, Craft craft, Reading reading) {
        return isShortTest(step, craft) ? Optional.of(of((Probe) step, craft, reading)) : Optional.empty();
    }

    private static RoutineVerdict of(Probe probe, Craft craft, Reading reading) {
        if (reading instanceof Measured measured) {
            return ofOhms(measured.value(), tellsFrom(probe, craft.electrics()));
        }
        return reading.equals(Chosen.of(Probe.OVER))
                ? new RoutineVerdict(
                        Kind.CANNOT_TELL,
                        "OL from the start means that a lead is off or a capacitor is missing; OL at the end of climbing is right. Swap the probes: capacitors that are there climb once more.")
                : new RoutineVerdict(Kind.PASSES, "It climbs: capacitors are charging and nothing shorts them.");
    }

    private static RoutineVerdict ofOhms(double ohms, double tellsFrom) {
        if (ohms < FLOOR_OHMS) {
            return new RoutineVerdict(
                    Kind.SHORT, "Below " + ohms(FLOOR_OHMS) + " nothing passes: keep the battery out.");
        }
        return ohms < tellsFrom
                ? new RoutineVerdict(
                        Kind.CANNOT_TELL,
                        ohms(ohms) + " may be this craft or a switch that is half shorted. A second way tells.")
                : new RoutineVerdict(Kind.PASSES, "More than a half-shorted switch leaves.");
    }

    /** The least that the parts of a craft rest at, and no less than what a half short may leave, ohms. */
    private static double tellsFrom(Probe probe, Electrics electrics) {
        Electrics sound = electrics.sound();
        double rests = BatteryOut.of(sound, probe.meter())
                .ohms(probe.red().node(), probe.black().node());
        return Math.max(HALF_SHORT_OHMS, Double.isInfinite(rests) ? HALF_SHORT_OHMS : Probe.least(rests));
    }

    private static String ohms(double ohms) {
        return ohms < 1_000
                ? String.format(Locale.ROOT, "%.0f ohm", ohms)
                : String.format(Locale.ROOT, "%.2g kohm", ohms / 1_000);
    }
}
