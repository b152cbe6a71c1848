package ablemedic.diagnosis;

import ablemedic.diagnosis.BenchState.ShortTest;

/** One thing done to the bench to get it ready, with what it usually takes. */
public enum BenchStep {
    BATTERY_OUT(0.3),
    PROPS_OFF(2),
    SHORT_TEST(6),
    ANTENNA_ON(0.5),
    LIMITER_IN(0.3),
    LIMITER_OUT(0.3),
    USB_OUT(0.2),
    USB_IN(0.5),
    RADIO_OFF(0.1),
    RADIO_ON(0.3),
    PROPS_ON(3),
    TO_FIELD(6),
    TO_BENCH(4),
    BATTERY_IN(0.5);

    private final double minutes;

    BenchStep(double minutes) {
        this.minutes = minutes;
    }

    public String label() {
        return DiagnosisWords.name("bench-step", this);
    }

    public double minutes() {
        return minutes;
    }

    /** @param routine what the pre-power routine takes on this system, minutes */
    public double minutesWith(double routine) {
        return this == SHORT_TEST ? routine : minutes;
    }

    /** Whether this step guards against harm, so that it is never skipped silently. */
    public boolean guards() {
        return this == PROPS_OFF || this == SHORT_TEST || this == ANTENNA_ON || this == TO_FIELD;
    }

    /** Whether nothing is proven without it: the craft is powered in the end, and for that it is made ready once. */
    boolean neededAnyway() {
        return this == PROPS_OFF || this == SHORT_TEST;
    }

    boolean allowedIn(BenchState s) {
        return switch (this) {
            case BATTERY_OUT -> s.batteryIn();
            case PROPS_OFF -> s.propsOn() && !s.batteryIn();
            // The routine ends with first power, so the props are off before it begins.
            case SHORT_TEST -> s.shortTest() == ShortTest.NOT_DONE && !s.batteryIn() && !s.usbIn() && !s.propsOn();
            case LIMITER_IN -> !s.limiterIn() && !s.batteryIn();
            case LIMITER_OUT -> s.limiterIn() && !s.batteryIn();
            case ANTENNA_ON -> !s.antennaOn() && !s.batteryIn();
            case USB_OUT -> s.usbIn();
            case USB_IN -> !s.usbIn();
            case RADIO_OFF -> s.radioOn();
            case RADIO_ON -> !s.radioOn();
            case PROPS_ON -> !s.propsOn() && !s.batteryIn();
            case TO_FIELD -> !s.atField() && !s.batteryIn() && !s.usbIn();
            case TO_BENCH -> s.atField() && !s.batteryIn();
            case BATTERY_IN -> !s.batteryIn() && after(s).isAllowed();
        };
    }

    /** The state after this step. */
    public BenchState after(BenchState s) {
        return new BenchState(
                this == PROPS_ON || (s.propsOn() && this != PROPS_OFF),
                this == BATTERY_IN || (s.batteryIn() && this != BATTERY_OUT),
                this == LIMITER_IN || (s.limiterIn() && this != LIMITER_OUT),
                this == USB_IN || (s.usbIn() && this != USB_OUT),
                this == ANTENNA_ON || s.antennaOn(),
                this == RADIO_ON || (s.radioOn() && this != RADIO_OFF),
                this == TO_FIELD || (s.atField() && this != TO_BENCH),
                this == SHORT_TEST ? ShortTest.PASSED : s.shortTest());
    }
}
