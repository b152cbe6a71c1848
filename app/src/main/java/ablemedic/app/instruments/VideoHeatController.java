package ablemedic.app.instruments;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.video.VideoHeat;
import ablemedic.video.VideoHeat.Air;
import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How warm a video transmitter gets, and when it shuts itself down. */
@RestController
class VideoHeatController {
    private static final Words SAID =
            Catalogue.beside(VideoHeatController.class, "words").of("video-heat-controller");
    private static final int MINUTES = 15;

    record HeatAsked(double milliwatts, double aroundC) {}

    /**
     * @param minutes until it shuts down; nothing where it never does
     * @param soonest the same from the soonest to the latest of two in three; nothing where never
     * @param curve its temperature after each minute, from 0
     */
    record AirAnswer(
            Air air,
            String label,
            double endC,
            @Nullable Double minutes,
            @Nullable Double soonest,
            @Nullable Double latest,
            List<Double> curve,
            String said) {}

    record HeatAnswer(double watts, double shutsC, List<AirAnswer> airs) {}

    @PostMapping("/api/instruments/video-heat")
    HeatAnswer solve(@RequestBody @Valid HeatAsked asked) {
        double milliwatts = Asked.within("milliwatts", asked.milliwatts(), 1, 5000, "mW");
        double around = Asked.within("aroundC", asked.aroundC(), -30, 60, "°C");
        return new HeatAnswer(
                new VideoHeat(milliwatts, Air.STILL, around).watts(),
                VideoHeat.SHUTS_C,
                Arrays.stream(Air.values())
                        .map(air -> answer(new VideoHeat(milliwatts, air, around)))
                        .toList());
    }

    private static AirAnswer answer(VideoHeat heat) {
        return new AirAnswer(
                heat.air(),
                heat.air().label(),
                heat.endC(),
                finite(heat.minutes()),
                finite(heat.soonest()),
                finite(heat.latest()),
                IntStream.rangeClosed(0, MINUTES)
                        .mapToObj(minute -> heat.afterC(minute))
                        .toList(),
                said(heat));
    }

    private static @Nullable Double finite(double minutes) {
        return Double.isInfinite(minutes) ? null : minutes;
    }

    private static String said(VideoHeat heat) {
        if (Double.isInfinite(heat.soonest())) {
            return SAID.line("stays").plain();
        }
        long soonest = Math.max(1, Math.round(heat.soonest()));
        if (Double.isInfinite(heat.latest())) {
            return SAID.with("soonest", soonest).line("late").plain();
        }
        long latest = Math.max(1, Math.round(heat.latest()));
        return SAID.with("one", Param.when(soonest == latest))
                .with("soonest", soonest)
                .with("latest", latest)
                .line("down")
                .plain();
    }
}
