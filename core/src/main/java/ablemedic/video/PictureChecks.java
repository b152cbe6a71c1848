package ablemedic.video;

import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Facet;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Observer;
import ablemedic.physics.FreeSpace;
import ablemedic.video.VideoChain.Behind;
import ablemedic.video.VideoChain.Figures;
import ablemedic.video.VideoChain.Screen;
import ablemedic.wiring.VideoPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Checks of what the goggles show, and of what comes into the video with the motors. */
final class PictureChecks {
    static final String SHOWN = "goggles-show";
    static final String NOISE = "noise-with-throttle";

    /** So often an FC without power to its OSD passes the video on all the same. Common practice, no source. */
    private static final double OTHER_BOARDS = 0.3;

    private final VideoChecks checks;
    private final VideoChain chain;

    PictureChecks(VideoChecks checks, VideoChain chain) {
        this.checks = checks;
        this.chain = chain;
    }

    /** What stands in the goggles; outcomes that this craft cannot show are left out. */
    static Choices shown(VideoChain chain) {
        return CheckBuilder.asked(words(chain), outcomes(chain));
    }

    private static Words words(VideoChain chain) {
        return VideoChecks.words(SHOWN).with("osd", chain.osd()).with("digital", chain.digital());
    }

    private static List<String> outcomes(VideoChain chain) {
        List<String> all = new ArrayList<>(List.of("picture", "near", "black"));
        if (chain.hasFigures()) {
            all.add("figures-on-black");
        }
        if (chain.isDigital()) {
            all.add("message");
        }
        all.add("snow");
        return all;
    }

    static Categorical shown(Choices asked, Screen screen, Observer observer) {
        Categorical ways = Categorical.expecting(asked, word(screen), observer.slips());
        return screen.either()
                ? ways.or(OTHER_BOARDS, Categorical.expecting(asked, "picture", observer.slips()))
                : ways;
    }

    private static String word(Screen screen) {
        boolean onBlack = screen.behind() == Behind.BLACK && screen.figures() != Figures.NONE;
        return onBlack ? "figures-on-black" : screen.behind().name().toLowerCase(Locale.ROOT);
    }

    static Facet<Craft, Screen> screen(VideoChain chain) {
        return Facet.of("goggles-screen", chain::screen);
    }

    void shown(VideoPath way) {
        checks.powered(SHOWN)
                .with("osd", chain.osd())
                .with("digital", chain.digital())
                .outcomes(outcomes(chain))
                .at(way.sender())
                .shows(screen(chain), (asked, screen) -> shown(asked, screen, Observer.READS))
                .minutes(1)
                .add();
        checks.powered("picture-walk")
                .shows(
                        Facet.of(
                                "video-range",
                                craft -> new Range(
                                        chain.screen(craft).behind(),
                                        Math.round(FreeSpace.reach(chain.lossDb(craft)) * 20))),
                        range -> range.behind() == Behind.SNOW ? "nowhere" : range.twentieths() < 8 ? "near" : "as-far",
                        Observer.JUDGES)
                .needs(BenchNeeds.OUTDOORS)
                .minutes(4)
                .add();
        checks.powered("other-goggles")
                .shows(
                        Facet.of(
                                "other-goggles",
                                craft -> chain.screen(VideoChain.withOtherGoggles(chain.sound(), craft))
                                                .behind()
                                        != chain.screen(craft).behind()),
                        better -> better ? "picture" : "as-before",
                        Observer.READS)
                .minutes(3)
                .add();
        checks.ask("goggles-input-read").kind("read-in-goggles").minutes(0.3).reads(VideoFaults.INPUT);
    }

    private record Range(Behind behind, long twentieths) {}

    void noise(VideoPath way) {
        checks.powered(NOISE)
                .shows(ripple(way), seen -> seen.name().toLowerCase(Locale.ROOT), Observer.JUDGES)
                .needs(BenchNeeds.MOTORS_POWERED)
                .minutes(1.5)
                .add();
        checks.powered("second-capacitor")
                .shows(
                        Facet.of("second-capacitor", craft -> Ripple.isLessWithAnother(craft, way.maker())),
                        less -> less ? "less" : "same",
                        Observer.JUDGES)
                .needs(BenchNeeds.MOTORS_POWERED)
                .minutes(6)
                .add();
    }

    static Facet<Craft, Ripple.Seen> ripple(VideoPath way) {
        return Facet.of("interference-lines", craft -> Ripple.seen(craft, way.maker()));
    }
}
