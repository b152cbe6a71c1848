package ablemedic.setup;

import ablemedic.catalogue.Names;
import ablemedic.diagnosis.Occasion;

/** What a set-up is made for. */
public enum SetUpOccasion {
    BUILD(Occasion.BUILD),
    READY_BUILT(Occasion.BUILD),
    FLASH(Occasion.FLASH),
    CRASH(Occasion.CRASH),
    RADIO(Occasion.PART_SWAP),
    CONTROLLERS(Occasion.PART_SWAP),
    REST(Occasion.LONG_REST),
    SEASON(Occasion.NOTHING_KNOWN),
    MOTORS(Occasion.NOTHING_KNOWN);

    private final Occasion happened;

    SetUpOccasion(Occasion happened) {
        this.happened = happened;
    }

    public String label() {
        return Names.of(this);
    }

    /** What that is in a work-up which begins in such a set-up. */
    public Occasion happened() {
        return happened;
    }
}
