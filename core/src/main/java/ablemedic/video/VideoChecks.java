package ablemedic.video;

import static ablemedic.diagnosis.Prediction.from;

import ablemedic.craft.Craft;
import ablemedic.craft.VideoSettings;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CheckList;
import ablemedic.family.Place;
import ablemedic.family.SettingTrouble;
import ablemedic.physics.FreeSpace;
import ablemedic.video.VideoChain.Behind;
import ablemedic.video.VideoChain.Figures;
import ablemedic.video.VideoChain.Obeys;
import ablemedic.video.VideoChain.Screen;
import ablemedic.wiring.Defect.NoPicture;
import ablemedic.wiring.Defect.PoorAntenna;
import ablemedic.wiring.Part;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.VideoPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The checks of a picture, its figures and its transmitter. Observers' error rates are common practice. */
final class VideoChecks {
    static final String SHOWN = "goggles-show";
    static final String FIGURES = "figures-shown";
    static final String FOLLOWS = "transmitter-follows";
    static final String TEN_MINUTES = "ten-minutes-on";
    static final String NOISE = "noise-with-throttle";

    static final double MISREAD = 0.05;
    /** What everybody who gives a transmitter its supply does first. */
    static final String ANTENNA_FIRST = "The transmitter's antenna on first, its least power, a fan on it. ";

    private static final double OTHER_BOARDS = 0.3;
    private static final double MINUTES = 10;

    private final VideoChain chain;
    private final CheckList checks = new CheckList();

    private VideoChecks(VideoChain chain) {
        this.chain = chain;
    }

    static List<Check<Craft>> of(VideoChain chain) {
        VideoChecks all = new VideoChecks(chain);
        chain.path().ifPresent(way -> {
            all.picture(way);
            all.air(way);
            all.transmitter(way);
            if (way.isDigital()) {
                all.digital(way.sender());
            } else {
                all.analog(way);
            }
            all.noise(way);
        });
        all.figures();
        all.control();
        return all.checks.all();
    }

    /** What stands in the goggles; outcomes that this craft cannot show are left out. */
    static Choices shown(VideoChain chain) {
        List<Outcome> all = new ArrayList<>(List.of(
                new Outcome("picture", "the picture"),
                new Outcome("near", "a picture close by, snow some metres off"),
                new Outcome("black", "black, or one colour" + (chain.hasFigures() ? ", no figures" : ""))));
        if (chain.hasFigures()) {
            all.add(new Outcome("figures-on-black", "figures on black"));
        }
        if (chain.isDigital()) {
            all.add(new Outcome("message", "a message instead of the picture"));
        }
        all.add(new Outcome("snow", chain.isDigital() ? "nothing: no unit is found" : "snow, or “no signal”"));
        return Choices.of("What do the goggles show?", all);
    }

    static Categorical shown(Choices answers, Screen screen, double wrong) {
        Categorical ways = Categorical.expecting(answers, word(screen), wrong);
        return screen.either() ? ways.or(OTHER_BOARDS, Categorical.expecting(answers, "picture", wrong)) : ways;
    }

    private static String word(Screen screen) {
        boolean onBlack = screen.behind() == Behind.BLACK && screen.figures() != Figures.NONE;
        return onBlack ? "figures-on-black" : screen.behind().name().toLowerCase(Locale.ROOT);
    }

    static Facet<Craft, Screen> screen(VideoChain chain) {
        return Facet.of("what the goggles show", chain::screen);
    }

