package ablemedic.video;

import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Observer;
import ablemedic.video.VideoChain.Behind;
import ablemedic.video.VideoChain.Screen;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.VideoPath;
import java.util.Locale;

/** Checks of the OSD and the format in which it is drawn. */
final class OsdChecks {
    static final String SHOWN = "figures-shown";
    private static final String FORMAT = "read-fields";

    private final VideoChecks checks;
    private final VideoChain chain;

    OsdChecks(VideoChecks checks, VideoChain chain) {
        this.checks = checks;
        this.chain = chain;
    }

    static Choices shown() {
        return CheckBuilder.asked(
                VideoChecks.words(SHOWN), VideoChecks.words(SHOWN).outcomes());
    }

    static Categorical shown(Choices asked, Screen screen, Observer observer) {
        boolean nothing = screen.behind() == Behind.SNOW || screen.behind() == Behind.MESSAGE;
        return Categorical.expecting(
                asked, nothing ? "no-picture" : screen.figures().name().toLowerCase(Locale.ROOT), observer.slips());
    }

    void add() {
        if (!chain.hasFigures()) {
            return;
        }
        CheckBuilder shown = checks.powered(SHOWN)
                .shows(PictureChecks.screen(chain), (asked, screen) -> shown(asked, screen, Observer.READS))
                .minutes(0.7);
        chain.line(UartFunction.DISPLAY).ifPresent(line -> shown.at(line.part()));
        shown.add();
        if (!chain.isDigital() && chain.path().flatMap(VideoPath::camera).isPresent()) {
            checks.ask("camera-format-read")
                    .kind(FORMAT)
                    .needs(BenchNeeds.POWERED)
                    .minutes(1.5)
                    .reads(VideoFaults.CAMERA_FIELDS);
            checks.ask("figures-format-read")
                    .kind(FORMAT)
                    .needs(BenchNeeds.COMPUTER)
                    .minutes(1)
                    .reads(VideoFaults.FIGURES_FIELDS);
        }
    }
}
