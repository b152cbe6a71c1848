package ablemedic.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.HoverPower;
import ablemedic.diagnosis.Fault;
import ablemedic.takeoff.LinearMotion.Mode;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.Comparator;
import java.util.List;
import org.ejml.data.Complex_F64;
import org.ejml.simple.SimpleMatrix;
import org.junit.jupiter.api.Test;

class ReferenceTest {
    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "EJML 0.44, eigenvalues of a general matrix")
    @Test
    void theGrowthOfEveryMotionIsAnEigenvalueOfTheLoop() {
        Crafts.varied().forEach(sound -> {
            for (Fault<Craft> fault : TakeOff.book().faults()) {
                LinearMotion motion = new LinearMotion(fault.applyTo(sound));
                List<Double> reference = new SimpleMatrix(motion.closedLoop())
                        .eig().getEigenvalues().stream()
                                .map(Complex_F64::getReal)
                                .sorted(Comparator.reverseOrder())
                                .toList();
                List<Double> ours = motion.modes().stream().map(Mode::growth).toList();
                for (int i = 0; i < 3; i++) {
                    assertThat(ours.get(i)).as(fault.id()).isCloseTo(reference.get(i), offset(1e-4));
                }
            }
        });
    }

    @OutsideCheck(
            kind = Kind.PUBLISHED,
            source = "ISO 2533: 1.225 kg/m³ at sea level; momentum theory of the actuator disc "
                    + "as in any textbook of helicopter aerodynamics: T = 2 ρ A v², P = T v")
    @Test
    void hoverPowerIsThatOfMomentumTheory() {
        assertThat(HoverPower.SEA_LEVEL_DENSITY).isEqualTo(1.225);
        // The exact case that a textbook opens with: a disc of 1 m², a thrust of 2 ρ newtons, hence v = 1 m/s and P =
        // T.
        assertThat(HoverPower.inducedVelocity(2 * 1.225, 1, 1.225)).isCloseTo(1, offset(1e-12));
        double radius = 0.0635;
        double area = Math.PI * radius * radius;
        double thrust = CraftClass.INCH_5.airframe().hoverThrustN();
        double v = HoverPower.inducedVelocity(thrust, area, 1.225);
        assertThat(2 * 1.225 * area * v * v)
                .as("the momentum it takes is the thrust")
                .isCloseTo(thrust, offset(1e-9));
        assertThat(HoverPower.ideal(CraftClass.INCH_5.airframe())).isCloseTo(4 * thrust * v, offset(1e-9));
    }

    @OutsideCheck(
            kind = Kind.FROM_MEMORY,
            source = "worked numbers of a helicopter textbook: a light helicopter of 1000 kg "
                    + "on a rotor of 10 m has an induced velocity near 7.1 m/s and an ideal hover power near 70 kW; recomputed by hand "
                    + "from P = √(T³ / (2 ρ A))")
    @Test
    void aLightHelicopterHoversOnAboutSeventyKilowatts() {
        double thrust = 1000 * 9.80665;
        double area = Math.PI * 25;
        double v = HoverPower.inducedVelocity(thrust, area, 1.225);
        assertThat(v).isCloseTo(7.14, offset(0.01));
        assertThat(thrust * v).isCloseTo(Math.sqrt(Math.pow(thrust, 3) / (2 * 1.225 * area)), offset(1e-6));
        assertThat(thrust * v / 1000).isCloseTo(70, offset(0.1));
    }

    @Test
    void theLinearTrackIsTheIntegralOfItsOwnLoop() {
        // Without lags the first instants follow dω/dt = A ω: the sound craft's yaw rate must die away, not grow.
        Craft craft = Crafts.inch5(FlightMode.RATE);
        Track track = new LinearMotion(craft)
                .tracks(List.of(new Disturbance(0, 0, 0, 0, 1)))
                .get(0);
        double total = track.samples().get(track.samples().size() - 1).yawDeg();
        assertThat(track.samples().get(1).yawDeg())
                .as("1 rad/s for the first 10 ms")
                .isCloseTo(Math.toDegrees(0.01), offset(0.03));
        assertThat(Math.abs(total)).isLessThan(4);
    }
}
