package ablemedic.video;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Param;
import ablemedic.craft.Craft;
import ablemedic.craft.VideoSettings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.family.AntennaDefect;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Observer;
import ablemedic.family.SettingTrouble;
import ablemedic.video.VideoChain.Behind;
import ablemedic.video.VideoChain.Obeys;
import ablemedic.video.VideoDefect.NoAir;
import ablemedic.wiring.Part;
import ablemedic.wiring.UartFunction;
import ablemedic.wiring.VideoPath;

/** Checks of a VTX: antenna, airflow, what it is set to, its temperature, and whether the FC sets it. */
final class TransmitterChecks {
    static final String FOLLOWS = "transmitter-follows";
    static final String TEN_MINUTES = "ten-minutes-on";

    private static final double MINUTES = 10;
    /** More than a hand can bear for long; common practice. */
    private static final double TOO_HOT_C = 55;
    /** A power this much above the one that is set is read as more. */
    private static final double MORE = 1.3;

    private final VideoChecks checks;
    private final VideoChain chain;

    TransmitterChecks(VideoChecks checks, VideoChain chain) {
        this.checks = checks;
        this.chain = chain;
    }

    void air(Part sender) {
        checks.ask("video-antenna-look")
                .at(sender)
                .shows(
                        Facet.of("vtx-antenna", craft -> AntennaDefect.why(craft, sender)),
                        why -> why.map(w -> w == AntennaDefect.Why.BROKEN ? "broken" : "hidden")
                                .orElse("well"),
                        Observer.LOOKS_CLOSELY)
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(0.4)
                .add();
        checks.ask("transmitter-lies")
                .at(sender)
                .shows(
                        Facet.of("vtx-airflow", craft -> NoAir.isAt(craft, sender)),
                        closed -> closed ? "closed" : "open",
                        Observer.JUDGES)
                .needs(BenchNeeds.BATTERY_OUT)
                .minutes(0.4)
                .add();
    }

    void settings(VideoPath way) {
        Part sender = way.sender();
        if (!way.isDigital()) {
            channel("goggles-channel-read", "read-in-goggles", BenchNeeds.NOTHING, VideoFaults.GOGGLES_CHANNEL);
            channel("transmitter-channel-read", "read-at-transmitter", BenchNeeds.POWERED, VideoFaults.CHANNEL);
            checks.powered("goggles-search")
                    .shows(Facet.of("goggles-search", this::found), found -> found, Observer.READS)
                    .minutes(1)
                    .add();
        }
        checks.ask("pit-mode-read")
                .kind("read-at-transmitter")
                .needs(BenchNeeds.POWERED)
                .minutes(0.7)
                .reads(VideoFaults.PIT);
        int right = chain.sound().setting(VideoSettings.POWER);
        checks.ask("video-power-read")
                .kind("read-at-transmitter")
                .with("right", Param.whole(right, ""))
                .needs(BenchNeeds.POWERED)
                .minutes(0.7)
                .reads(VideoFaults.POWER, now -> now > MORE * right ? "more" : "as-told", Observer.READS);
        if (chain.line(UartFunction.VIDEO_CONTROL).isPresent()
                && way.milliwatts().size() > 1) {
            checks.ask("power-table-read")
                    .with("part", Param.part(sender.id(), sender.label()))
                    .with("n", new Param.Count(way.milliwatts().size()))
                    .with("levels", VideoFaults.levels(way))
                    .needs(BenchNeeds.COMPUTER)
                    .minutes(1.5)
                    .reads(
                            VideoFaults.LEVELS,
                            now -> now.equals(chain.sound().setting(VideoSettings.LEVELS)) ? "as-many" : "other",
                            Observer.READS);
        }
        checks.powered(TEN_MINUTES)
                .at(sender)
                .shows(
                        Facet.of(
                                "vtx-ten-minutes",
                                craft -> new TenMinutes(
                                        chain.screen(craft).behind() == Behind.SNOW, chain.heat(craft, false))),
                        TransmitterChecks::stays)
                .minutes(MINUTES)
                .add();
    }

    private record TenMinutes(boolean snow, VideoHeat heat) {}

    private static Distribution stays(Choices asked, TenMinutes ten) {
        double slips = Observer.READS.slips();
        return ten.snow()
                ? Categorical.expecting(asked, "none", slips)
                : Categorical.expecting(asked, "stays", slips)
                        .or(ten.heat().shutsWithin(MINUTES), Categorical.expecting(asked, "goes", slips));
    }

    private void channel(String id, String page, BenchNeeds needs, SettingTrouble<Integer> trouble) {
        int right = chain.sound().setting(trouble.setting());
        checks.ask(id)
                .kind(page)
                .with("right", Param.written(Channels.said(right)))
                .needs(needs)
                .minutes(0.5)
                .reads(trouble, now -> now == right ? "as-told" : "other", Observer.READS);
    }

    private String found(Craft craft) {
        Craft tuned = craft.with(VideoSettings.GOGGLES_CHANNEL, craft.setting(VideoSettings.CHANNEL))
                .with(VideoSettings.GOGGLES_INPUT, true);
        return chain.screen(tuned).behind() == Behind.SNOW ? "nothing" : chain.isTuned(craft) ? "set" : "other";
    }

    void warmth(Part sender) {
        checks.powered("transmitter-warm")
                .at(sender)
                .shows(
                        Facet.of(
                                "vtx-temperature",
                                craft -> !chain.isFed(craft, sender)
                                        ? "cold"
                                        : chain.heat(craft, false).afterC(1) > TOO_HOT_C ? "hot" : "warm"),
                        felt -> felt,
                        Observer.JUDGES)
                .minutes(1.2)
                .add();
    }

    void control() {
        chain.line(UartFunction.VIDEO_CONTROL).ifPresent(line -> checks.powered(FOLLOWS)
                .at(line.part())
                .shows(obeys(chain), (asked, now) -> follows(asked, now, Observer.READS))
                .minutes(1)
                .add());
    }

    static Choices follows() {
        return CheckBuilder.asked(
                VideoChecks.words(FOLLOWS), VideoChecks.words(FOLLOWS).outcomes());
    }

    static Facet<Craft, Obeys> obeys(VideoChain chain) {
        return Facet.of("vtx-follows", chain::obeys);
    }

    static Categorical follows(Choices asked, Obeys now, Observer observer) {
        return Categorical.expecting(asked, Names.id(now), observer.slips());
    }
}
