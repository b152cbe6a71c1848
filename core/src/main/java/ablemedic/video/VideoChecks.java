package ablemedic.video;

import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Check;
import ablemedic.family.CheckBuilder;
import ablemedic.family.CheckList;
import java.util.List;

/** The checks of video, OSD and VTX on one craft. */
final class VideoChecks {
    /** A VTX may burn without its antenna, and gets hot. */
    private static final double RISK = 0.15;

    private final CheckList checks = new CheckList();

    private VideoChecks() {}

    static List<Check<Craft>> of(VideoChain chain) {
        VideoChecks all = new VideoChecks();
        PictureChecks picture = new PictureChecks(all, chain);
        TransmitterChecks transmitter = new TransmitterChecks(all, chain);
        CameraChecks camera = new CameraChecks(all, chain);
        chain.path().ifPresent(way -> {
            picture.shown(way);
            transmitter.air(way.sender());
            transmitter.settings(way);
            if (way.isDigital()) {
                camera.digital(way.sender());
            } else {
                camera.analog(way);
                transmitter.warmth(way.sender());
            }
            picture.noise(way);
        });
        new OsdChecks(all, chain).add();
        transmitter.control();
        return all.checks.all();
    }

    static Words words(String id) {
        return Video.WORDS.check(id);
    }

    CheckBuilder ask(String id) {
        return checks.ask(words(id));
    }

    /** One for which the VTX is powered. */
    CheckBuilder powered(String id) {
        return ask(id).needs(BenchNeeds.POWERED).risk(RISK);
    }
}
