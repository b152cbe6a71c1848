package ablemedic.configuration;

import ablemedic.catalogue.Names;

/** What can be told something. */
public enum Device {
    FLIGHT_BOARD,
    SPEED_CONTROLLERS,
    RECEIVER,
    RADIO,
    MODEM_ON_CRAFT,
    MODEM_ON_GROUND,
    VIDEO_TRANSMITTER,
    POSITIONING,
    DISPLAY,
    CAMERA,
    GOGGLES,
    COMPUTER,
    PLACE,
    FIRMWARE;

    public String label() {
        return Names.of(this);
    }
}
