package ablemedic.setup;

import ablemedic.diagnosis.Occasion;

/** What a set-up is made for. */
public enum SetUpOccasion {
    BUILD("new build, or rebuilt", Occasion.BUILD),
    READY_BUILT("bought ready-built", Occasion.BUILD),
    FLASH("after a flash", Occasion.FLASH),
    CRASH("after a crash", Occasion.CRASH),
    RADIO("new radio or receiver", Occasion.PART_SWAP),
    CONTROLLERS("new motor controllers", Occasion.PART_SWAP),
    REST("after a long rest", Occasion.LONG_REST),
    SEASON("before a season", Occasion.NOTHING_KNOWN),
    MOTORS("motors and props alone", Occasion.NOTHING_KNOWN);

    private final String label;
    private final Occasion happened;

    SetUpOccasion(String label, Occasion happened) {
        this.label = label;
        this.happened = happened;
    }

    public String label() {
        return label;
    }

    /** What that is in a work-up which begins in such a set-up. */
    public Occasion happened() {
        return happened;
    }
}
