package ablemedic.app.workup;

import ablemedic.app.workup.WorkUpView.Noted;
import java.util.List;

/**
 * What a write in a work-up answers.
 *
 * @param version the number of its last event, on which the next write builds
 * @param recorded what was recorded, as the list of it shows it; what only moves the bench is not listed
 */
public record WriteAnswer(long id, String craftId, long version, List<Noted> recorded) {}