    private void picture(VideoPath way) {
        Choices shown = shown(chain);
        powered(
                SHOWN,
                "goggles-show",
                "What do the goggles show?",
                "Goggles on, two metres away, then some ten metres with a wall between.",
                shown,
                from(screen(chain), screen -> shown(shown, screen, MISREAD)),
                1,
                BenchNeeds.POWERED,
                new Place.OnePart(way.sender().id()));
        Choices strong = Choices.of(
                "How far does the picture reach?",
                List.of(
                        new Outcome("as-far", "as far as ever"),
                        new Outcome("near", "a part of it"),
                        new Outcome("nowhere", "no picture at all")));
        powered(
                "picture-walk",
                "picture-walk",
                "Walk away with the goggles on",
                "Craft on the ground, props off. Thirty metres and a tree between; beside another craft on the same power where there is one.",
                strong,
                from(
                        Facet.of(
                                "reach of the picture",
                                craft -> new Reached(
                                        chain.screen(craft).behind(),
                                        Math.round(FreeSpace.reach(chain.lossDb(craft)) * 20))),
                        reached -> Categorical.expecting(
                                strong,
                                reached.behind() == Behind.SNOW
                                        ? "nowhere"
                                        : reached.twentieths() < 8 ? "near" : "as-far",
                                0.1)),
                4,
                BenchNeeds.OUTDOORS,
                Place.NOWHERE);
        Choices others = Choices.of(
                "What do they show?",
                List.of(new Outcome("picture", "a picture"), new Outcome("as-before", "nothing else than before")));
        powered(
                "other-goggles",
                "other-goggles",
                "Look with another pair of goggles",
                "Set for this craft; or look at another craft with these.",
                others,
                from(
                        Facet.of(
                                "picture in other goggles",
                                craft -> chain.screen(VideoChain.withOtherGoggles(chain.sound(), craft))
                                                .behind()
                                        != chain.screen(craft).behind()),
                        better -> Categorical.expecting(others, better ? "picture" : "as-before", MISREAD)),
                3,
                BenchNeeds.POWERED,
                Place.NOWHERE);
        atHand(
                VideoFaults.INPUT,
                "goggles-input-read",
                "read-in-goggles",
                "Which input do the goggles show?",
                "In their menu, or the name that flashes when they are switched.",
                0.3);
    }

    private record Reached(Behind behind, long twentieths) {}

    private void air(VideoPath way) {
        Part sender = way.sender();
        Choices looks = Choices.of(
                "How does it look?",
                List.of(
                        new Outcome("well", "whole, on its plug, in the open"),
                        new Outcome("broken", "broken, or off its plug"),
                        new Outcome("hidden", "behind carbon or the pack")));
        checks.add(
                "video-antenna-look",
                "video-antenna-look",
                "Look at the antenna of the " + sender.label(),
                "Pack out. Follow it from plug to tip and press the plug on. After a crash look here first.",
                looks,
                from(
                        Facet.of("antenna of the transmitter", craft -> craft.electrics()
                                .poorAntenna(sender.id())),
                        why -> Categorical.expecting(
                                looks,
                                why.map(w -> w == PoorAntenna.Why.BROKEN ? "broken" : "hidden")
                                        .orElse("well"),
                                0.06)),
                0.4,
                0,
                BenchNeeds.PACK_OUT,
                new Place.OnePart(sender.id()));
        Choices lies = Choices.of(
                "How does it lie?",
                List.of(
                        new Outcome("open", "in the stream of air"),
                        new Outcome("closed", "wrapped up, or under a plate")));
        checks.add(
                "transmitter-lies",
                "transmitter-lies",
                "Look how the " + sender.label() + " lies",
                "Its metal side wants moving air; sleeve and foam keep the heat in.",
                lies,
                from(
                        Facet.of("air at the transmitter", craft -> craft.electrics()
                                .noAir(sender.id())),
                        closed -> Categorical.expecting(lies, closed ? "closed" : "open", 0.1)),
                0.4,
                0,
                BenchNeeds.PACK_OUT,
                new Place.OnePart(sender.id()));
    }

