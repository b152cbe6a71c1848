package ablemedic.video;

import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.FirmwareSettings;
import ablemedic.craft.VideoSettings;
import ablemedic.physics.FreeSpace;
import ablemedic.physics.Powered;
import ablemedic.uart.CraftLine;
import ablemedic.uart.CraftLines;
import ablemedic.uart.Reach;
import ablemedic.video.VideoDefect.NoAir;
import ablemedic.video.VideoDefect.NoPicture;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Pad;
import ablemedic.wiring.Part;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.VideoPath;
import ablemedic.wiring.VideoPath.Hop;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The way of the picture on a craft like this: camera, what draws figures into it, transmitter, air, goggles.
 *
 * @param sound the craft as it should be
 * @param path of its picture; nothing where no part sends one
 * @param lines of it; nothing where its board has no UARTs entered
 */
record VideoChain(Craft sound, Optional<VideoPath> path, Optional<CraftLines> lines) {
    /** Receivers of goggles hear no picture below this, dBm. From memory; only its order matters. */
    private static final double PICTURE_DBM = -88;

    private static final double BENCH_M = 2;
    /** A part of the range that somebody notices. */
    private static final double SHORT = 0.35;
    /** Two ends farther apart than this do not hear one another, MHz. Common practice. */
    private static final int TUNED_MHZ = 10;
    /** What leaves a transmitter in pit mode, mW. Common practice. */
    private static final double PIT_MW = 0.01;

    /** What stands where the picture should be. */
    enum Behind {
        PICTURE,
        NEAR,
        BLACK,
        MESSAGE,
        SNOW
    }

    /** How figures stand on it. */
    enum Figures {
        SHOWN,
        FREEZE,
        CUT,
        ROLL,
        NONE
    }

    /** What the goggles show. {@code either} where it depends on the sort of board whether a picture comes through. */
    record Screen(Behind behind, Figures figures, boolean either) {}

    /** What becomes of what a transmitter is told. */
    enum Obeys {
        FOLLOWS,
        AT_TIMES,
        POWER_STAYS,
        OTHER_CHANNEL,
        NOT
    }

    static VideoChain of(Craft craft) {
        Craft sound = craft.withElectrics(craft.electrics().sound());
        return new VideoChain(sound, VideoPath.of(sound.electrics()), CraftLines.onSheet(craft));
    }

    /** Whether it has an OSD, for a text that says so. */
    Param osd() {
        return Param.when(hasFigures());
    }

    /** Whether it is digital, for a text that says so. */
    Param digital() {
        return Param.when(isDigital());
    }

    boolean isDigital() {
        return path.filter(VideoPath::isDigital).isPresent();
    }

    Optional<Part> sender() {
        return path.map(VideoPath::sender);
    }

    Optional<CraftLine> line(UartFunction job) {
        return lines.flatMap(all -> all.of(job));
    }

    /** Whether anything can be asked of the picture or of the figures on it. */
    boolean isThere() {
        return path.isPresent() || line(UartFunction.DISPLAY).isPresent();
    }

    /** Whether the board, or a part of its own, draws figures that are shown. */
    boolean hasFigures() {
        return line(UartFunction.DISPLAY).isPresent()
                || path.flatMap(VideoPath::overlay).isPresent();
    }

    Screen screen(Craft craft) {
        Behind behind = path.map(way -> behind(way, craft)).orElse(Behind.PICTURE);
        boolean seen = behind != Behind.SNOW && behind != Behind.MESSAGE;
        return new Screen(
                behind,
                seen && hasFigures() ? figures(craft) : Figures.NONE,
                path.filter(way -> exchanged(way, craft)).isPresent());
    }

    private Behind behind(VideoPath way, Craft craft) {
        if (!isHeard(way, craft)) {
            return Behind.SNOW;
        }
        if (way.isDigital() && !craft.setting(VideoSettings.CAMERA_PAIRED)) {
            return Behind.MESSAGE;
        }
        boolean made =
                isFed(craft, way.maker()) && NoPicture.why(craft, way.maker()).isEmpty();
        boolean passes = way.overlay().map(part -> draws(craft, part)).orElse(true);
        if (!made || !passes || way.hops().stream().anyMatch(hop -> reach(craft, hop) == Reach.NONE)) {
            return Behind.BLACK;
        }
        return FreeSpace.reach(lossDb(craft)) < SHORT ? Behind.NEAR : Behind.PICTURE;
    }

    /** Whether goggles two metres away hear the transmitter. */
    private boolean isHeard(VideoPath way, Craft craft) {
        boolean sends = isFed(craft, way.sender())
                && (way.isDigital() || NoPicture.why(craft, way.sender()).isEmpty());
        boolean bound = !way.isDigital()
                || craft.setting(VideoSettings.GOGGLES_BOUND) && craft.setting(VideoSettings.GOGGLES_UNIT);
        return sends
                && bound
                && craft.setting(VideoSettings.GOGGLES_INPUT)
                && craft.setting(VideoSettings.GOGGLES_HEAR)
                && (way.isDigital() || isTuned(craft))
                && FreeSpace.heardDbm(milliwatts(sound, craft), BENCH_M, craft.setting(VideoSettings.CHANNEL))
                                - antennaDb(craft)
                        > PICTURE_DBM;
    }

    /** The same craft, seen with another pair of goggles that are set as they should be. */
    static Craft withOtherGoggles(Craft sound, Craft craft) {
        return craft.with(VideoSettings.GOGGLES_INPUT, true)
                .with(VideoSettings.GOGGLES_HEAR, true)
                .with(VideoSettings.GOGGLES_CHANNEL, sound.setting(VideoSettings.GOGGLES_CHANNEL))
                .with(VideoSettings.GOGGLES_UNIT, true)
                .with(VideoSettings.GOGGLES_BOUND, true);
    }

