package ablemedic.app.workup;

import ablemedic.app.entry.PlaceView;
import ablemedic.app.entry.QuestionView;
import ablemedic.app.entry.QuestionView.ScaleView;
import ablemedic.app.http.TextPart;
import ablemedic.app.workup.WorkUpView.Caution;
import ablemedic.diagnosis.BenchState;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A check, ready to be done.
 *
 * @param place where on the craft it acts
 */
public record CheckCard(
        String checkId,
        String kind,
        String title,
        List<List<TextPart>> instruction,
        @JsonUnwrapped Worth worth,
        @JsonUnwrapped Way way,
        @JsonUnwrapped Answering answering,
        PlaceView place,
        List<Prediction> predictions,
        List<Caution> cautions) {

    /**
     * What it takes and tells.
     *
     * @param bits expected information about what to put right, bits
     * @param minutes with getting the bench ready
     * @param why what it tells, in words
     */
    public record Worth(double bits, double minutes, double ownMinutes, String why) {}

    /**
     * How the bench gets ready for it.
     *
     * @param locked whether a guard has to be passed first
     * @param blocked whether no safe way to it exists
     */
    public record Way(
            boolean ready,
            boolean locked,
            boolean blocked,
            List<BenchStepView> steps,
            @Nullable BenchState benchAfter) {}

    /**
     * How it is answered.
     *
     * @param before what it gave when it was made before on the craft as it is now, in words; empty if it was not
     * @param told a number that has to be told along with the answer
     * @param takesRecording whether a recording of the pad can be dropped on it
     * @param takesExport whether its answer is a settings export
     * @param readsBack whether a settings export that is dropped on it is read back against how the craft should be
     *     configured
     */
    public record Answering(
            List<String> before,
            List<QuestionView> questions,
            @Nullable ScaleView told,
            boolean takesRecording,
            boolean takesExport,
            boolean readsBack) {}

    /** A step that gets the bench ready. */
    public record BenchStepView(String step, String label, double minutes, boolean guards) {}

    /**
     * What one suspect predicts of a check.
     *
     * @param outcomes the most probable outcomes of the first question, at most three
     */
    public record Prediction(String suspect, double belief, List<Likely> outcomes) {}

    /** An outcome and how probable it is. */
    public record Likely(String outcomeId, String label, double probability) {}
}
