package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.family.PrePowerConvention;
import ablemedic.family.RoutineVerdict;
import ablemedic.family.RoutineVerdict.Kind;
import ablemedic.reading.Meter;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the short test says, held against what crafts rest at. Common practice, no source. */
class PlugOhmsTest {

    static Stream<Craft> crafts() {
        return Stream.of(PowerCrafts.separate(), PowerCrafts.stack());
    }

    private static RoutineVerdict said(Craft craft, Reading reading) {
        return PrePowerChecks.of(craft, Meter.USUAL, PrePowerConvention.QUICK).stream()
                .flatMap(step -> PlugOhms.of(step, craft, reading).stream())
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void nothingBelowTheFloorPassesByAnyWay(Craft craft) {
        for (double ohms : new double[] {0, 0.3, 1, 10, 70, 99.9}) {
            assertThat(said(craft, new Measured(ohms))
                            .after(RoutineVerdict.DIFFERS)
                            .kind())
                    .as("%s ohm", ohms)
                    .isEqualTo(Kind.SHORT);
        }
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void noReadingIsTooHighSinceACapacitorAloneClimbsToOpen(Craft craft) {
        for (double ohms : new double[] {20e3, 30e3, 40e3, 220e3, 1e6, 5e6, 20e6}) {
            assertThat(said(craft, new Measured(ohms)).kind())
                    .as("%s ohm", ohms)
                    .isEqualTo(Kind.PASSES);
        }
        assertThat(said(craft, Chosen.of(Probe.CLIMBING)).kind()).isEqualTo(Kind.PASSES);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void betweenAShortAndTheCraftASecondWayTells(Craft craft) {
        for (Reading reading : new Reading[] {
            new Measured(100), new Measured(150), new Measured(470), new Measured(990), Chosen.of(Probe.OVER)
        }) {
            RoutineVerdict verdict = said(craft, reading);
            assertThat(verdict.kind()).as(reading.toString()).isEqualTo(Kind.CANNOT_TELL);
            assertThat(verdict.why()).isNotBlank();
            assertThat(verdict.after(RoutineVerdict.DIFFERS).kind()).isEqualTo(Kind.PASSES);
            assertThat(verdict.after("same").kind()).isEqualTo(Kind.SHORT);
        }
    }

    /** The more ohms, the better: no reading that is lower than another one is judged better. */
    @ParameterizedTest
    @MethodSource("crafts")
    void theVerdictNeverGetsWorseWithMoreOhms(Craft craft) {
        int before = -1;
        for (double ohms = 1; ohms < 3e7; ohms *= 1.07) {
            int now =
                    switch (said(craft, new Measured(ohms)).kind()) {
                        case SHORT -> 0;
                        case CANNOT_TELL -> 1;
                        case PASSES -> 2;
                    };
            assertThat(now).as("%s ohm", ohms).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }
}