    private void transmitter(VideoPath way) {
        Part sender = way.sender();
        if (!way.isDigital()) {
            number(
                    VideoFaults.GOGGLES_CHANNEL,
                    "goggles-channel-read",
                    "read-in-goggles",
                    "Which channel are the goggles on?",
                    "Band and number in their display; the table gives the frequency.",
                    chain.sound().told(VideoSettings.GOGGLES_CHANNEL));
            number(
                    VideoFaults.CHANNEL,
                    "transmitter-channel-read",
                    "read-at-transmitter",
                    "Which channel does the transmitter say it is on?",
                    ANTENNA_FIRST + "Lamps or figures at it, or the board's page of video.",
                    chain.sound().told(VideoSettings.CHANNEL));
            Choices found = Choices.of(
                    "What does the search find?",
                    List.of(
                            new Outcome("set", "a picture or a carrier where they are set"),
                            new Outcome("other", "one on another channel"),
                            new Outcome("nothing", "nothing")));
            powered(
                    "goggles-search",
                    "goggles-search",
                    "Let the goggles search",
                    "Every band, other transmitters off. What it finds is what is really sent.",
                    found,
                    from(
                            Facet.of("what a search finds", craft -> found(craft)),
                            word -> Categorical.expecting(found, word, MISREAD)),
                    1,
                    BenchNeeds.POWERED,
                    Place.NOWHERE);
        }
        atTransmitter(
                VideoFaults.PIT,
                "pit-mode-read",
                "Is pit mode on?",
                "A lamp or the board's page of video; a switch of the radio may hold it.",
                0.7);
        int told = chain.sound().told(VideoSettings.POWER);
        Choices power = Choices.of(
                "What is it?", List.of(new Outcome("as-told", "about " + told + " mW"), new Outcome("more", "more")));
        checks.add(VideoFaults.POWER
                .read(
                        "video-power-read",
                        "read-at-transmitter",
                        c -> "What power is the transmitter set to?",
                        c -> ANTENNA_FIRST + "Lamps at it, or the board's page of video.",
                        power,
                        now -> Categorical.expecting(power, now > 1.3 * told ? "more" : "as-told", MISREAD),
                        0.7)
                .needing(BenchNeeds.POWERED));
        if (chain.line(UartFunction.VIDEO_CONTROL).isPresent()
                && way.milliwatts().size() > 1) {
            Choices levels = Choices.of(
                    "Has the table as many powers as the transmitter?",
                    List.of(
                            new Outcome("as-many", way.milliwatts().size() + ", as it has"),
                            new Outcome("other", "another number, or other values")));
            checks.add(VideoFaults.LEVELS.read(
                    "power-table-read",
                    "power-table-read",
                    c -> "Count the powers in the board's table",
                    c -> "The " + sender.label() + " has " + way.milliwatts().size() + ": "
                            + String.join(
                                    ", ",
                                    way.milliwatts().stream()
                                            .map(String::valueOf)
                                            .toList()) + " mW.",
                    levels,
                    now -> Categorical.expecting(
                            levels,
                            now.equals(chain.sound().told(VideoSettings.LEVELS)) ? "as-many" : "other",
                            MISREAD),
                    1.5));
        }
        Choices stays = Choices.of(
                "Does the picture stay?",
                List.of(
                        new Outcome("stays", "it stays"),
                        new Outcome("goes", "it goes, and comes back when it has cooled"),
                        new Outcome("none", "there is none to begin with")));
        powered(
                TEN_MINUTES,
                "ten-minutes-on",
                "Leave it on for ten minutes, without the fan",
                "On the bench, nothing about it, somebody beside it. Too hot to touch means off.",
                stays,
                from(
                        Facet.of(
                                "ten minutes on the bench",
                                craft ->
                                        new Ten(chain.screen(craft).behind() == Behind.SNOW, chain.heat(craft, false))),
                        ten -> ten.snow()
                                ? Categorical.expecting(stays, "none", MISREAD)
                                : Categorical.expecting(stays, "stays", MISREAD)
                                        .or(
                                                ten.heat().shutsWithin(MINUTES),
                                                Categorical.expecting(stays, "goes", MISREAD))),
                MINUTES,
                BenchNeeds.POWERED,
                new Place.OnePart(sender.id()));
    }

    private record Ten(boolean snow, VideoHeat heat) {}

    private String found(Craft craft) {
        Craft tuned = craft.with(VideoSettings.GOGGLES_CHANNEL, craft.told(VideoSettings.CHANNEL))
                .with(VideoSettings.GOGGLES_INPUT, true);
        return chain.screen(tuned).behind() == Behind.SNOW ? "nothing" : chain.isTuned(craft) ? "set" : "other";
    }

