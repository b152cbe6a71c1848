package ablemedic.diagnosis;

/** What happened since the system last worked. It shifts what is likely before anything was looked at. */
public enum Occasion {
    BUILD("First flight after the build"),
    CRASH("A crash or hard landing"),
    PART_SWAP("A part was changed"),
    FLASH("Firmware was flashed or settings were changed"),
    WATER("It got wet"),
    LONG_REST("A long rest"),
    NOTHING_KNOWN("Nothing that is known");

    private final String label;

    Occasion(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
