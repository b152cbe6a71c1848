package ablemedic.app.instruments;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.MotorProtocol;
import ablemedic.settings.MotorStart;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Motor protocols: pulse lengths, frame times, calibration, and the idle that the thresholds ask for. */
@RestController
class MotorProtocolsController {
    private static final Words SAID =
            Catalogue.beside(MotorProtocolsController.class, "words").of("motor-protocols-controller");

    /**
     * @param loopHz how often the board gives a new value
     * @param spoken by the controllers
     * @param thresholds the lowest throttle at which each motor starts and keeps on, percent
     */
    record MotorsAsked(
            double loopHz,

            @NotNull @Size(max = 6, message = "{most}") List<@NotNull MotorProtocol> spoken,

            @NotNull @Size(max = 8, message = "{most}") List<@NotNull Double> thresholds) {}

    /** @param idle to enter, percent; none where no threshold was found */
    record MotorsAnswer(
            double dueUs,
            List<ProtocolRow> protocols,
            @Nullable String choice,
            boolean calibrate,
            @Nullable Double idle,
            double usualIdle,
            double spread,
            boolean stiff,
            List<String> steps) {}

    /** @param stoppedUs the pulse at no throttle; 0 for frames */
    record ProtocolRow(
            MotorProtocol id,
            String label,
            boolean digital,
            double stoppedUs,
            double fullUs,
            double longestUs,
            boolean keepsUp,
            boolean needsEndPoints) {}

    @PostMapping("/api/instruments/motor-protocols")
    MotorsAnswer motors(@RequestBody @Valid MotorsAsked asked) {
        double loop = Asked.within("loopHz", asked.loopHz(), 50, 32_000, "Hz");
        IntStream.range(0, asked.thresholds().size())
                .forEach(i ->
                        Asked.within("thresholds[" + i + "]", asked.thresholds().get(i), 0, 40, "%"));
        MotorStart start = MotorStart.of(asked.spoken(), loop, asked.thresholds());
        return new MotorsAnswer(
                1e6 / loop,
                Arrays.stream(MotorProtocol.values())
                        .map(one -> new ProtocolRow(
                                one,
                                one.label(),
                                one.isDigital(),
                                one.stoppedUs(),
                                one.fullUs(),
                                one.longestUs(),
                                one.keepsUpWith(loop),
                                one.needsEndPoints()))
                        .toList(),
                start.protocol().map(MotorProtocol::label).orElse(null),
                start.calibrate(),
                start.idle().orElse(null),
                MotorStart.USUAL_IDLE,
                start.spread(),
                start.isOneStiff(),
                steps(start));
    }

    private static List<String> steps(MotorStart start) {
        return start.calibrate()
                ? List.of(
                        SAID.line("start").plain(),
                        SAID.line("high").plain(),
                        SAID.line("low").plain(),
                        SAID.line("end").plain())
                : List.of();
    }
}
