package ablemedic.diagnosis;

import java.util.ArrayList;
import java.util.List;

/**
 * How the bench stands.
 *
 * @param propsOn propellers fitted
 * @param batteryIn flight battery connected
 * @param limiterIn a current limiter between battery and craft
 * @param usbIn computer connected
 * @param antennaOn every transmitter has its antenna
 * @param radioOn the pilot's radio is switched on
 * @param atField outdoors, clear of people, instead of at the bench
 * @param shortTest the pre-power routine, which begins with the short test, since anything was last soldered, opened or
 *     hit
 */
public record BenchState(
        boolean propsOn,
        boolean batteryIn,
        boolean limiterIn,
        boolean usbIn,
        boolean antennaOn,
        boolean radioOn,
        boolean atField,
        ShortTest shortTest) {

    /** What the pre-power routine has shown. */
    public enum ShortTest {
        NOT_DONE,
        PASSED,
        FAILED
    }

    /** A craft as it comes in: props still on, nothing connected, nothing proven. */
    public static final BenchState AT_INTAKE =
            new BenchState(true, false, false, false, true, false, false, ShortTest.NOT_DONE);

    /** The same bench after another result of the short test; with anything but a pass the battery is out. */
    public BenchState with(ShortTest result) {
        return new BenchState(
                propsOn,
                batteryIn && result == ShortTest.PASSED,
                limiterIn,
                usbIn,
                antennaOn,
                radioOn,
                atField,
                result);
    }

    /** The same bench, with no more claimed of the short test than was shown. */
    public BenchState claiming(ShortTest shown) {
        return new BenchState(propsOn, batteryIn, limiterIn, usbIn, antennaOn, radioOn, atField, shown);
    }

    /** What makes this state dangerous or impossible, in words; empty when nothing does. */
    public String objection() {
        return objections().stream().findFirst().orElse("");
    }

    /** Whether nothing makes this state dangerous or impossible. */
    boolean isAllowed() {
        return wrong().isEmpty();
    }

    /** All that makes this state dangerous or impossible, in words. */
    public List<String> objections() {
        return wrong().stream()
                .map(line -> DiagnosisWords.said("bench-state", line))
                .toList();
    }

    /** The lines of the catalogue that say what is wrong. */
    private List<String> wrong() {
        List<String> all = new ArrayList<>();
        if (batteryIn && shortTest == ShortTest.FAILED) {
            all.add("failed");
        }
        if (batteryIn && shortTest != ShortTest.PASSED) {
            all.add("not-passed");
        }
        if (batteryIn && propsOn && !atField) {
            all.add("props");
        }
        if (batteryIn && !antennaOn) {
            all.add("antenna");
        }
        if (batteryIn && propsOn && usbIn) {
            all.add("usb");
        }
        if (batteryIn && propsOn && !radioOn) {
            all.add("radio");
        }
        return all;
    }
}
