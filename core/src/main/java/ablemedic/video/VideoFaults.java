package ablemedic.video;

import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.VideoSettings;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.family.FaultList;
import ablemedic.family.Odds;
import ablemedic.family.SettingTrouble;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Defect.LeadMoved;
import ablemedic.wiring.Defect.NoAir;
import ablemedic.wiring.Defect.NoPicture;
import ablemedic.wiring.Defect.PoorAntenna;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.InnerCircuit;
import ablemedic.wiring.Part;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.VideoPath;
import ablemedic.wiring.VideoPath.Hop;
import ablemedic.wiring.Wiring.At;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/**
 * The faults that a picture, its figures and its transmitter can have on one craft; those of supplies, leads and
 * control line are of others.
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

    private static final String PACK_OUT = "Pack out.";
    private static final String ANTENNA_ON = "Antenna on the transmitter before the pack goes in.";

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
            all.deaf();
            all.transmitter(way);
            if (way.isDigital()) {
                all.digital(way.sender());
            } else {
                all.analog(way);
            }
            all.capacitors(way);
        });
        if (chain.hasFigures()) {
            all.figures();
        }
        return all.faults.all();
    }

    private void antenna(Part sender) {
        String id = sender.id();
        harmed(
                "video-antenna-broken-" + id,
                "video-antenna-broken",
                "antenna " + id,
                "antenna of the " + sender.label(),
                VideoOdds.ANTENNA,
                "The antenna of the " + sender.label() + " is broken off, or off its plug",
                new PoorAntenna(id, PoorAntenna.Why.BROKEN),
                "Fit the antenna of the " + sender.label(),
                "broken",
                "whole and on its plug",
                5,
                "Pack out: without its antenna a transmitter burns its output. Press it on, or fit a new one of the same plug and the same turn; a sleeve of heat shrink keeps it there.");
        harmed(
                "video-antenna-hidden-" + id,
                "video-antenna-hidden",
                "antenna " + id,
                "antenna of the " + sender.label(),
                VideoOdds.HIDDEN,
                "The antenna of the " + sender.label() + " lies behind carbon or the pack",
                new PoorAntenna(id, PoorAntenna.Why.BESIDE_CARBON),
                "Bring the antenna of the " + sender.label() + " into the open",
                "hidden",
                "in the open",
                6,
                "Its head clear of carbon, pack and the receiver's antenna.");
    }

    private void goggles() {
        if (!chain.isDigital()) {
            int right = sound.told(VideoSettings.GOGGLES_CHANNEL);
            entered(
                    GOGGLES_CHANNEL,
                    VideoSettings.GOGGLES_CHANNEL,
                    "goggles-other-channel",
                    VideoOdds.GOGGLES_CHANNEL,
                    was -> within(was + NEXT_CHANNEL),
                    "The goggles listen to another channel than the transmitter sends on",
                    "Set the goggles to " + Channels.said(right),
                    0.5,
                    "The goggles' search finds what the transmitter really sends on.");
            entered(
                    CHANNEL,
                    VideoSettings.CHANNEL,
                    "transmitter-other-channel",
                    VideoOdds.CHANNEL,
                    was -> within(was - OTHER_BAND),
                    "The transmitter sends on the same number of another band",
                    "Set the transmitter to " + Channels.said(sound.told(VideoSettings.CHANNEL)),
                    2,
                    "From the board where a control line is, else by its button.",
                    "Look that the law of the place lets you send there.");
        }
        entered(
                INPUT,
                VideoSettings.GOGGLES_INPUT,
                "goggles-other-input",
                VideoOdds.INPUT,
                was -> !was,
                "The goggles show another input than their receiver",
                "Set the goggles to their own receiver",
                0.3);
    }

    /** Nothing of the craft is wrong then; only another pair shows it. */
    private void deaf() {
        entered(
                HEAR,
                VideoSettings.GOGGLES_HEAR,
                "goggles-deaf",
                VideoOdds.DEAF,
                was -> !was,
                "The receiver of the goggles hears nothing",
                "Have the receiver of the goggles mended, or fit another module",
                20,
                "Its antennas on their plugs, its module seated; then another module, or another pair.");
    }

    private void transmitter(VideoPath way) {
        Part sender = way.sender();
        entered(
                PIT,
                VideoSettings.PIT,
                "pit-mode-on",
                VideoOdds.PIT,
                was -> !was,
                "The transmitter was left in pit mode",
                "Take the transmitter out of pit mode",
                1.5,
                "From the board's page or a switch; some leave it only when their supply comes anew.");
        if (chain.line(UartFunction.VIDEO_CONTROL).isPresent()
                && way.milliwatts().size() > 1) {
            entered(
                    LEVELS,
                    VideoSettings.LEVELS,
                    "power-table-of-another",
                    VideoOdds.TABLE,
                    was -> was == 0 ? way.milliwatts().size() + 1 : was + 1,
                    "The board has the table of powers of another transmitter",
                    "Enter this transmitter's powers in the board's table",
                    4,
                    "As many as it has: "
                            + String.join(
                                    ", ",
                                    way.milliwatts().stream()
                                            .map(String::valueOf)
                                            .toList()) + " mW, with the numbers that its sheet gives for them. "
                            + SettingTrouble.SAVE);
        }
        int top = way.milliwatts().get(way.milliwatts().size() - 1);
        if (sound.told(VideoSettings.POWER) < top
                && chain.heat(sound.with(VideoSettings.POWER, top), false).minutes() < LONG_MINUTES) {
            entered(
                    POWER,
                    VideoSettings.POWER,
                    "video-power-high",
                    VideoOdds.POWER_HIGH,
                    was -> top,
                    "The transmitter is set to " + top + " mW, too much for a still bench",
                    "Set the transmitter to " + sound.told(VideoSettings.POWER) + " mW",
                    1.5,
                    "The least on the bench; more only in flight, as far as the law of the place and your licence allow.");
        }
        if (chain.heat(sound.withElectrics(sound.electrics().with(new NoAir(sender.id()))), false)
                        .soonest()
                > LONG_MINUTES) {
            return;
        }
        harmed(
                "transmitter-closed-in-" + sender.id(),
                "transmitter-closed-in",
                sender.id(),
                sender.label(),
                VideoOdds.CLOSED_IN,
                "No air reaches the " + sender.label(),
                new NoAir(sender.id()),
                "Give the " + sender.label() + " air",
                "wrapped up, or under the plate",
                "in the stream of air",
                12,
                "Out of its sleeve as far as its maker's sheet lets it, its metal side outward, no foam about it.");
    }

    private void analog(VideoPath way) {
        way.camera()
                .ifPresent(camera -> dead(
                        camera,
                        "camera-dead",
                        VideoOdds.CAMERA,
                        "The " + camera.label() + " gives no picture though it has its supply",
                        "camera"));
        way.overlay()
                .ifPresent(part -> dead(
                        part,
                        "overlay-dead",
                        VideoOdds.OVERLAY,
                        "What draws the figures on the " + part.label() + " is dead",
                        "display"));
        dead(
                way.sender(),
                "transmitter-output-burnt",
                VideoOdds.OUTPUT,
                "The output of the " + way.sender().label() + " is burnt: it sends next to nothing",
                "transmitter");
        if (way.overlay().isPresent()
                && way.hops().size() == 2
                && way.hops().stream().allMatch(hop -> hop.lead().isPresent())) {
            Hop in = way.hops().get(0);
            Hop out = way.hops().get(1);
            String part = way.overlay().get().label();
            faults.harmed(
                    "video-exchanged-" + way.overlay().get().id(),
                    "video-in-out-exchanged",
                    "video wires",
                    VideoOdds.EXCHANGED,
                    "In and out of the picture are exchanged at the " + part,
                    e -> e.with(new LeadMoved(in.lead().orElseThrow().id(), out.far()))
                            .with(new LeadMoved(out.lead().orElseThrow().id(), in.far())),
                    (s, f) -> List.of(new Fix<>(
                            "move",
                            "video wires in and out",
                            "Exchange the two wires of the picture at the " + part,
                            List.of(
                                    PACK_OUT,
                                    "The camera's wire goes to the pad that takes the picture, the transmitter's to the one that gives it.",
                                    "Fine tip, no strand across two pads. Then the pre-power routine."),
                            List.of(new Value("picture at the " + part, "in on out", "in on in")),
                            8,
                            craft -> craft.withElectrics(craft.electrics()
                                    .without(LeadMoved.slot(
                                            in.lead().orElseThrow().id()))
                                    .without(LeadMoved.slot(
                                            out.lead().orElseThrow().id()))))));
        }
    }

    private void dead(Part part, String kind, Odds odds, String description, String short_) {
        boolean sends = part.equals(chain.path().orElseThrow().sender());
        harmed(
                kind + "-" + part.id(),
                kind,
                part.id(),
                part.label(),
                odds,
                description,
                new NoPicture(part.id(), NoPicture.Why.DEAD),
                "Replace the " + part.label(),
                "dead",
                "another, sound",
                25,
                "Pack out. Its supply was right and its lines whole, else look there first. "
                        + (sends
                                ? ANTENNA_ON
                                : "Another of the same supply and format as the " + short_ + " that comes out."));
    }

    private void digital(Part unit) {
        faults.told(
                PAIRED,
                "camera-not-paired",
                "camera-not-paired",
                VideoSettings.CAMERA_PAIRED,
                VideoOdds.PAIRING,
                was -> false,
                "The air unit has not the data of the camera that is on it",
                PAIRED.entered(
                        "pair",
                        "camera paired with its unit",
                        "Pair camera and air unit",
                        List.of(
                                ANTENNA_ON
                                        + " The unit powered from the pack: the computer's cable alone will not do. A fan on it.",
                                "The newest tool: an older one lacks the step. Fetch the camera's data, let the unit restart.",
                                "An activation that is asked for and fails does no harm: choose later.",
                                "It fails again: another computer. Fails there: another camera of this unit's generation."),
                        15));
        harmed(
                "camera-cable-loose-" + unit.id(),
                "camera-cable-loose",
                unit.id(),
                "cable of the camera",
                VideoOdds.CABLE,
                "The camera's cable is off its plug, or broken",
                new NoPicture(unit.id(), NoPicture.Why.LOOSE_CABLE),
                "Seat the camera's cable, or fit a new one",
                "loose",
                "seated",
                8,
                "Pack out. The plug clicks in straight; do not bend the cable at its end.");
        harmed(
                "air-camera-dead-" + unit.id(),
                "air-camera-dead",
                unit.id(),
                "camera",
                VideoOdds.CAMERA,
                "The camera of the " + unit.label() + " is dead",
                new NoPicture(unit.id(), NoPicture.Why.DEAD),
                "Fit another camera and pair it",
                "dead",
                "another, paired",
                25,
                "Lens and camera are one part, and only those of the unit's generation fit. Pair it with the unit powered.");
        entered(
                UNIT,
                VideoSettings.GOGGLES_UNIT,
                "goggles-for-another-unit",
                VideoOdds.UNIT,
                was -> !was,
                "The goggles are set for another sort of air unit",
                "Choose this sort of air unit in the goggles",
                1,
                "They restart after it.");
        entered(
                BOUND,
                VideoSettings.GOGGLES_BOUND,
                "goggles-not-bound",
                VideoOdds.BOUND,
                was -> !was,
                "Goggles and air unit do not know one another",
                "Bind the goggles to the air unit",
                3,
                ANTENNA_ON,
                "Goggles: long press until they sound. Then the unit's button. A sound and the picture say that it is done.");
    }

    private void figures() {
        if (!chain.isDigital() && chain.path().flatMap(VideoPath::camera).isPresent()) {
            entered(
                    CAMERA_FIELDS,
                    VideoSettings.CAMERA_FIELDS,
                    "camera-other-format",
                    VideoOdds.FIELDS,
                    VideoSettings.Fields::other,
                    "The camera gives another format than the figures are drawn for",
                    "Set the camera to "
                            + sound.told(VideoSettings.CAMERA_FIELDS).label(),
                    3,
                    "In its menu, with its stick of buttons.");
            entered(
                    FIGURES_FIELDS,
                    VideoSettings.FIGURES_FIELDS,
                    "figures-other-format",
                    VideoOdds.FIELDS,
                    VideoSettings.Fields::other,
                    "The figures are drawn for another format than the camera gives",
                    "Set the figures to "
                            + sound.told(VideoSettings.FIGURES_FIELDS).label() + ", or to follow the camera",
                    2,
                    SettingTrouble.SAVE);
        }
        entered(
                INSIDE,
                VideoSettings.INSIDE,
                "items-outside",
                VideoOdds.ITEMS,
                was -> !was,
                "Some items lie outside of what the goggles show",
                "Move the items inside what the goggles show",
                4,
                "With the goggles on: corners may lie outside. The screen layout gives the nearest place that is seen. "
                        + SettingTrouble.SAVE);
    }

    private void capacitors(VideoPath way) {
        if (!Ripple.hasCapacitor(sound.electrics())) {
            harmed(
                    "capacitor-wanted",
                    "capacitor-wanted",
                    way.maker().id(),
                    "supply of the picture",
                    VideoOdds.NO_CAPACITOR,
                    "No capacitor sits at the pack's leads, and the controllers' own are not enough",
                    new Defect.CannotWork(way.maker().id(), Ripple.SUPPLY),
                    "Fit a capacitor at the pack's leads",
                    "without a capacitor",
                    "470 µF or more, of low resistance",
                    15,
                    "Pack out. Plus to plus, its legs short, its voltage well above the pack's. Enter it on the sheet.");
        }
        for (At<InnerCircuit.Capacitance> one : sound.electrics().wiring().all(InnerCircuit.Capacitance.class)) {
            if (one.of().bulky()) {
                String pad = one.address(one.of().plus());
                harmed(
                        "capacitor-dried-" + one.part().id(),
                        "capacitor-dried",
                        pad,
                        one.part().label(),
                        VideoOdds.DRIED,
                        "The " + one.part().label() + " has dried out and takes up next to nothing",
                        new Defect.DriedCapacitor(pad),
                        "Replace the " + one.part().label(),
                        "dried out",
                        "new, of low resistance",
                        12,
                        "Pack out, capacitor discharged. At the pack's leads, its legs short, its voltage well above the pack's.");
            }
        }
    }

    private <T> void entered(
            SettingTrouble<T> trouble,
            Setting<T> setting,
            String id,
            Odds odds,
            UnaryOperator<T> change,
            String description,
            String title,
            double minutes,
            String... steps) {
        List<String> all = new ArrayList<>(List.of(steps));
        if (all.isEmpty()) {
            all.add(title + ".");
        }
        faults.entered(
                trouble, setting, sound, id, id, odds, change, description, title, minutes, all.toArray(String[]::new));
    }

    private void harmed(
            String id,
            String kind,
            String site,
            String what,
            Odds odds,
            String description,
            Defect harm,
            String title,
            String before,
            String after,
            double minutes,
            String how) {
        BiFunction<Craft, Craft, List<Fix<Craft>>> fixing = (s, f) -> List.of(new Fix<>(
                "put-right",
                kind + " " + site,
                title,
                List.of(title + ".", how),
                List.of(new Value(what, before, after)),
                minutes,
                craft -> craft.electrics().harm().contains(harm)
                        ? craft.withElectrics(craft.electrics().without(harm.slot()))
                        : craft));
        faults.harmed(id, kind, site, odds, description, (Electrics e) -> e.with(harm), fixing);
    }

    private static int within(int megahertz) {
        return Math.max(VideoSettings.LOWEST_MHZ, Math.min(VideoSettings.HIGHEST_MHZ, megahertz));
    }
}