    private void analog(VideoPath way) {
        way.camera().ifPresent(camera -> {
            if (way.overlay().isPresent()) {
                Choices past = Choices.of(
                        "What comes?",
                        List.of(
                                new Outcome("picture", "a picture"),
                                new Outcome("black", "black"),
                                new Outcome("snow", "snow, as before")));
                powered(
                        "camera-straight",
                        "camera-straight",
                        "Join the camera straight to the transmitter",
                        "Pack out while you join: past the "
                                + way.overlay().get().label() + ", a lead with two clips. It halves the way.",
                        past,
                        from(
                                Facet.of("camera straight to the transmitter", craft -> straight(way, craft)),
                                behind -> Categorical.expecting(past, behind, MISREAD)),
                        4,
                        BenchNeeds.POWERED,
                        new Place.OnePart(camera.id()));
            }
            Choices other = Choices.of(
                    "What comes?",
                    List.of(new Outcome("picture", "a picture"), new Outcome("as-before", "nothing else than before")));
            powered(
                    "other-camera",
                    "other-camera",
                    "Try another camera",
                    "One that gives a picture elsewhere, of the same supply. Pack out while you change it.",
                    other,
                    from(
                            Facet.of(
                                    "picture of another camera",
                                    craft -> chain.screen(craft.withElectrics(craft.electrics()
                                                                    .without(NoPicture.slot(camera.id()))))
                                                            .behind()
                                                    == Behind.PICTURE
                                            && chain.screen(craft).behind() != Behind.PICTURE),
                            cures -> Categorical.expecting(other, cures ? "picture" : "as-before", MISREAD)),
                    6,
                    BenchNeeds.POWERED,
                    new Place.OnePart(camera.id()));
        });
        Part sender = way.sender();
        Choices warm = Choices.of(
                "How does it feel after a minute?",
                List.of(
                        new Outcome("warm", "warm"),
                        new Outcome("cold", "cold"),
                        new Outcome("hot", "too hot to touch")));
        powered(
                "transmitter-warm",
                "transmitter-warm",
                "Feel the " + sender.label() + " after a minute",
                "Without the fan, a finger beside the antenna's plug, ready to take it away.",
                warm,
                from(
                        Facet.of(
                                "warmth of the transmitter",
                                craft -> !chain.isFed(craft, sender)
                                        ? "cold"
                                        : chain.heat(craft, false).afterC(1) > 55 ? "hot" : "warm"),
                        word -> Categorical.expecting(warm, word, 0.1)),
                1.2,
                BenchNeeds.POWERED,
                new Place.OnePart(sender.id()));
    }

    /** What comes where the camera's own lead is joined to the transmitter, past everything between. */
    private String straight(VideoPath way, Craft craft) {
        Behind behind = chain.screen(craft).behind();
        boolean makes = chain.isFed(craft, way.maker())
                && craft.electrics().noPicture(way.maker().id()).isEmpty();
        return behind == Behind.SNOW ? "snow" : makes ? "picture" : "black";
    }

