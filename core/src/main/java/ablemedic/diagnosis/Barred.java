package ablemedic.diagnosis;

/**
 * Power that may not be put on a system: what it would destroy by its record, and what comes first on a new build.
 *
 * @param battery why the battery stays out; empty where nothing bars it
 * @param usb why the computer stays unplugged; empty where nothing bars it
 * @param routineBeforeUsb whether the pre-power checks come before any power at all, since it never had any
 */
public record Barred(String battery, String usb, boolean routineBeforeUsb) {
    /** Nothing is barred. */
    public static final Barred NOTHING = new Barred("", "", false);

    private static final String FIRST = DiagnosisWords.said("bench-state", "new-build");

    /** Whether a step of the bench would put on what is barred. */
    boolean bars(BenchStep step, BenchState state) {
        return switch (step) {
            case BATTERY_IN, SHORT_TEST -> !battery.isEmpty();
            case USB_IN -> !usb(state).isEmpty();
            default -> false;
        };
    }

    /** Why the computer stays unplugged as the bench stands; empty where nothing bars it. */
    private String usb(BenchState state) {
        return !usb.isEmpty() ? usb : routineBeforeUsb && state.shortTest() != BenchState.ShortTest.PASSED ? FIRST : "";
    }

    /** What of a bench state is barred, in words; empty when nothing is. */
    public String objection(BenchState state) {
        return (state.batteryIn() || state.shortTest() == BenchState.ShortTest.PASSED) && !battery.isEmpty()
                ? battery
                : state.usbIn() ? usb(state) : "";
    }
}
