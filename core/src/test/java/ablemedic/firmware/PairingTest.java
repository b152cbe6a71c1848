package ablemedic.firmware;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.firmware.Pairing.Device;
import ablemedic.firmware.Pairing.Verdict;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PairingTest {
    private static Release release(String text) {
        return Release.read(text).orElseThrow();
    }

    private static Verdict verdict(Device one, String version, Device other, String otherVersion) {
        return Pairing.judge(Map.of(one, release(version), other, release(otherVersion))).stream()
                .filter(judged ->
                        judged.pairing().one() == one && judged.pairing().other() == other)
                .findFirst()
                .orElseThrow()
                .verdict();
    }

    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "Air and ground firmware of a long-range link are of one major version, or they do not bind")
    @CsvSource({"3.0,3.5.1,GOES", "3.9,4.0,DOES_NOT", "v2.5,2.0,GOES", "2,3,DOES_NOT", "10.1,1.10,DOES_NOT"})
    void airAndGroundAreOfOneGeneration(String air, String ground, Verdict verdict) {
        assertThat(verdict(Device.RECEIVER, air, Device.MODULE, ground)).isEqualTo(verdict);
    }

    @ParameterizedTest
    @CsvSource({"2,2.9,DOES_NOT", "2,3,GOES", "2.1,3.0.1,GOES", "1.9,1,GOES"})
    void aLeastVersionBindsOnlyWhoseOwnVersionAsksForIt(String board, String controllers, Verdict verdict) {
        assertThat(verdict(Device.BOARD, board, Device.CONTROLLERS, controllers))
                .isEqualTo(verdict);
    }

    @Test
    void ofWhatIsNotKnownNothingIsSaid() {
        assertThat(Pairing.judge(Map.of(Device.RECEIVER, release("3"))))
                .allSatisfy(judged -> assertThat(judged.verdict()).isEqualTo(Verdict.NOT_SAID));
        assertThat(Pairing.SHIPPED)
                .allSatisfy(pairing -> assertThat(pairing.why()).isNotBlank());
    }

    @Test
    void whateverDoesNotGoSaysWhatWouldAndThenGoes() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            Map<Device, Release> versions = new HashMap<>();
            for (Device device : Device.values()) {
                versions.put(device, new Release(List.of(random.nextInt(5), random.nextInt(9))));
            }
            for (Pairing.Judged judged : Pairing.judge(versions)) {
                if (judged.verdict() == Verdict.DOES_NOT) {
                    String number = judged.right().replaceAll("^\\D*", "").replaceAll("[^0-9.].*$", "");
                    assertThat(judged.pairing()
                                    .judged(
                                            java.util.Optional.of(versions.get(
                                                    judged.pairing().one())),
                                            Release.read(number))
                                    .verdict())
                            .as(judged.right())
                            .isEqualTo(Verdict.GOES);
                }
            }
        }
    }

    @Test
    void versionsComeInTheOrderOfTheirNumbersAndNotOfTheirLetters() {
        assertThat(List.of(release("1.10"), release("1.9"), release("2"), release("1.9.1"), release("1")).stream()
                        .sorted()
                        .map(Release::toString))
                .containsExactly("1", "1.9", "1.9.1", "1.10", "2");
        assertThat(release("3").compareTo(release("3.0.0"))).isZero();
        assertThat(Release.read("three")).isEmpty();
        assertThat(Release.read("1.2.3.4.5.6")).isEmpty();
        assertThat(Release.read("")).isEmpty();
    }
}
