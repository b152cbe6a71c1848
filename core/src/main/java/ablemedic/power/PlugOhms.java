package ablemedic.power;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.family.RoutineVerdict;
import ablemedic.family.RoutineVerdict.Kind;
import ablemedic.physics.BatteryOut;
import ablemedic.wiring.Electrics;
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
     * A MOSFET of an ESC that is half burnt through leaves tens to hundreds of ohms; below this it can't be told from a
     * sound craft. Common practice, no source.
     */
    public static final double HALF_SHORT_OHMS = 1_000;

    private static final Words WORDS = Power.WORDS.name("short-test");

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
        return WORDS.with("least", ohms(tellsFrom(probe, craft.electrics())))
                .line("expected")
                .plain();
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
                ? new RoutineVerdict(Kind.CANNOT_TELL, WORDS.line("open").plain())
                : new RoutineVerdict(Kind.PASSES, WORDS.line("climbs").plain());
    }

    private static RoutineVerdict ofOhms(double ohms, double tellsFrom) {
        if (ohms < FLOOR_OHMS) {
            return new RoutineVerdict(
                    Kind.SHORT,
                    WORDS.with("floor", ohms(FLOOR_OHMS)).line("short").plain());
        }
        return ohms < tellsFrom
                ? new RoutineVerdict(
                        Kind.CANNOT_TELL,
                        WORDS.with("value", ohms(ohms)).line("unclear").plain())
                : new RoutineVerdict(Kind.PASSES, WORDS.line("passes").plain());
    }

    /** The least that the parts of a craft rest at, and no less than what a half short may leave, ohms. */
    private static double tellsFrom(Probe probe, Electrics electrics) {
        Electrics sound = electrics.sound();
        double rests = BatteryOut.of(sound, probe.meter())
                .ohms(probe.red().node(), probe.black().node());
        return Math.max(HALF_SHORT_OHMS, Double.isInfinite(rests) ? HALF_SHORT_OHMS : Probe.least(rests));
    }

    private static Param ohms(double ohms) {
        return ohms < 1_000
                ? new Param.Quantity(ohms, "Ω", 0)
                : new Param.Quantity(ohms / 1_000, "kΩ", ohms < 10_000 ? 1 : 0);
    }
}
