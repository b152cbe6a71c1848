package ablemedic.app.instruments;

import ablemedic.Families;
import ablemedic.app.chart.CraftStore;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings.AfterGuardTime;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.radio.FailsafeTimeline;
import ablemedic.radio.LostLink;
import ablemedic.radio.LostLink.FcOnLoss;
import ablemedic.radio.LostLink.Flight;
import ablemedic.radio.LostLink.Home;
import ablemedic.radio.LostLink.ReceiverOnLoss;
import ablemedic.radio.SafestFailsafe;
import ablemedic.radio.TimelineSpread;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What becomes of a craft whose link is lost, second by second. */
@RestController
class FailsafeTimelineController {
    private final CraftStore crafts;

    FailsafeTimelineController(CraftStore crafts) {
        this.crafts = crafts;
    }

    /** @param craftId the craft; none for a usual 5-inch one */
    record LinkLost(
            @Nullable String craftId,
            @JsonUnwrapped @Valid ReceiverTerms onReceiver,
            @JsonUnwrapped @Valid FcTerms onFc,
            @NotNull @Valid ReturnTerms home,
            @JsonUnwrapped FlightTerms inFlight) {}

    record ReceiverTerms(@NotNull WhenLost receiver, double noticeS, boolean presetArm, double presetThrottle) {}

    record FcTerms(
            double detectS,
            double guardS,
            @NotNull AfterGuardTime afterGuardTime,
            double landingThrottle,
            double landingS) {}

    /** @param backS when the link is there again; none for never */
    record FlightTerms(
            double speedMs,
            double heightM,
            double distanceM,
            double windMs,
            @Nullable Double backS) {}

    record ReturnTerms(
            boolean fix,
            boolean homeSet,
            int satellites,
            int wanted,
            double leastM,
            double climbToM,
            boolean levelSound,
            double compassDeg,
            @NotNull HomeAt at) {}

    /**
     * @param end how it ends, in words
     * @param spread how far that may be off for what nobody knows of mass, drag and reaction
     */
    record TimelineAnswer(
            FailsafeTimeline.End outcome,
            String end,
            List<FailsafeTimeline.Event> events,
            List<FailsafeTimeline.At> heights,
            @JsonUnwrapped Impact impact,
            List<String> hazards,
            List<String> pilot,
            double hoverPercent,
            SpreadView spread) {}

    /** How far it flies blind, and how it comes down. */
    record Impact(double blindM, double impactMs, double impactJ, double driftM) {}

    /** @param ends that it may come to as well, in words */
    record SpreadView(
            TimelineSpread.Between blindM,
            TimelineSpread.Between impactMs,
            TimelineSpread.Between impactJ,
            List<String> ends) {}

    /** @param cannot why the convention cannot be had on this craft; empty where it can */
    record SafestView(String convention, String cannot, List<SafestTold> settings) {}

    record SafestTold(String settingId, String label, String now, String safest, boolean differs, String why) {}

    /** The link of a craft, lost in the middle of a usual flight, as its sheet has receiver and board. */
    @GetMapping("/api/crafts/{craftId}/lost-link")
    LinkLost ofSheet(@PathVariable String craftId) {
        String right = crafts.get(craftId).craftId();
        LostLink lost = LostLink.of(crafts.newestCraft(right), LostLink.Moment.usual(true));
        Home home = lost.home();
        return new LinkLost(
                right,
                new ReceiverTerms(
                        lost.receiver().gives(),
                        lost.receiver().noticeS(),
                        lost.receiver().presetArm(),
                        lost.receiver().presetThrottle()),
                new FcTerms(
                        lost.fc().detectS(),
                        lost.fc().guardS(),
                        lost.fc().afterGuardTime(),
                        lost.fc().landingThrottle(),
                        lost.fc().landingS()),
                new ReturnTerms(
                        home.fix(),
                        home.homeSet(),
                        home.satellites(),
                        home.wanted(),
                        home.leastM(),
                        home.climbToM(),
                        home.levelSound(),
                        home.compassDeg(),
                        home.at()),
                new FlightTerms(
                        lost.flight().speedMs(),
                        lost.flight().heightM(),
                        lost.flight().distanceM(),
                        lost.flight().windMs(),
                        null));
    }

