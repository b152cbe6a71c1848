package ablemedic.diagnosis;

/**
 * What a check needs of the bench; {@link Want#EITHER} where it does not matter.
 *
 * @param props propellers
 * @param battery flight battery
 * @param limiter a current limiter between battery and craft
 * @param usb computer
 * @param radio pilot's radio
 * @param field outdoors instead of at the bench
 */
public record BenchNeeds(Want props, Want battery, Want limiter, Want usb, Want radio, Want field) {

    /** Whether something is wanted on or in, off or out, or may be either. */
    public enum Want {
        YES,
        NO,
        EITHER;

        boolean met(boolean is) {
            return this == EITHER || (this == YES) == is;
        }
    }

    /** Nothing: it is only told. */
    public static final BenchNeeds NOTHING =
            new BenchNeeds(Want.EITHER, Want.EITHER, Want.EITHER, Want.EITHER, Want.EITHER, Want.EITHER);
    /** Only looking and handling: nothing connected. */
    public static final BenchNeeds BATTERY_OUT =
            new BenchNeeds(Want.EITHER, Want.NO, Want.EITHER, Want.EITHER, Want.EITHER, Want.NO);
    /** A meter on ohms: nothing that could feed the craft. */
    public static final BenchNeeds UNPOWERED =
            new BenchNeeds(Want.EITHER, Want.NO, Want.EITHER, Want.NO, Want.EITHER, Want.NO);
    /**
     * At the bench with the battery in: props off, and nothing between battery and craft that takes from its voltage.
     */
    public static final BenchNeeds POWERED =
            new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.EITHER, Want.EITHER, Want.NO);
    /** At the bench with the battery in through a current limiter: props off. */
    public static final BenchNeeds POWERED_THROUGH_LIMITER =
            new BenchNeeds(Want.NO, Want.YES, Want.YES, Want.EITHER, Want.EITHER, Want.NO);
    /** The computer shows what the board believes; no battery wanted. */
    public static final BenchNeeds COMPUTER =
            new BenchNeeds(Want.EITHER, Want.EITHER, Want.EITHER, Want.YES, Want.EITHER, Want.NO);
    /** The computer and the radio; no battery wanted. */
    public static final BenchNeeds COMPUTER_AND_RADIO =
            new BenchNeeds(Want.EITHER, Want.EITHER, Want.EITHER, Want.YES, Want.YES, Want.NO);
    /** Motors turn: props off, battery in, computer in. */
    public static final BenchNeeds MOTORS_POWERED =
            new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.YES, Want.EITHER, Want.NO);
    /** Ready to take off, outdoors. */
    public static final BenchNeeds FLIGHT = new BenchNeeds(Want.YES, Want.YES, Want.NO, Want.NO, Want.YES, Want.YES);

    /** At the bench with the battery in and the radio on: props off. */
    public static final BenchNeeds POWERED_AND_RADIO =
            new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.EITHER, Want.YES, Want.NO);
    /** The same without the computer, which could feed or hold a UART. */
    public static final BenchNeeds POWERED_AND_RADIO_ALONE =
            new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.NO, Want.YES, Want.NO);
    /** Battery in, computer off, whatever the radio does. */
    public static final BenchNeeds POWERED_ALONE =
            new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.NO, Want.EITHER, Want.NO);
    /** Battery, computer and radio: what the computer does not feed shows on it. */
    public static final BenchNeeds POWERED_COMPUTER_AND_RADIO =
            new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.YES, Want.YES, Want.NO);
    /** Read at the radio, whatever the craft does. */
    public static final BenchNeeds RADIO =
            new BenchNeeds(Want.EITHER, Want.EITHER, Want.EITHER, Want.EITHER, Want.YES, Want.NO);
    /** Outdoors, battery in and props off. */
    public static final BenchNeeds OUTDOORS =
            new BenchNeeds(Want.NO, Want.YES, Want.NO, Want.NO, Want.EITHER, Want.YES);

    public boolean metBy(BenchState state) {
        return props.met(state.propsOn())
                && battery.met(state.batteryIn())
                && limiter.met(state.limiterIn())
                && usb.met(state.usbIn())
                && radio.met(state.radioOn())
                && field.met(state.atField());
    }
}
