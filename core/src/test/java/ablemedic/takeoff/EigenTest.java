package ablemedic.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Fault;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.ejml.data.Complex_F64;
import org.ejml.simple.SimpleMatrix;
import org.hipparchus.complex.Complex;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.EigenDecompositionNonSymmetric;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

@Tag("thorough")
class EigenTest {
    /** A loose board has a flow of many equal entries; no fault beside it may leave its motion without an answer. */
    @ParameterizedTest
    @EnumSource(CraftClass.class)
    void aLooseBoardBesideAnyOtherFaultHasAMotion(CraftClass size) {
        Craft sound = size.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        Craft loose = TakeOff.book().fault("board-loose").orElseThrow().applyTo(sound);
        for (Fault<Craft> one : TakeOff.book().faults()) {
            Craft two = one.applyTo(loose);
            assertThatCode(() -> Sightings.of(two)).as(one.id()).doesNotThrowAnyException();
            for (String third : List.of("gain-too-high", "filter-too-low", "filter-too-open", "overloaded")) {
                Craft three = TakeOff.book().fault(third).orElseThrow().applyTo(two);
                assertThatCode(() -> Sightings.of(three))
                        .as(one.id() + " and " + third)
                        .doesNotThrowAnyException();
            }
        }
    }

    /** One that the library gives up on; a matrix of few entries, as flows are. */
    @Test
    void whereTheLibraryGivesUpTheValuesAreThoseOfAnotherLibrary() {
        double[][] entries = {
            {0, 0, 0, 2, -1, 0, 0, 0, 2},
            {0, 0, -2, 0, 0, 0, 0, 1, 0},
            {0, 0, 0, 0, 1, 0, 1, 0, 0},
            {0, 1, 0, 0, 1, 0, 0, 0, 0},
            {0, 0, 0, 0, 0, 0, -2, 0, 0},
            {0, 0, -2, 0, 0, 0, 0, 1, 0},
            {0, 0, 0, 0, 0, 0, 0, 0, 0},
            {0, 0, 0, 0, 0, 0, 1, 0, 1},
            {0, -1, 0, 0, 0, 0, 0, 0, 0}
        };
        assertThatThrownBy(() -> new EigenDecompositionNonSymmetric(MatrixUtils.createRealMatrix(entries), 1e-12))
                .isInstanceOf(MathIllegalStateException.class);
        double growth = Arrays.stream(
                        Eigen.of(MatrixUtils.createRealMatrix(entries)).getEigenvalues())
                .mapToDouble(Complex::getReal)
                .max()
                .orElseThrow();
        double there = new SimpleMatrix(entries)
                .eig().getEigenvalues().stream()
                        .mapToDouble(one -> one.real)
                        .max()
                        .orElseThrow();
        assertThat(growth).isCloseTo(there, within(0.05));
    }

    @Test
    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "EJML, eigenvalues of general matrices")
    void theValuesAreThoseOfAnotherLibrary() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            int size = 2 + random.nextInt(12);
            double[][] entries = new double[size][size];
            for (double[] row : entries) {
                for (int k = 0; k < size; k++) {
                    row[k] = random.nextInt(3) == 0 ? 0 : Math.round(random.nextGaussian() * 8) / 2.0;
                }
            }
            RealMatrix flow = MatrixUtils.createRealMatrix(entries);
            List<Complex> here = Arrays.stream(Eigen.of(flow).getEigenvalues()).toList();
            List<Complex_F64> there = new SimpleMatrix(entries).eig().getEigenvalues();
            // Values that lie in one place are told less sharply by any route: by the root of what is rounded.
            double near = 1e-3 * Math.max(1, flow.getNorm1());
            for (Complex one : here) {
                assertThat(there.stream()
                                .mapToDouble(other ->
                                        Math.hypot(other.real - one.getReal(), other.imaginary - one.getImaginary()))
                                .min()
                                .orElseThrow())
                        .isLessThan(near);
            }
            assertThat(here.stream()
                            .max(Comparator.comparingDouble(Complex::getReal))
                            .orElseThrow()
                            .getReal())
                    .isCloseTo(there.stream().mapToDouble(one -> one.real).max().orElseThrow(), within(near));
        }
    }
}
