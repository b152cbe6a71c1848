package ablemedic.family;

import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Reading;

/**
 * What an owner tells of a craft that shows nothing of what is complained of. Somebody whose craft does show it often
 * tells it wrongly; that it is told of one that shows nothing is rarer, since nobody comes to the bench for that.
 */
final class ComplaintCredibility {
    /** How often, over how often what is there is told wrongly. From memory. */
    private static final double RARER = 0.3;

    /**
     * From this share of the fine answer on what is left is the owner's error; a poor joint that shows now and then
     * stays below. From memory.
     */
    private static final double SHOWS_NOTHING = 0.8;

    private ComplaintCredibility() {}

    /**
     * What is told.
     *
     * @param told what somebody would tell who tells it wrongly as often without the complaint as with it
     * @param fine what is answered of a craft without it
     */
    static Distribution of(Distribution told, Reading fine) {
        return told.likelihood(fine) > SHOWS_NOTHING ? told.surerOf(fine, RARER) : told;
    }
}
