package ablemedic.power;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Craft;
import ablemedic.craft.FcSettings;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AlarmConventionTest {
    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "Two conventions: land at 3.7 V a cell, or use the battery, warn at 3.5 V and call 3.3 V critical")
    @CsvSource({"LONG_LIFE,3.7,0", "LONG_LIFE,3.5,1", "USE_THE_PACK,3.5,0", "USE_THE_PACK,3.7,0", "USE_THE_PACK,3.3,1"})
    void aWarningThatComesLaterThanTheSchoolAsksIsSaid(LandingVoltageRule rule, double warns, int said) {
        Craft craft = PowerCrafts.stack().with(FcSettings.WARN_CELL, warns);
        assertThat(AlarmConvention.violations(craft, rule)).hasSize(said).allSatisfy(lint -> assertThat(
                        AlarmConvention.violations(craft.with(FcSettings.WARN_CELL, rule.warnV()), rule))
                .as("entered, it is silent")
                .isEmpty());
    }
}
