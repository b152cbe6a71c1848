package ablemedic.craft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import ablemedic.catalogue.Rejected;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import org.ejml.simple.SimpleMatrix;
import org.junit.jupiter.api.Test;

class RotationTest {
    @Test
    void thereAreTwentyFourWaysToMountABoard() {
        assertThat(Rotation.all()).hasSize(24).doesNotHaveDuplicates();
    }

    @Test
    void theAnglesOfATurnMakeThatTurnAgain() {
        for (Rotation r : Rotation.all()) {
            Rotation.Angles a = r.angles();
            assertThat(Rotation.of(a.rollDeg(), a.pitchDeg(), a.yawDeg())).isEqualTo(r);
        }
    }

    @Test
    void aBoardUpsideDownAndAQuarterRoundIsEnteredAsRollAndYaw() {
        assertThat(Rotation.yaw(90).after(Rotation.UPSIDE_DOWN).angles()).hasToString("roll 180°, pitch 0°, yaw 90°");
    }

    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "EJML 0.44, product and transpose of matrices")
    @Test
    void composingAndInvertingAgreeWithMatrices() {
        for (Rotation a : Rotation.all()) {
            assertThat(a.inverse().after(a)).isEqualTo(Rotation.NONE);
            assertThat(matrix(a.inverse()).isIdentical(matrix(a).transpose(), 0))
                    .isTrue();
            for (Rotation b : Rotation.all()) {
                assertThat(matrix(a.after(b)).isIdentical(matrix(a).mult(matrix(b)), 0))
                        .isTrue();
            }
        }
    }

    @OutsideCheck(kind = Kind.PUBLISHED, source = "ISO 1151-1: x forward, y right, z down; yaw is positive nose right")
    @Test
    void aQuarterTurnInYawTakesTheArrowFromForwardToRight() {
        assertThat(Rotation.yaw(90).turn(new double[] {1, 0, 0})).containsExactly(0, 1, 0);
        assertThat(Rotation.of(90, 0, 0).turn(new double[] {0, 1, 0})).containsExactly(0, 0, 1);
        assertThat(Rotation.of(0, 90, 0).turn(new double[] {1, 0, 0})).containsExactly(0, 0, -1);
    }

    @Test
    void anglesThatAreNoQuarterTurnsAreRefused() {
        assertThatExceptionOfType(Rejected.class)
                .isThrownBy(() -> Rotation.of(45, 0, 0))
                .withMessageContaining("45°");
    }

    private static SimpleMatrix matrix(Rotation r) {
        SimpleMatrix m = new SimpleMatrix(3, 3);
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                m.set(i, j, r.at(i, j));
            }
        }
        return m;
    }
}
