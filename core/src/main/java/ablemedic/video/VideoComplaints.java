package ablemedic.video;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Complaint;
import ablemedic.family.Observer;
import ablemedic.video.VideoChain.Behind;
import ablemedic.wiring.UartFunction;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What an owner can say of video, OSD and VTX, and how a craft with each fault would look to an owner. */
final class VideoComplaints {
    static final String NO_PICTURE = "no-picture";
    static final String NO_FIGURES = "no-figures";
    static final String ITEMS = "items-off-screen";
    static final String NOISE = "picture-noise";
    static final String GOES = "picture-goes";
    static final String CONTROL = "video-control";

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
        Choices asked = PictureChecks.shown(chain);
        add(
                Video.WORDS.complaint(NO_PICTURE).with("osd", chain.osd()),
                asked,
                from(PictureChecks.screen(chain), screen -> PictureChecks.shown(asked, screen, Observer.TELLS)),
                "picture",
                PictureChecks.SHOWN);
    }

    private void figures() {
        Choices asked = OsdChecks.shown();
        Prediction<Craft, ?> seen =
                from(PictureChecks.screen(chain), screen -> OsdChecks.shown(asked, screen, Observer.TELLS));
        add(Video.WORDS.complaint(NO_FIGURES), asked, seen, "shown", OsdChecks.SHOWN);
        add(Video.WORDS.complaint(ITEMS), asked, seen, "shown", OsdChecks.SHOWN);
    }

    private void noise() {
        Words check = VideoChecks.words(PictureChecks.NOISE);
        Choices asked = CheckBuilder.asked(check, check.outcomes());
        add(
                Video.WORDS.complaint(NOISE),
                asked,
                from(
                        PictureChecks.ripple(chain.path().orElseThrow()),
                        seen -> told(asked, seen.name().toLowerCase(Locale.ROOT))),
                "clean",
                PictureChecks.NOISE);
    }

    private static Categorical told(Choices asked, String outcome) {
        return Categorical.expecting(asked, outcome, Observer.TELLS.slips());
    }

    private void goes() {
        Words words = Video.WORDS.complaint(GOES);
        Choices asked = CheckBuilder.asked(words, words.outcomes());
        add(
                words,
                asked,
                from(
                        Facet.of(
                                "video-lasts",
                                craft -> new Stays(
                                        chain.screen(craft).behind() == Behind.SNOW,
                                        chain.heat(craft, false),
                                        chain.heat(craft, true))),
                        stays -> stays.snow()
                                ? told(asked, "none")
                                : told(asked, "stays")
                                        .or(stays.bench().shutsWithin(BENCH_MINUTES), told(asked, "bench"))
                                        .or(stays.flight().shutsWithin(FLIGHT_MINUTES), told(asked, "flight"))),
                "stays",
                TransmitterChecks.TEN_MINUTES);
    }

    private record Stays(boolean snow, VideoHeat bench, VideoHeat flight) {}

    private void digital() {
        Choices asked = PictureChecks.shown(chain);
        Prediction<Craft, ?> seen =
                from(PictureChecks.screen(chain), screen -> PictureChecks.shown(asked, screen, Observer.TELLS));
        add(Video.WORDS.complaint("goggles-error"), asked, seen, "picture", PictureChecks.SHOWN);
        add(Video.WORDS.complaint("goggles-unbound"), asked, seen, "picture", PictureChecks.SHOWN);
    }

    private void control() {
        if (chain.line(UartFunction.VIDEO_CONTROL).isPresent()) {
            Choices asked = TransmitterChecks.follows();
            add(
                    Video.WORDS.complaint(CONTROL),
                    asked,
                    from(TransmitterChecks.obeys(chain), now -> TransmitterChecks.follows(asked, now, Observer.TELLS)),
                    "follows",
                    TransmitterChecks.FOLLOWS);
        }
    }

    private void add(Words words, Choices asked, Prediction<Craft, ?> prediction, String fine, String proof) {
        complaints.add(Complaint.told(
                words.id(),
                words.title(),
                asked,
                prediction,
                Optional.of(Chosen.of(fine)),
                checks.stream().filter(check -> check.id().equals(proof)).toList()));
    }
}
