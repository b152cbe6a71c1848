package ablemedic.video;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.Complaint;
import ablemedic.video.VideoChain.Behind;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What an owner can say of picture, figures and transmitter, and how a craft with each fault would look to an owner.
 */
final class VideoComplaints {
    static final String NO_PICTURE = "no-picture";
    static final String NO_FIGURES = "no-figures";
    static final String ITEMS = "items-off-screen";
    static final String NOISE = "picture-noise";
    static final String GOES = "picture-goes";
    static final String CONTROL = "video-control";

    private static final double TOLD_WRONG = 0.08;
    /** How long somebody leaves a craft on a bench, and flies one, minutes. Common practice. */
    private static final double BENCH_MINUTES = 12;

    private static final double FLIGHT_MINUTES = 10;

    private final VideoChain chain;
    private final List<Check<Craft>> checks;
    private final List<Complaint> complaints = new ArrayList<>();

    private VideoComplaints(VideoChain chain, List<Check<Craft>> checks) {
        this.chain = chain;
        this.checks = checks;
    }

    static List<Complaint> of(VideoChain chain, List<Check<Craft>> checks) {
        VideoComplaints all = new VideoComplaints(chain, checks);
        if (chain.path().isPresent()) {
            all.picture();
        }
        if (chain.hasFigures()) {
            all.figures();
        }
        chain.path().ifPresent(way -> {
            all.noise();
            all.goes();
            if (way.isDigital()) {
                all.digital();
            }
        });
        all.control();
        return List.copyOf(all.complaints);
    }

    private void picture() {
        Choices answers = VideoChecks.shown(chain);
        add(
                NO_PICTURE,
                chain.hasFigures() ? "No picture in the goggles, or figures without one" : "No picture in the goggles",
                answers,
                from(VideoChecks.screen(chain), screen -> VideoChecks.shown(answers, screen, TOLD_WRONG)),
                "picture",
                VideoChecks.SHOWN);
    }

    private void figures() {
        Choices answers = VideoChecks.figuresShown();
        Prediction<Craft, ?> seen =
                from(VideoChecks.screen(chain), screen -> VideoChecks.figures(answers, screen, TOLD_WRONG));
        add(NO_FIGURES, "A picture, but no figures on it", answers, seen, "shown", VideoChecks.FIGURES);
        add(ITEMS, "Items off the screen, cut off, or rolling", answers, seen, "shown", VideoChecks.FIGURES);
    }

    private void noise() {
        Choices answers = VideoChecks.noise();
        add(
                NOISE,
                "Lines or noise in the picture with throttle",
                answers,
                from(
                        VideoChecks.ripple(chain.path().orElseThrow()),
                        seen -> Categorical.expecting(answers, seen.name().toLowerCase(Locale.ROOT), TOLD_WRONG)),
                "clean",
                VideoChecks.NOISE);
    }

    private void goes() {
        Choices answers = Choices.of(
                "When does the picture go?",
                List.of(
                        new Outcome("stays", "it stays"),
                        new Outcome("bench", "after minutes on the bench, in flight it stays"),
                        new Outcome("flight", "after minutes in flight too"),
                        new Outcome("none", "there is none at all")));
        add(
                GOES,
                "The picture goes after minutes",
                answers,
                from(
                        Facet.of(
                                "how long a picture stays",
                                craft -> new Stays(
                                        chain.screen(craft).behind() == Behind.SNOW,
                                        chain.heat(craft, false),
                                        chain.heat(craft, true))),
                        stays -> stays.snow()
                                ? Categorical.expecting(answers, "none", TOLD_WRONG)
                                : Categorical.expecting(answers, "stays", TOLD_WRONG)
                                        .or(
                                                stays.bench().shutsWithin(BENCH_MINUTES),
                                                Categorical.expecting(answers, "bench", TOLD_WRONG))
                                        .or(
                                                stays.flight().shutsWithin(FLIGHT_MINUTES),
                                                Categorical.expecting(answers, "flight", TOLD_WRONG))),
                "stays",
                VideoChecks.TEN_MINUTES);
    }

    private record Stays(boolean snow, VideoHeat bench, VideoHeat flight) {}

    private void digital() {
        Choices answers = VideoChecks.shown(chain);
        Prediction<Craft, ?> seen =
                from(VideoChecks.screen(chain), screen -> VideoChecks.shown(answers, screen, TOLD_WRONG));
        add(
                "goggles-error",
                "An error in the goggles after a camera was changed",
                answers,
                seen,
                "picture",
                VideoChecks.SHOWN);
        add("goggles-unbound", "The goggles do not bind", answers, seen, "picture", VideoChecks.SHOWN);
    }

    private void control() {
        if (chain.line(UartFunction.VIDEO_CONTROL).isPresent()) {
            Choices answers = VideoChecks.follows();
            add(
                    CONTROL,
                    "The video transmitter is stuck at low power or a wrong channel, or cannot be set",
                    answers,
                    from(VideoChecks.obeys(chain), now -> VideoChecks.follows(answers, now, TOLD_WRONG)),
                    "follows",
                    VideoChecks.FOLLOWS);
        }
    }

    private void add(
            String id, String label, Choices answers, Prediction<Craft, ?> prediction, String fine, String proof) {
        complaints.add(Complaint.told(
                id,
                label,
                answers,
                prediction,
                Optional.of(Chosen.of(fine)),
                List.of(VideoChecks.find(checks, proof).orElseThrow())));
    }
}
