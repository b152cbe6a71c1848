package ablemedic.video;

import ablemedic.catalogue.Param;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.VideoSettings;
import ablemedic.diagnosis.Fault;
import ablemedic.family.AntennaDefect;
import ablemedic.family.FaultBuilder;
import ablemedic.family.FaultList;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import ablemedic.family.StoppedLine;
import ablemedic.video.VideoDefect.NoAir;
import ablemedic.video.VideoDefect.NoPicture;
import ablemedic.wiring.CopperDefect;
import ablemedic.wiring.CopperDefect.WireMoved;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.VideoPath;
import ablemedic.wiring.VideoPath.Hop;
import ablemedic.wiring.Wiring.At;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * The faults that video, OSD and VTX can have on one craft; those of supplies, wires and control line are of other
 * families.
 */
final class VideoFaults {
    static final SettingTrouble<Integer> CHANNEL = SettingTrouble.of(VideoSettings.CHANNEL);
    static final SettingTrouble<Integer> GOGGLES_CHANNEL = SettingTrouble.of(VideoSettings.GOGGLES_CHANNEL);
    static final SettingTrouble<Boolean> INPUT = SettingTrouble.of(VideoSettings.GOGGLES_INPUT);
    static final SettingTrouble<Boolean> HEAR = SettingTrouble.of(VideoSettings.GOGGLES_HEAR);
    static final SettingTrouble<Boolean> PIT = SettingTrouble.of(VideoSettings.PIT);
    static final SettingTrouble<Integer> POWER = SettingTrouble.of(VideoSettings.POWER);
    static final SettingTrouble<Integer> LEVELS = SettingTrouble.of(VideoSettings.LEVELS);
    static final SettingTrouble<VideoSettings.Fields> CAMERA_FIELDS = SettingTrouble.of(VideoSettings.CAMERA_FIELDS);
    static final SettingTrouble<VideoSettings.Fields> FIGURES_FIELDS = SettingTrouble.of(VideoSettings.FIGURES_FIELDS);
    static final SettingTrouble<Boolean> INSIDE = SettingTrouble.of(VideoSettings.INSIDE);
    static final SettingTrouble<Boolean> PAIRED = SettingTrouble.of(VideoSettings.CAMERA_PAIRED);
    static final SettingTrouble<Boolean> UNIT = SettingTrouble.of(VideoSettings.GOGGLES_UNIT);
    static final SettingTrouble<Boolean> BOUND = SettingTrouble.of(VideoSettings.GOGGLES_BOUND);

    /** Steps between channels of most bands, MHz, and how far the same number lies in the next band. */
    private static final int NEXT_CHANNEL = 37;

    private static final int OTHER_BAND = 60;
    /** Nobody leaves one on for longer. */
    private static final double LONG_MINUTES = 60;

    private final VideoChain chain;
    private final Craft sound;
    private final FaultList faults = new FaultList();

    private VideoFaults(VideoChain chain) {
        this.chain = chain;
        this.sound = chain.sound();
    }

    static List<Fault<Craft>> of(VideoChain chain) {
        VideoFaults all = new VideoFaults(chain);
        chain.path().ifPresent(way -> {
            all.antenna(way.sender());
            all.goggles();
            all.transmitter(way);
            if (way.isDigital()) {
                all.digital(way.sender());
            } else {
                all.analog(way);
            }
            all.capacitors(way);
        });
        if (chain.hasFigures()) {
            all.osd();
        }
        return all.faults.all();
    }

    private FaultBuilder add(String kind) {
        return faults.add(Video.WORDS.fault(kind));
    }

    private <T> FaultBuilder wrong(String kind, SettingTrouble<T> trouble, Odds prior, UnaryOperator<T> change) {
        return add(kind).sets(trouble, sound, change).prior(prior);
    }

    private void antenna(Part sender) {
        String site = "antenna " + sender.id();
        add("video-antenna-broken")
                .at(sender)
                .site(site)
                .prior(VideoOdds.ANTENNA)
                .defect(new AntennaDefect(sender.id(), AntennaDefect.Why.BROKEN))
                .fix("put-right", 5);
        add("video-antenna-hidden")
                .at(sender)
                .site(site)
                .prior(VideoOdds.HIDDEN)
                .defect(new AntennaDefect(sender.id(), AntennaDefect.Why.BESIDE_CARBON))
                .fix("put-right", 6);
    }

    private void goggles() {
        if (!chain.isDigital()) {
            wrong(
                            "goggles-other-channel",
                            GOGGLES_CHANNEL,
                            VideoOdds.GOGGLES_CHANNEL,
                            was -> within(was + NEXT_CHANNEL))
                    .with("right", channel(VideoSettings.GOGGLES_CHANNEL))
                    .fix("set", 0.5);
            wrong("transmitter-other-channel", CHANNEL, VideoOdds.CHANNEL, was -> within(was - OTHER_BAND))
                    .with("right", channel(VideoSettings.CHANNEL))
                    .fix("set", 2);
        }
        wrong("goggles-other-input", INPUT, VideoOdds.INPUT, was -> !was).fix("set", 0.3);
        // Nothing of the craft is wrong then; only another pair shows it.
        wrong("goggles-deaf", HEAR, VideoOdds.DEAF, was -> !was).fix("set", 20);
    }

    private Param channel(Setting<Integer> setting) {
        return Param.written(Channels.said(sound.setting(setting)));
    }

