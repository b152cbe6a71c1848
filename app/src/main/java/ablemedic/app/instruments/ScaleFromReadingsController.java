package ablemedic.app.instruments;

import ablemedic.app.chart.CraftStore;
import ablemedic.app.meter.MeterStore;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.power.ScaleFromReadings;
import ablemedic.power.ScaleFromReadings.Answer;
import ablemedic.power.ScaleFromReadings.Pair;
import ablemedic.reading.Estimate;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is behind a wrong voltage and which scale to enter, from one or two readings against the meter, in volts. */
@RestController
class ScaleFromReadingsController {
    private final CraftStore crafts;
    private final MeterStore meters;

    ScaleFromReadingsController(CraftStore crafts, MeterStore meters) {
        this.crafts = crafts;
        this.meters = meters;
    }

    record MeterAndShown(double meterV, double shownV) {}

    record Readings(
            @Nullable @Size(max = 24, message = "{most.letters}")
            String craftId,

            @NotNull @Size(min = 1, max = 2, message = "{has.one.or.two.readings}")
            List<@NotNull @Valid MeterAndShown> readings,

            double scale) {}

    record RankedCause(String what, double belief, String why) {}

    /** A value with half the width of its 95 % interval. */
    record PlusMinus(double value, double plusMinus) {}

    record ScaleAnswer(
            List<RankedCause> causes,
            @Nullable PlusMinus newScale,
            @Nullable PlusMinus offsetV,
            String advice) {}

    @PostMapping("/api/instruments/scale-from-readings")
    ScaleAnswer solve(@RequestBody @Valid Readings asked) {
        double scale = Asked.within("scale", asked.scale(), 0.001, 1000, "");
        List<Pair> pairs = asked.readings().stream()
                .map(r -> new Pair(
                        Asked.within("meterV", r.meterV(), 0.5, ScaleFromReadings.HIGHEST_V, "V"),
                        Asked.within("shownV", r.shownV(), 0, ScaleFromReadings.HIGHEST_SHOWN_V, "V")))
                .toList();
        Craft craft = asked.craftId() == null || asked.craftId().isBlank()
                ? CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE)
                : crafts.newestCraft(crafts.get(asked.craftId()).craftId());
        Answer answer = ScaleFromReadings.of(pairs, scale, craft, meters.get());
        return new ScaleAnswer(
                answer.causes().stream()
                        .map(c -> new RankedCause(c.what(), c.belief(), c.why()))
                        .toList(),
                answer.newScale().map(ScaleFromReadingsController::plusMinus).orElse(null),
                answer.offsetV().map(ScaleFromReadingsController::plusMinus).orElse(null),
                answer.advice());
    }

    private static PlusMinus plusMinus(Estimate e) {
        return new PlusMinus(e.value(), e.expanded());
    }
}