    boolean isTuned(Craft craft) {
        return Math.abs(craft.setting(VideoSettings.CHANNEL) - craft.setting(VideoSettings.GOGGLES_CHANNEL))
                < TUNED_MHZ;
    }

    private static double milliwatts(Craft sound, Craft craft) {
        return craft.setting(VideoSettings.PIT)
                ? PIT_MW
                : craft.setting(VideoSettings.LEVELS).equals(sound.setting(VideoSettings.LEVELS))
                        ? craft.setting(VideoSettings.POWER)
                        : Math.min(25, craft.setting(VideoSettings.POWER));
    }

    private double antennaDb(Craft craft) {
        return sender().map(part -> craft.electrics().antennaLossDb(part.id())).orElse(0.0);
    }

    /** What is lost on the way through the air against the craft as it should be, dB. */
    double lossDb(Craft craft) {
        return antennaDb(craft) + 10 * Math.log10(milliwatts(sound, sound) / milliwatts(sound, craft));
    }

    /** Whether a part has its supply and is no wreck; of one whose supply is not entered nothing else is known. */
    boolean isFed(Craft craft, Part part) {
        return Powered.onBench(craft.electrics()).works(part)
                || !Powered.onBench(sound.electrics()).works(part);
    }

    private boolean draws(Craft craft, Part part) {
        return NoPicture.why(craft, part).isEmpty() && isFed(craft, part);
    }

    /** Whether the wires at the two sides of what draws figures are exchanged. */
    private static boolean exchanged(VideoPath way, Craft craft) {
        return !way.hops().isEmpty() && way.hops().stream().allMatch(hop -> hop.isMoved(craft.electrics()));
    }

    private Reach reach(Craft craft, Hop hop) {
        Electrics electrics = craft.electrics();
        if (hop.isMoved(electrics)) {
            return Reach.NONE;
        }
        double ohms = hop.links().stream()
                .mapToDouble(link -> electrics.spoilt(link).orElse(0))
                .sum();
        boolean held = Stream.of(hop.from(), hop.to())
                .flatMap(pad -> electrics.bridgedWith(pad).stream())
                .anyMatch(pad -> electrics.sheet().pad(pad).kind() != Pad.Kind.VIDEO);
        return Double.isInfinite(ohms) || held ? Reach.NONE : ohms > 0 ? Reach.FLAKY : Reach.GOOD;
    }

    private Figures figures(Craft craft) {
        Reach told = line(UartFunction.DISPLAY)
                .map(line -> lines.orElseThrow().now(line, craft, false).spoken())
                .orElseGet(() -> FirmwareSettings.starts(craft) ? Reach.GOOD : Reach.NONE);
        boolean drawn =
                path.flatMap(VideoPath::overlay).map(part -> draws(craft, part)).orElse(true);
        // Past the camera's lead the figures need only the way to the transmitter: they stand on black where the camera
        // is dead.
        boolean sent = path.map(way -> way.hops().isEmpty()
                        || reach(craft, way.hops().get(way.hops().size() - 1)) != Reach.NONE)
                .orElse(true);
        if (told == Reach.NONE || !drawn || !sent || isPastFigures(craft)) {
            return Figures.NONE;
        }
        if (told == Reach.FLAKY) {
            return Figures.FREEZE;
        }
        boolean fits = isDigital()
                || craft.setting(VideoSettings.CAMERA_FIELDS) == craft.setting(VideoSettings.FIGURES_FIELDS);
        return !fits ? Figures.ROLL : craft.setting(VideoSettings.INSIDE) ? Figures.SHOWN : Figures.CUT;
    }

    /** Whether in and out of what draws figures touch, so that the picture goes past it. */
    private boolean isPastFigures(Craft craft) {
        return path.flatMap(VideoPath::overlay)
                .filter(part -> craft.electrics()
                        .bridgedWith(part.address(VideoPath.pictureOf(part).takes()))
                        .contains(part.address(VideoPath.pictureOf(part).gives())))
                .isPresent();
    }

    /** What comes of a channel and a power that the board tells the transmitter. */
    Obeys obeys(Craft craft) {
        Reach told = line(UartFunction.VIDEO_CONTROL)
                .map(line -> lines.orElseThrow().now(line, craft, false).spoken())
                .orElse(Reach.NONE);
        if (told == Reach.NONE || sender().filter(part -> !isFed(craft, part)).isPresent()) {
            return Obeys.NOT;
        }
        boolean powers = craft.setting(VideoSettings.LEVELS).equals(sound.setting(VideoSettings.LEVELS))
                && !craft.setting(VideoSettings.PIT);
        return told == Reach.FLAKY
                ? Obeys.AT_TIMES
                : !powers ? Obeys.POWER_STAYS : isTuned(craft) ? Obeys.FOLLOWS : Obeys.OTHER_CHANNEL;
    }

    /** How warm the sender gets on a still bench and in flight. */
    VideoHeat heat(Craft craft, boolean flying) {
        boolean closed = sender().filter(part -> NoAir.isAt(craft, part)).isPresent();
        VideoHeat.Air air = flying
                ? closed ? VideoHeat.Air.CLOSED_IN : VideoHeat.Air.FLIGHT
                : closed ? VideoHeat.Air.CLOSED_IN_STILL : VideoHeat.Air.STILL;
        return new VideoHeat(milliwatts(sound, craft), air, 22);
    }

    /** The power that is right on a bench: the least that the sender has. */
    int benchMilliwatts() {
        return path.map(way -> way.milliwatts().get(0)).orElse(25);
    }
}