    private void transmitter(VideoPath way) {
        Part sender = way.sender();
        wrong("pit-mode-on", PIT, VideoOdds.PIT, was -> !was).fix("set", 1.5);
        if (chain.line(UartFunction.VIDEO_CONTROL).isPresent()
                && way.milliwatts().size() > 1) {
            wrong(
                            "power-table-of-another",
                            LEVELS,
                            VideoOdds.TABLE,
                            was -> was == 0 ? way.milliwatts().size() + 1 : was + 1)
                    .with("levels", levels(way))
                    .fix("set", 4);
        }
        int right = sound.setting(VideoSettings.POWER);
        int top = way.milliwatts().get(way.milliwatts().size() - 1);
        if (right < top
                && chain.heat(sound.with(VideoSettings.POWER, top), false).minutes() < LONG_MINUTES) {
            wrong("video-power-high", POWER, VideoOdds.POWER_HIGH, was -> top)
                    .with("top", Param.whole(top, ""))
                    .with("right", Param.whole(right, ""))
                    .fix("set", 1.5);
        }
        NoAir noAir = new NoAir(sender.id());
        if (chain.heat(sound.withElectrics(sound.electrics().with(noAir)), false)
                        .soonest()
                <= LONG_MINUTES) {
            add("transmitter-closed-in")
                    .at(sender)
                    .prior(VideoOdds.CLOSED_IN)
                    .defect(noAir)
                    .fix("put-right", 12);
        }
    }

    /** The powers of a VTX as its sheet lists them. */
    static Param levels(VideoPath way) {
        return Param.written(way.milliwatts().stream().map(String::valueOf).collect(Collectors.joining(", ")));
    }

    private void analog(VideoPath way) {
        way.camera().ifPresent(camera -> dead(camera, "camera-dead", VideoOdds.CAMERA));
        way.overlay().ifPresent(osd -> dead(osd, "overlay-dead", VideoOdds.OVERLAY));
        dead(way.sender(), "transmitter-output-burnt", VideoOdds.OUTPUT);
        way.overlay()
                .filter(osd -> way.hops().size() == 2
                        && way.hops().stream().allMatch(hop -> hop.wire().isPresent()))
                .ifPresent(osd -> exchanged(osd, way.hops().get(0), way.hops().get(1)));
    }

    private void exchanged(Part osd, Hop in, Hop out) {
        String inWire = in.wire().orElseThrow().id();
        String outWire = out.wire().orElseThrow().id();
        add("video-in-out-exchanged")
                .at(osd)
                .id("video-exchanged-" + osd.id())
                .site("video wires")
                .prior(VideoOdds.EXCHANGED)
                .wiring(
                        e -> e.with(new WireMoved(inWire, out.far())).with(new WireMoved(outWire, in.far())),
                        e -> e.without(CopperDefect.ofWireEnd(inWire)).without(CopperDefect.ofWireEnd(outWire)))
                .remedy("video wires in and out")
                .fix("move", 8);
    }

    private void dead(Part part, String kind, Odds prior) {
        add(kind)
                .at(part)
                .prior(prior)
                .defect(new NoPicture(part.id(), NoPicture.Why.DEAD))
                .fix("put-right", 25);
    }

    private void digital(Part unit) {
        wrong("camera-not-paired", PAIRED, VideoOdds.PAIRING, was -> false)
                .remedy("camera paired with its unit")
                .fix("pair", 15);
        add("camera-cable-loose")
                .at(unit)
                .prior(VideoOdds.CABLE)
                .defect(new NoPicture(unit.id(), NoPicture.Why.LOOSE_CABLE))
                .fix("put-right", 8);
        dead(unit, "air-camera-dead", VideoOdds.CAMERA);
        wrong("goggles-for-another-unit", UNIT, VideoOdds.UNIT, was -> !was).fix("set", 1);
        wrong("goggles-not-bound", BOUND, VideoOdds.BOUND, was -> !was).fix("set", 3);
    }

    private void osd() {
        if (!chain.isDigital() && chain.path().flatMap(VideoPath::camera).isPresent()) {
            wrong("camera-other-format", CAMERA_FIELDS, VideoOdds.FIELDS, VideoSettings.Fields::other)
                    .with("right", Param.written(sound.configuration().said(VideoSettings.CAMERA_FIELDS)))
                    .fix("set", 3);
            wrong("figures-other-format", FIGURES_FIELDS, VideoOdds.FIELDS, VideoSettings.Fields::other)
                    .with("right", Param.written(sound.configuration().said(VideoSettings.FIGURES_FIELDS)))
                    .fix("set", 2);
        }
        wrong("items-outside", INSIDE, VideoOdds.ITEMS, was -> !was).fix("set", 4);
    }

    private void capacitors(VideoPath way) {
        if (!Ripple.hasCapacitor(sound.electrics())) {
            add("capacitor-wanted")
                    .site(way.maker().id())
                    .prior(VideoOdds.NO_CAPACITOR)
                    .defect(new StoppedLine(way.maker().id(), Ripple.SUPPLY))
                    .fix("put-right", 15);
        }
        for (At<InnerCircuit.Capacitance> one : sound.electrics().wiring().all(InnerCircuit.Capacitance.class)) {
            if (one.of().bulky()) {
                String pad = one.address(one.of().plus());
                add("capacitor-dried")
                        .at(one.part())
                        .site(pad)
                        .prior(VideoOdds.DRIED)
                        .defect(new VideoDefect.DriedCapacitor(pad))
                        .fix("put-right", 12);
            }
        }
    }

    private static int within(int megahertz) {
        return Math.max(VideoSettings.LOWEST_MHZ, Math.min(VideoSettings.HIGHEST_MHZ, megahertz));
    }
}