    private void digital(Part unit) {
        atHand(
                VideoFaults.UNIT,
                "goggles-unit-read",
                "read-in-goggles",
                "Which air unit are the goggles set for?",
                "In their menu of devices.",
                0.5);
        Choices lamp = Choices.of(
                "What does the unit's lamp do?",
                List.of(
                        new Outcome("bound", "steady: it has found them"),
                        new Outcome("searching", "red or blinking: it looks for some")));
        powered(
                "goggles-bound-read",
                "goggles-bound-read",
                "Has the unit's lamp found the goggles?",
                "Both on, a step apart.",
                lamp,
                from(
                        Facet.of(
                                "lamp of the air unit",
                                craft -> chain.isFed(craft, unit)
                                        && craft.told(VideoSettings.GOGGLES_BOUND)
                                        && craft.told(VideoSettings.GOGGLES_UNIT)
                                        && craft.told(VideoSettings.GOGGLES_HEAR)),
                        bound -> Categorical.expecting(lamp, bound ? "bound" : "searching", MISREAD)),
                0.5,
                BenchNeeds.POWERED,
                new Place.OnePart(unit.id()));
        Choices said = Choices.of(
                "What does the tool say of the camera?",
                List.of(
                        new Outcome("paired", "it knows the camera"),
                        new Outcome("not", "it has no data of this camera")));
        checks.add(VideoFaults.PAIRED
                .read(
                        "camera-paired-read",
                        "camera-paired-read",
                        c -> "Ask the tool whether it knows the camera",
                        c -> ANTENNA_FIRST
                                + "The unit powered from the pack and on the computer's cable; the newest tool.",
                        said,
                        paired -> Categorical.expecting(said, paired ? "paired" : "not", MISREAD),
                        4)
                .needing(BenchNeeds.POWERED));
        Choices cable = Choices.of(
                "How does it sit?",
                List.of(new Outcome("seated", "seated, whole"), new Outcome("loose", "loose, or bent at its end")));
        checks.add(
                "camera-cable-look",
                "camera-cable-look",
                "Look at the camera's cable",
                "Pack out. Both ends; the plug is small and clicks.",
                cable,
                from(
                        Facet.of("cable of the camera", craft -> craft.electrics()
                                .noPicture(unit.id())
                                .filter(why -> why == NoPicture.Why.LOOSE_CABLE)
                                .isPresent()),
                        loose -> Categorical.expecting(cable, loose ? "loose" : "seated", 0.1)),
                1,
                0,
                BenchNeeds.PACK_OUT,
                new Place.OnePart(unit.id()));
    }

    private void noise(VideoPath way) {
        Choices noise = noise();
        powered(
                NOISE,
                "noise-with-throttle",
                "Raise the throttle: what comes into the picture?",
                "Props off, the craft held down, one motor after another and then all.",
                noise,
                from(
                        ripple(way),
                        seen -> Categorical.expecting(noise, seen.name().toLowerCase(Locale.ROOT), 0.1)),
                1.5,
                BenchNeeds.MOTORS_POWERED,
                Place.NOWHERE);
        Choices another = Choices.of(
                "What comes of it?",
                List.of(new Outcome("less", "clearly fewer lines"), new Outcome("same", "the same")));
        powered(
                "second-capacitor",
                "second-capacitor",
                "Hold another capacitor on the pack's leads",
                "Pack out while you join it: plus to plus, its legs short, its voltage well above the pack's. Props off.",
                another,
                from(
                        Facet.of("lines with another capacitor", craft -> Ripple.isLessWithAnother(craft, way.maker())),
                        less -> Categorical.expecting(another, less ? "less" : "same", 0.1)),
                6,
                BenchNeeds.MOTORS_POWERED,
                Place.NOWHERE);
    }

    static Choices noise() {
        return Choices.of(
                "What comes with the throttle?",
                List.of(
                        new Outcome("clean", "nothing"),
                        new Outcome("faint", "faint lines"),
                        new Outcome("strong", "strong lines, or it goes black")));
    }

    static Facet<Craft, Ripple.Seen> ripple(VideoPath way) {
        return Facet.of("lines in the picture", craft -> Ripple.seen(craft, way.maker()));
    }

    static Choices figuresShown() {
        return Choices.of(
                "How do the figures stand on it?",
                List.of(
                        new Outcome("shown", "as they should"),
                        new Outcome("freeze", "they freeze or flicker"),
                        new Outcome("cut", "some are cut off or missing at the edges"),
                        new Outcome("roll", "they roll, or stand outside the picture"),
                        new Outcome("none", "no figures"),
                        new Outcome("no-picture", "there is nothing to put them on")));
    }

    static Categorical figures(Choices answers, Screen screen, double wrong) {
        boolean nothing = screen.behind() == Behind.SNOW || screen.behind() == Behind.MESSAGE;
        return Categorical.expecting(
                answers, nothing ? "no-picture" : screen.figures().name().toLowerCase(Locale.ROOT), wrong);
    }

