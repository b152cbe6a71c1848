package ablemedic.configuration;

/** What can be told something. */
public enum Device {
    FLIGHT_BOARD("flight controller"),
    SPEED_CONTROLLERS("ESCs"),
    RECEIVER("receiver"),
    RADIO("radio"),
    MODEM_ON_CRAFT("modem on the craft"),
    MODEM_ON_GROUND("modem on the ground"),
    VIDEO_TRANSMITTER("VTX"),
    POSITIONING("GNSS module"),
    DISPLAY("OSD board"),
    CAMERA("camera"),
    GOGGLES("goggles"),
    COMPUTER("computer"),
    PLACE("place of take-off"),
    FIRMWARE("firmware");

    private final String label;

    Device(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
