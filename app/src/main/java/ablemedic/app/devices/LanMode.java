package ablemedic.app.devices;

/** How other devices come in over the network. */
enum LanMode {
    /** Not at all. */
    OFF,
    /** By a connector of this program on every address of the computer, over TLS. */
    TLS,
    /** By a server in front that has the certificate; this program listens to it on loopback. */
    PROXY
}
