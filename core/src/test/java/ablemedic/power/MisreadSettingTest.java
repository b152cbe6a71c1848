package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.BenchState;
import ablemedic.diagnosis.Case;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Planner;
import ablemedic.diagnosis.Posterior;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Sureness;
import ablemedic.reading.Meter;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Who reads a setting may see what the sheet says in place of what stands there. Common practice, no source. */
class MisreadSettingTest {
    private final Craft sound = PowerCrafts.stack();
    private final double right = sound.setting(FcSettings.VOLTAGE_SCALE);
    private final Craft toldWrong = sound.with(FcSettings.VOLTAGE_SCALE, right * 10 / 11);
    private final Diagnosis<Craft> diagnosis = new Diagnosis<>(Power.book(sound, Meter.USUAL), Assumptions.USUAL);
    private final Check<Craft> scale = diagnosis.book().check("scale-setting").orElseThrow();

    @Test
    void theValueOfTheSheetIsLikelierThanAnyOtherThatIsNotThere() {
        double asOnTheSheet = scale.outlook(toldWrong).likelihood(new Measured(right));
        assertThat(asOnTheSheet).isGreaterThan(5 * scale.outlook(toldWrong).likelihood(new Measured(right * 1.3)));
        assertThat(asOnTheSheet).isLessThan(scale.outlook(toldWrong).likelihood(new Measured(right * 10 / 11)) / 5);
    }

    @Test
    void whatWasMisreadOnceIsAskedForAgainBeforeResistorsAreBlamed() {
        Case<Craft> known = new Case<>(sound, Occasion.FLASH, List.of(), List.of());
        for (String shown : List.of(PowerChecks.SHOWN_FULL, PowerChecks.SHOWN_LOW)) {
            Check<Craft> read = diagnosis
                    .book()
                    .check(shown)
                    .orElseThrow()
                    .told(shown.equals(PowerChecks.SHOWN_FULL) ? 16.5 : 14.9);
            double volts = (shown.equals(PowerChecks.SHOWN_FULL) ? 16.5 : 14.9) * 10 / 11;
            known = known.with(read, new Measured(volts), Sureness.SURE);
        }
        known = known.with(scale, new Measured(right), Sureness.SURE);
        Posterior<Craft> posterior = diagnosis.posterior(known);
        Planner<Craft> planner = diagnosis.planner(posterior);
        assertThat(planner.worthFixing(planner.plan(BenchState.AT_INTAKE, List.of())))
                .as("%s", posterior.suspects().get(0))
                .isEmpty();
        Optional<Integer> again = IntStream.range(0, 3)
                .boxed()
                .filter(i -> planner.plan(BenchState.AT_INTAKE, List.of())
                        .steps()
                        .get(i)
                        .check()
                        .id()
                        .equals(scale.id()))
                .findFirst();
        assertThat(again).as("one of the first steps").isPresent();
    }
}
