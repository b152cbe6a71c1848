package ablemedic.family;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fault;
import ablemedic.power.PowerCrafts;
import ablemedic.reading.Meter;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LiesInTest {
    private static final Craft CRAFT = PowerCrafts.stack();
    private static final List<Fault<Craft>> FAULTS =
            Families.book(CRAFT, Meter.USUAL).faults();

    /** What a technician would say was replaced, resoldered or entered. Common practice. */
    @ParameterizedTest
    @CsvSource({
        "prop-damaged-.*, Prop",
        "motor-weak-.*, Motor",
        "board-loose, FC mount",
        "gain-too-high, Settings and firmware",
        "open-.*, Wires and joints",
        "bridge-.*, Wires and joints",
        "cell-weak, Battery",
        "drive-short-.*, ESC",
    })
    void aFaultLiesWhereItWouldBePutRight(String faults, String part) {
        List<Fault<Craft>> named =
                FAULTS.stream().filter(fault -> fault.id().matches(faults)).toList();
        assertThat(named).as(faults).isNotEmpty().allSatisfy(fault -> assertThat(LiesIn.of(fault, CRAFT))
                .as(fault.id())
                .containsExactly(part));
    }

    @Test
    void everyFaultOfTheBookLiesSomewhere() {
        assertThat(FAULTS)
                .allSatisfy(fault ->
                        assertThat(LiesIn.of(fault, CRAFT)).as(fault.id()).isNotEmpty());
    }
}
