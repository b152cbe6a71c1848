package ablemedic.app.workup;

import ablemedic.app.chart.ConflictView;
import ablemedic.app.chart.CraftDrawing;
import ablemedic.app.chart.PowerMap;
import ablemedic.app.http.TextPart;
import ablemedic.craft.Corner;
import ablemedic.diagnosis.BenchState;
import ablemedic.family.BlockerBelief;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that the work-up screen shows, asked for once: what it is about, the craft on the bench, what was found, what is
 * believed, what to do next, what was fixed and how that is proven.
 *
 * @param stage where the work-up stands
 */
public record WorkUpView(
        @JsonUnwrapped Head head,
        Stage stage,
        @JsonUnwrapped OnBench onBench,
        @JsonUnwrapped Findings findings,
        @JsonUnwrapped Beliefs beliefs,
        @JsonUnwrapped Ahead toDo,
        @JsonUnwrapped Fixing fixing,
        @Nullable ProofCard proof) {

    /**
     * What the work-up is about.
     *
     * @param complaintGone why the craft can't have what was complained of any more; empty where it can
     * @param ended how it ended; empty while it is open
     */
    public record Head(
            long id,
            long version,
            String craftId,
            String craftName,
            String complaint,
            String complaintGone,
            String occasion,
            Instant openedAt,
            double minutes,
            String ended) {}

    /**
     * The craft as it lies on the bench.
     *
     * @param map wires and parts with what is known of them; nothing where they are not entered
     * @param hazards what hurts somebody or destroys something as the craft stands, in sentences
     * @param conflicts what of the record can't be right together
     * @param locks what the craft waits for before it arms, where the complaint is that it does not
     */
    public record OnBench(
            CraftDrawing drawing,
            @Nullable PowerMap map,
            BenchState bench,
            List<String> hazards,
            List<WorkUpConflict> conflicts,
            @Nullable List<BlockerBelief> locks) {}

    /** What was found, and what of it does not fit the rest. */
    public record Findings(List<Noted> evidence, List<Misfit> misfits) {}

    /**
     * What is believed.
     *
     * @param notInBook probability that no fault in the book explains it
     * @param nothingLeft probability that nothing is wrong any more
     * @param astray probability that a fix was made that was not needed
     */
    public record Beliefs(List<SuspectView> suspects, Other notInBook, double nothingLeft, double astray, Rest rest) {}

    /**
     * What there is to do.
     *
     * @param next the check to do next, where one is worth it
     * @param ahead titles of the checks that follow if each gives its most probable answer
     */
    public record Ahead(@Nullable CheckCard next, List<String> ahead, List<CheckLine> checks) {
        static final Ahead NOTHING = new Ahead(null, List.of(), List.of());
    }

    /**
     * What is to be fixed, and what was.
     *
     * @param notYetFlown why it is not flown yet although the proof asks for it; empty where nothing speaks against it
     */
    public record Fixing(String notYetFlown, @Nullable FixCard fix, List<Made> made, List<Caution> cautions) {}

    /** Where a work-up stands. */
    public enum Stage {
        LOOKING,
        FIXING,
        PROVING,
        CLOSED
    }

    /**
     * Something that was noted.
     *
     * @param n its number
     * @param before whether it speaks for the craft before a fix
     * @param cleared links that it shows to be sound, in words
     */
    public record Noted(
            int n,
            Instant at,
            String sort,
            String title,
            List<String> answers,
            String sureness,
            boolean takenBack,
            boolean before,
            boolean canTakeBack,
            List<String> cleared) {
        Noted clearing(List<String> links) {
            return new Noted(n, at, sort, title, answers, sureness, takenBack, before, canTakeBack, links);
        }
    }

    /**
     * A suspect: one remedy and the faults that need it.
     *
     * @param belief 0 to 1
     * @param word the belief in words
     */
    public record SuspectView(
            String faultId,
            String kind,
            String title,
            List<String> others,
            double belief,
            String word,
            Reasons why,
            List<Corner> corners) {}

    /** Something outside the book. */
    public record Other(double belief, String word, Reasons why) {}

    /** Why: the odds it started with and what each piece of evidence did to them. */
    public record Reasons(double startingOdds, List<Reason> reasons) {}

    /** One piece of evidence: how many times better it fits the suspect than the rest. */
    public record Reason(int n, String title, double ratio, String word) {}

    /** A check in the list of all. */
    public record CheckLine(
            String checkId, String title, double bits, double minutes, boolean done, int skippedAt, boolean locked) {}

    /**
     * A suspect that is worth acting on, with the ways to put it right.
     *
     * @param trial whether it does not stand out, and yet to put it right and see tells more for the time than any
     *     check
     */
    public record FixCard(
            String faultId, String kind, String title, double belief, boolean trial, List<FixOption> options) {}

    /**
     * @param paste what to paste into the board for it; empty where it changes no setting of the board, or no firmware
     *     is known
     */
    public record FixOption(
            String fixId,
            String title,
            List<List<TextPart>> steps,
            List<ValueView> values,
            String paste,
            double minutes) {}

    public record ValueView(String what, String before, String after) {}

    /** A fix that was made and is in force. */
    public record Made(int n, Instant at, String fault, String title, List<ValueView> values) {}

    public record ProofCard(
            List<ProofTest> tests, boolean passes, @Nullable CheckCard next) {}

    /** @param waits what has to be put right before it can be judged; empty where nothing */
    public record ProofTest(String checkId, String title, String expected, String waits, String state) {}

    /**
     * A conflict of the record in a work-up.
     *
     * @param belief probability that the craft has it as recorded
     * @param apart whether the complaint does not concern it
     * @param fixed whether it was put right here
     * @param likeliest the way in which the craft most probably is, if it does not have it, counted from 1
     */
    public record WorkUpConflict(ConflictView conflict, double belief, boolean apart, boolean fixed, int likeliest) {}

    /** A caution, with its handbook page. */
    public record Caution(String page, String title, String text) {}

    /**
     * What is believed beside the suspects that are listed; with them, less what is counted twice, it makes one.
     *
     * @param count how many more suspects there are
     * @param belief that one of these is to be put right, and none of the listed
     * @param titles the likeliest of them
     * @param twice how much of the listed beliefs is counted with two suspects that are there at once
     * @param nothing that nothing is to be put right
     */
    public record Rest(int count, double belief, List<String> titles, double twice, double nothing) {}

    /** A finding that does not fit the others, and what would; looked at again, it is told once more. */
    public record Misfit(int n, String checkId, String title, String said, String expected) {}
}
