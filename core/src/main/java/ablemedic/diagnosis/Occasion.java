package ablemedic.diagnosis;

/** What happened since the system last worked. It shifts what is likely before anything was looked at. */
public enum Occasion {
    BUILD,
    CRASH,
    PART_SWAP,
    FLASH,
    WATER,
    LONG_REST,
    NOTHING_KNOWN;

    public String label() {
        return DiagnosisWords.name("occasion", this);
    }
}
