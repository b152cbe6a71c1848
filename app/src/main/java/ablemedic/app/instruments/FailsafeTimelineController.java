package ablemedic.app.instruments;

import ablemedic.Specialities;
import ablemedic.app.chart.CraftStore;
import ablemedic.craft.Craft;
import ablemedic.craft.FailsafeSettings.HomeAt;
import ablemedic.craft.FailsafeSettings.Stage2;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.radio.FailsafeTimeline;
import ablemedic.radio.LostLink;
import ablemedic.radio.LostLink.Home;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What becomes of a craft whose link is lost, second by second. */
@RestController
class FailsafeTimelineController {
  private final CraftStore crafts;

  FailsafeTimelineController(CraftStore crafts) {
    this.crafts = crafts;
  }

  /**
   * @param mark  the craft; none for a usual 5-inch one
   * @param backS when the link is there again; none for never
   */
  record LinkLost(@Nullable String mark, @NotNull WhenLost receiver, double noticeS, boolean presetArm, double presetThrottle, double detectS, double guardS, @NotNull Stage2 stage2,
      double landingThrottle, double landingS, @NotNull @Valid ReturnTerms home, double speedMs, double heightM, double distanceM, @Nullable Double backS) {}

  record ReturnTerms(boolean fix, boolean homeSet, int satellites, int wanted, double leastM, double climbToM, boolean levelSound, double compassDeg, @NotNull HomeAt at) {}

  /** @param end how it ends, in words */
  record TimelineAnswer(FailsafeTimeline.End outcome, String end, List<FailsafeTimeline.Event> events, List<FailsafeTimeline.At> heights, double blindM, double impactMs, double impactJ,
      List<String> hazards, double hoverPercent) {}

  @PostMapping("/api/instruments/failsafe-timeline")
  TimelineAnswer timeline(@RequestBody @Valid LinkLost asked) {
    Craft craft = asked.mark() == null || asked.mark().isEmpty() ? Specialities.anyCraft() : crafts.newestCraft(crafts.get(asked.mark()).mark());
    FailsafeTimeline line = FailsafeTimeline.of(craft.airframe(), new LostLink(asked.receiver(), Asked.within("noticeS", asked.noticeS(), 0, 10, "s"), asked.presetArm(),
        Asked.within("presetThrottle", asked.presetThrottle(), 0, 100, "%"), Asked.within("detectS", asked.detectS(), 0, 10, "s"), Asked.within("guardS", asked.guardS(), 0, 20, "s"),
        asked.stage2(), Asked.within("landingThrottle", asked.landingThrottle(), 0, 100, "%"), Asked.within("landingS", asked.landingS(), 0, 600, "s"), home(asked.home()),
        Asked.within("speedMs", asked.speedMs(), 0, 60, "m/s"), Asked.within("heightM", asked.heightM(), 0.1, 500, "m"), Asked.within("distanceM", asked.distanceM(), 0, 10_000, "m"),
        Optional.ofNullable(asked.backS()).map(back -> Asked.within("backS", back, 0, 3600, "s"))));
    return new TimelineAnswer(line.end(), line.end().label(), line.events(), line.heights(), line.blindM(), line.impactMs(), line.impactJ(), line.hazards(),
        100 * craft.airframe().hoverThrottle());
  }

  private static Home home(ReturnTerms asked) {
    return new Home(asked.fix(), asked.homeSet(), (int) Asked.within("home.satellites", asked.satellites(), 0, 60, "satellites"), (int) Asked.within("home.wanted", asked.wanted(), 0, 40, "satellites"), Asked.within("home.leastM", asked.leastM(), 0, 1000, "m"),
        Asked.within("home.climbToM", asked.climbToM(), 0, 500, "m"), asked.levelSound(),
        Asked.within("home.compassDeg", asked.compassDeg(), -180, 180, "°"), asked.at());
  }
}
