package ablemedic.serial;

import ablemedic.craft.UartSettings;
import ablemedic.wiring.UartFunction;
import java.util.List;

/** What can keep the computer from the FC: cable, driver, and a USB whose UART was given away. */
final class UsbFaults {
    private final SerialFaults faults;

    UsbFaults(SerialFaults faults) {
        this.faults = faults;
    }

    void add() {
        faults.wrong("charge-cable", "charge-cable", SerialSettings.CABLE, SerialOdds.CABLE, was -> false)
                .fix("set", 1);
        faults.wrong("driver-missing", "driver-missing", SerialSettings.DRIVER, SerialOdds.DRIVER, was -> false)
                .fix("set", 8);
        String uart = faults.lines().board().computer();
        if (!uart.isEmpty() && faults.sound().setting(UartSettings.jobsOf(uart)).isEmpty()) {
            faults.wrong(
                            "computer-port-given-away",
                            "computer-port-given-away",
                            SerialSettings.jobs(uart),
                            SerialOdds.UART_GIVEN_AWAY,
                            was -> List.of(UartFunction.GNSS))
                    .with("uart", SerialFaults.uart(uart))
                    .fix("set", 3);
        }
    }
}