    /** The safest settings of a craft by a convention. */
    @GetMapping("/api/crafts/{craftId}/safest-failsafe")
    SafestView safest(@PathVariable String craftId, @RequestParam("convention") AfterGuardTime convention) {
        SafestFailsafe safest =
                SafestFailsafe.of(crafts.newestCraft(crafts.get(craftId).craftId()), convention);
        return new SafestView(
                safest.convention(),
                safest.cannot(),
                safest.settings().stream()
                        .map(one -> new SafestTold(
                                one.setting().id(),
                                one.setting().label(),
                                one.now(),
                                one.safest(),
                                one.differs(),
                                one.why()))
                        .toList());
    }

    @PostMapping("/api/instruments/failsafe-timeline")
    TimelineAnswer timeline(@RequestBody @Valid LinkLost asked) {
        Craft craft = asked.craftId() == null || asked.craftId().isEmpty()
                ? Families.anyCraft()
                : crafts.newestCraft(crafts.get(asked.craftId()).craftId());
        LostLink lost = new LostLink(
                new ReceiverOnLoss(
                        asked.onReceiver().receiver(),
                        Asked.within("noticeS", asked.onReceiver().noticeS(), 0, 10, "s"),
                        asked.onReceiver().presetArm(),
                        Asked.within("presetThrottle", asked.onReceiver().presetThrottle(), 0, 100, "%")),
                new FcOnLoss(
                        Asked.within("detectS", asked.onFc().detectS(), 0, 10, "s"),
                        Asked.within("guardS", asked.onFc().guardS(), 0, 20, "s"),
                        asked.onFc().afterGuardTime(),
                        Asked.within("landingThrottle", asked.onFc().landingThrottle(), 0, 100, "%"),
                        Asked.within("landingS", asked.onFc().landingS(), 0, 600, "s")),
                home(asked.home()),
                new Flight(
                        Asked.within("speedMs", asked.inFlight().speedMs(), 0, 60, "m/s"),
                        Asked.within("heightM", asked.inFlight().heightM(), 0.1, 500, "m"),
                        Asked.within("distanceM", asked.inFlight().distanceM(), 0, 10_000, "m"),
                        Asked.within("windMs", asked.inFlight().windMs(), 0, 40, "m/s"),
                        Optional.ofNullable(asked.inFlight().backS())
                                .map(back -> Asked.within("backS", back, 0, 3600, "s"))));
        FailsafeTimeline line = FailsafeTimeline.of(craft.airframe(), lost);
        TimelineSpread spread = TimelineSpread.of(craft.airframe(), lost);
        return new TimelineAnswer(
                line.end(),
                line.end().label(),
                line.events(),
                line.heights(),
                new Impact(line.blindM(), line.impactMs(), line.impactJ(), line.driftM()),
                line.hazards(),
                line.pilot(),
                100 * craft.airframe().hoverThrottle(),
                new SpreadView(
                        spread.blindM(),
                        spread.impactMs(),
                        spread.impactJ(),
                        spread.ends().stream().map(FailsafeTimeline.End::label).toList()));
    }

    private static Home home(ReturnTerms asked) {
        return new Home(
                asked.fix(),
                asked.homeSet(),
                (int) Asked.within("home.satellites", asked.satellites(), 0, 60, "satellites"),
                (int) Asked.within("home.wanted", asked.wanted(), 0, 40, "satellites"),
                Asked.within("home.leastM", asked.leastM(), 0, 1000, "m"),
                Asked.within("home.climbToM", asked.climbToM(), 0, 500, "m"),
                asked.levelSound(),
                Asked.within("home.compassDeg", asked.compassDeg(), -180, 180, "°"),
                asked.at());
    }
}
