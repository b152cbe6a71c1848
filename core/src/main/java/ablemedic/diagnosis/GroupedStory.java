package ablemedic.diagnosis;

import ablemedic.diagnosis.Predictions.State;

/**
 * A story that matters to a plan.
 *
 * @param state of the system in it
 * @param group of the stories that owe the same remedies
 */
record GroupedStory<S>(Hypothesis<S> hypothesis, State<S> state, int group, double weight) {}
