package ablemedic.craft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.data.Offset.offset;

import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Rejected.Wrong;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CraftTest {
    private final Airframe frame = CraftClass.INCH_5.airframe();

    private Airframe with(List<Point> motors, double massG, double motorG, double prop, Point balance, double thrust) {
        return new Airframe(frame.shape(), motors, massG, motorG, prop, balance, thrust);
    }

    private void refused(String where, String rule, Runnable making) {
        assertThatExceptionOfType(Rejected.class).isThrownBy(making::run).satisfies(e -> assertThat(e.wrong())
                .extracting(Wrong::where, Wrong::rule)
                .contains(tuple(where, rule)));
    }

    @Test
    void whatMakesNoCraftIsRefusedWithThePlaceAndWhatIsRight() {
        List<Point> onOneSpot = new ArrayList<>(frame.motors());
        onOneSpot.set(1, onOneSpot.get(0));
        List<Point> crossed = new ArrayList<>(frame.motors());
        crossed.set(0, frame.motors().get(3));
        crossed.set(3, frame.motors().get(0));
        Point middle = new Point(0, 0);
        refused("motors", "one-spot", () -> with(onOneSpot, 600, 38, 127, middle, 6));
        refused("motors", "elsewhere", () -> with(crossed, 600, 38, 127, middle, 6));
        refused("motors", "four", () -> with(frame.motors().subList(0, 3), 600, 38, 127, middle, 6));
        refused("massG", "mass", () -> with(frame.motors(), 0, 38, 127, middle, 6));
        refused("massG", "mass", () -> with(frame.motors(), Double.NaN, 38, 127, middle, 6));
        refused("motorMassG", "motor-mass", () -> with(frame.motors(), 150, 38, 127, middle, 6));
        refused("propDiameterMm", "prop", () -> with(frame.motors(), 600, 38, -1, middle, 6));
        refused("thrustToWeight", "thrust", () -> with(frame.motors(), 600, 38, 127, middle, 0.9));
        refused("balance", "balance", () -> with(frame.motors(), 600, 38, 127, new Point(500, 0), 6));
    }

    @OutsideCheck(kind = Kind.COMMON_PRACTICE, source = "the usual directions and the two motor numberings")
    @Test
    void theSchoolsAreThoseOfTheTrade() {
        assertThat(Corner.ALL.stream().map(SpinConvention.INWARD::at))
                .containsExactly(Spin.COUNTER_CLOCKWISE, Spin.CLOCKWISE, Spin.COUNTER_CLOCKWISE, Spin.CLOCKWISE);
        assertThat(List.of(1, 2, 3, 4).stream().map(MotorNumbering.REAR_RIGHT_FIRST::corner))
                .containsExactly(Corner.REAR_RIGHT, Corner.FRONT_RIGHT, Corner.REAR_LEFT, Corner.FRONT_LEFT);
        assertThat(List.of(1, 2, 3, 4).stream().map(MotorNumbering.FRONT_RIGHT_FIRST::corner))
                .containsExactly(Corner.FRONT_RIGHT, Corner.REAR_LEFT, Corner.FRONT_LEFT, Corner.REAR_RIGHT);
    }

    @Test
    void orderStringsAreReadInTheWaysPeopleWriteThem() {
        assertThat(OutputOrder.parse("4-2-1-3")).hasToString("4-2-1-3");
        assertThat(OutputOrder.parse("4, 2, 1, 3")).isEqualTo(OutputOrder.parse("4213"));
        for (String wrong : List.of("", "4-2-1", "1-1-2-3", "5-2-1-3", "a")) {
            assertThatExceptionOfType(Rejected.class)
                    .isThrownBy(() -> OutputOrder.parse(wrong))
                    .satisfies(e -> assertThat(e.rule()).isEqualTo("output-order"));
        }
        for (String wrong : List.of("AET", "AAER", "aetr", "AETRX")) {
            assertThatExceptionOfType(Rejected.class)
                    .isThrownBy(() -> new StickOrder(wrong))
                    .satisfies(e -> assertThat(e.rule()).isEqualTo("stick-order"));
        }
    }

    @ParameterizedTest
    @EnumSource(CraftClass.class)
    void aSoundCraftIsToldWhatItIs(CraftClass size) {
        for (MotorNumbering numbering : MotorNumbering.values()) {
            Craft craft = size.sound(SpinConvention.OUTWARD, numbering, Rotation.yaw(90));
            assertThat(craft.misalignment()).isEqualTo(Rotation.NONE);
            assertThat(Corner.ALL)
                    .allSatisfy(corner -> assertThat(craft.reached(corner)).isEqualTo(corner));
            assertThat(List.of(Stick.values()))
                    .allSatisfy(s -> assertThat(craft.functionOf(s)).isEqualTo(s));
        }
    }

    @Test
    void aHeavierLoadTakesThrustToWeightDownWithIt() {
        Airframe loaded = frame.withMassG(frame.massG() * 2);
        assertThat(loaded.thrustToWeight()).isCloseTo(frame.thrustToWeight() / 2, offset(1e-9));
        assertThat(loaded.hoverThrustN()).isCloseTo(frame.hoverThrustN() * 2, offset(1e-9));
    }

    @Test
    void inertiaGrowsWithTheArms() {
        double[] x = CraftClass.INCH_5.airframe().inertia();
        double[] stretched = CraftClass.INCH_5_STRETCHED.airframe().inertia();
        assertThat(x[0]).isEqualTo(x[1]);
        assertThat(x[2]).isEqualTo(x[0] + x[1]);
        assertThat(stretched[1]).as("longer than wide resists pitch more").isGreaterThan(stretched[0]);
    }
}
