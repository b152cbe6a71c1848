package ablemedic.app.instruments;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Names;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.HoverPower;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Fault;
import ablemedic.takeoff.LinearMotion.Axis;
import ablemedic.takeoff.LinearMotion.Mode;
import ablemedic.takeoff.MotionStory;
import ablemedic.takeoff.TakeOff;
import ablemedic.takeoff.Track.Attitude;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Take-off motion: choose faults, see what the craft does and which faults look the same. */
@RestController
class TakeOffMotionController {
    private static final Words SAID =
            Catalogue.beside(TakeOffMotionController.class, "words").of("take-off-motion-controller");
    private static final Words REFUSALS =
            Catalogue.beside(TakeOffMotionController.class, "refusals").of("take-off-motion-controller");
    private static final double ALIKE = 0.6;
    private static final double SECONDS = 1.5;

    private final CraftStore crafts;

    TakeOffMotionController(CraftStore crafts) {
        this.crafts = crafts;
    }

    record MotionQuestion(
            @Nullable String craftId,

            @NotNull @Size(max = 2, message = "{most.faults}")
            List<@NotNull String> faultIds) {}

    /** Angles in degrees at even times: right side down, nose up and nose right count positive. */
    record Series(List<Double> timeS, List<Double> rollDeg, List<Double> pitchDeg, List<Double> yawDeg) {}

    record AxisView(String axis, String hold) {}

    record ModeView(double growthPerS, double frequencyRadS, String says) {}

    record LooksAlike(String faultId, String title, double likeness) {}

    record MotionAnswer(
            String craft,
            List<String> faults,
            boolean lifts,
            List<AxisView> axes,
            List<ModeView> modes,
            Series series,
            List<LooksAlike> alike,
            double hoverThrustN,
            double hoverPowerW) {}

    record NamedFault(String faultId, String title) {}

    /** The faults that can be chosen, in the words of a craft. */
    @GetMapping("/api/instruments/faults")
    List<NamedFault> faults(@RequestParam(defaultValue = "") String craftId) {
        Craft craft = craft(craftId);
        return TakeOff.book().faults().stream()
                .map(f -> new NamedFault(f.id(), f.describe(craft).plain()))
                .toList();
    }

    @PostMapping("/api/instruments/take-off-motion")
    MotionAnswer solve(@RequestBody @Valid MotionQuestion asked) {
        Craft sound = craft(asked.craftId() == null ? "" : asked.craftId());
        Craft faulty = sound;
        List<String> names = new ArrayList<>();
        List<String> sites = new ArrayList<>();
        for (String id : asked.faultIds()) {
            Fault<Craft> fault = TakeOff.book()
                    .fault(id)
                    .orElseThrow(() -> Refusal.wrong("faultIds", REFUSALS.with("id", id), "no-fault"));
            if (sites.contains(fault.site())) {
                throw Refusal.wrong(
                        "faultIds", REFUSALS.with("site", names.get(sites.indexOf(fault.site()))), "one-place");
            }
            sites.add(fault.site());
            faulty = fault.applyTo(faulty);
            names.add(fault.describe(sound).plain());
        }
        MotionStory story = MotionStory.of(faulty, SECONDS);
        return new MotionAnswer(
                asked.craftId() == null ? "" : asked.craftId(),
                names,
                story.flight().lifted(),
                List.of(Axis.values()).stream()
                        .map(a -> new AxisView(a.label(), story.axes().get(a).label()))
                        .toList(),
                story.modes().stream()
                        .map(m -> new ModeView(m.growth(), m.frequency(), says(m)))
                        .toList(),
                series(story.flight().track().samples()),
                TakeOff.lookalikes(sound, faulty, ALIKE).stream()
                        .limit(12)
                        .map(l -> new LooksAlike(
                                l.fault().id(), l.fault().describe(sound).plain(), l.likeness()))
                        .toList(),
                faulty.airframe().hoverThrustN(),
                HoverPower.ideal(faulty.airframe()));
    }

    private static String says(Mode mode) {
        List<String> parts = new ArrayList<>();
        double[] d = mode.direction();
        for (int i = 0; i < 3; i++) {
            if (Math.abs(d[i]) > 0.05) {
                Axis axis = Axis.values()[i];
                parts.add(
                        mode.frequency() > 1e-3
                                ? axis.label()
                                : SAID.line(Names.id(axis) + (d[i] > 0 ? "-up" : "-down"))
                                        .plain());
            }
        }
        String how = mode.growth() > 1e-3 ? "grows" : mode.growth() < -1e-3 ? "dies" : "stays";
        String axes = String.join(
                " " + SAID.line(mode.frequency() > 1e-3 ? "into" : "with").plain() + " ", parts);
        return SAID.with("axes", axes).line(how).plain();
    }

    private static Series series(List<Attitude> samples) {
        return new Series(
                samples.stream().map(Attitude::timeS).toList(),
                samples.stream().map(Attitude::rollDeg).toList(),
                samples.stream().map(Attitude::pitchDeg).toList(),
                samples.stream().map(Attitude::yawDeg).toList());
    }

    private Craft craft(String craftId) {
        return craftId.isEmpty()
                ? CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE)
                : crafts.newestCraft(crafts.get(craftId).craftId());
    }
}
