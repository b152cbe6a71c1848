package ablemedic.app.instruments;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.settings.Arming;
import ablemedic.uart.CraftLines;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Will it arm: every lock of a craft, as it is told and as it stands. */
@RestController
class ArmingController {
    private static final Words SAID =
            Catalogue.beside(ArmingController.class, "words").of("arming-controller");
    private static final Words REFUSALS =
            Catalogue.beside(ArmingController.class, "refusals").of("arming-controller");
    private final CraftStore crafts;
    private final SnapshotStore snapshots;

    ArmingController(CraftStore crafts, SnapshotStore snapshots) {
        this.crafts = crafts;
        this.snapshots = snapshots;
    }

    /**
     * @param listed whether its newest settings export stands in for what its sheet says, where it has one
     * @param throttle where the stick stands, 0 to 1
     * @param lyingDeg how far it lies from level
     */
    record ArmingAsked(
            @NotBlank(message = "{names.a.craft}") String craftId,
            boolean listed,
            boolean computer,
            boolean radioOn,
            double throttle,
            boolean switchOn,
            boolean onAtPower,
            double lyingDeg,
            boolean sky) {}

    /** @param snapshot the settings export that was taken; none where the sheet alone speaks */
    record ArmingAnswer(
            boolean arms, List<LockView> locks, @Nullable Listed snapshot) {}

    record Listed(int number, Instant takenAt) {}

    /** @param settings those that it hangs on, as they are told */
    record LockView(String id, String label, boolean shut, String why, List<ToldView> settings) {}

    record ToldView(String settingId, String label, String said, boolean listed) {}

    @PostMapping("/api/instruments/arming")
    ArmingAnswer arming(@RequestBody @Valid ArmingAsked asked) {
        Craft sheet = crafts.newestCraft(crafts.get(asked.craftId()).craftId());
        double throttle = Asked.within(
                "throttle", asked.throttle(), 0, 1, SAID.line("travel").plain());
        double lying = Asked.within("lyingDeg", asked.lyingDeg(), 0, 180, "°");
        Optional<Row> newest = asked.listed()
                ? snapshots.of(crafts.get(asked.craftId()).craftId()).stream().findFirst()
                : Optional.empty();
        var snapshot = newest.map(row -> snapshots
                .snapshot(row)
                .orElseThrow(() -> Refusal.conflict("listed", REFUSALS.with("family", row.family()), "dialect-gone")));
        Craft craft = snapshot.map(one -> one.on(sheet)).orElse(sheet);
        Arming arming = Arming.of(
                CraftLines.onSheet(sheet),
                craft,
                new Arming.State(
                        asked.computer(),
                        asked.radioOn(),
                        throttle,
                        asked.switchOn(),
                        asked.onAtPower(),
                        lying,
                        asked.sky()));
        return new ArmingAnswer(
                arming.arms(),
                arming.locks().stream()
                        .map(lock -> new LockView(
                                lock.reason().id(),
                                lock.reason().label(),
                                lock.shut(),
                                lock.why(),
                                lock.settings().stream()
                                        .map(setting -> told(
                                                setting,
                                                craft,
                                                snapshot.filter(one ->
                                                                one.held().contains(setting))
                                                        .isPresent()))
                                        .toList()))
                        .toList(),
                newest.map(row -> new Listed(row.number(), row.takenAt())).orElse(null));
    }

    private static <T> ToldView told(Setting<T> setting, Craft craft, boolean listed) {
        return new ToldView(setting.id(), setting.label(), craft.configuration().said(setting), listed);
    }
}