    private void figures() {
        if (chain.hasFigures()) {
            Choices figures = figuresShown();
            powered(
                    FIGURES,
                    "figures-shown",
                    "How do the figures stand on the picture?",
                    "Goggles or screen on; look at the four corners.",
                    figures,
                    from(screen(chain), screen -> figures(figures, screen, MISREAD)),
                    0.7,
                    BenchNeeds.POWERED,
                    chain.line(UartFunction.DISPLAY)
                            .map(line -> (Place) new Place.OnePart(line.part().id()))
                            .orElse(Place.NOWHERE));
            if (!chain.isDigital() && chain.path().flatMap(VideoPath::camera).isPresent()) {
                atHand(
                        VideoFaults.CAMERA_FIELDS,
                        "camera-format-read",
                        "read-fields",
                        "Which format does the camera give?",
                        ANTENNA_FIRST + "Its menu; 50 fields are 25 pictures a second, 60 are 30.",
                        1.5);
                checks.add(VideoFaults.FIGURES_FIELDS.read(
                        "figures-format-read",
                        "read-fields",
                        "Which format are the figures drawn for?",
                        "The board's page of the screen.",
                        1));
            }
        }
    }

    private void control() {
        chain.line(UartFunction.VIDEO_CONTROL).ifPresent(line -> {
            Choices follows = follows();
            powered(
                    FOLLOWS,
                    "transmitter-follows",
                    "Change the transmitter's channel and power from the board",
                    "Its lamps tell, or the goggles; the power shows in what it draws.",
                    follows,
                    from(obeys(chain), now -> follows(follows, now, MISREAD)),
                    1,
                    BenchNeeds.POWERED,
                    new Place.OnePart(line.part().id()));
        });
    }

    static Choices follows() {
        return Choices.of(
                "What does the transmitter do?",
                List.of(
                        new Outcome("follows", "it follows"),
                        new Outcome("at-times", "it follows at times"),
                        new Outcome("power-stays", "the channel follows, the power stays low"),
                        new Outcome("other-channel", "it follows, but the goggles find it on another channel"),
                        new Outcome("not", "it stays as it is")));
    }

    static Facet<Craft, Obeys> obeys(VideoChain chain) {
        return Facet.of("how the transmitter follows", chain::obeys);
    }

    static Categorical follows(Choices answers, Obeys now, double wrong) {
        return Categorical.expecting(
                answers, now.name().toLowerCase(Locale.ROOT).replace('_', '-'), wrong);
    }

    private void powered(
            String id,
            String kind,
            String title,
            String how,
            Answers answers,
            Prediction<Craft, ?> prediction,
            double minutes,
            BenchNeeds needs,
            Place place) {
        checks.add(id, kind, title, ANTENNA_FIRST + how, answers, prediction, minutes, 0.15, needs, place);
    }

    private void atHand(SettingTrouble<?> trouble, String id, String kind, String title, String how, double minutes) {
        checks.add(trouble.read(id, kind, title, how, minutes)
                .needing(how.startsWith(ANTENNA_FIRST) ? BenchNeeds.POWERED : BenchNeeds.NOTHING));
    }

    private void atTransmitter(SettingTrouble<?> trouble, String id, String title, String how, double minutes) {
        checks.add(trouble.read(id, "read-at-transmitter", title, ANTENNA_FIRST + how, minutes)
                .needing(BenchNeeds.POWERED));
    }

    private void number(SettingTrouble<Integer> trouble, String id, String kind, String title, String how, int right) {
        Choices is = Choices.of(
                "Which is it?", List.of(new Outcome("as-told", Channels.said(right)), new Outcome("other", "another")));
        checks.add(trouble.read(
                        id,
                        kind,
                        c -> title,
                        c -> how,
                        is,
                        told -> Categorical.expecting(is, told == right ? "as-told" : "other", MISREAD),
                        0.5)
                .needing(how.startsWith(ANTENNA_FIRST) ? BenchNeeds.POWERED : BenchNeeds.NOTHING));
    }

    /** The check of an id among some. */
    static Optional<Check<Craft>> find(List<Check<Craft>> checks, String id) {
        return checks.stream().filter(check -> check.id().equals(id)).findFirst();
    }
}
