package ablemedic.serial;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.serial.ModemChain.Air;
import ablemedic.serial.ModemChain.Found;
import ablemedic.serial.ModemChain.Grade;
import ablemedic.serial.ModemChain.HopOf;
import ablemedic.serial.ModemChain.Wire;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ModemChainTest {
    private static final Wire SOUND = new Wire(57_600, 57_600, false, false, 3.3, 3.3);
    private static final Air QUIET = new Air(64_000, false, false, true, false, 1, 1);

    private static ModemChain chain(Wire board, Air air, Wire ground) {
        return new ModemChain(board, air, ground, 400, true);
    }

    @Test
    void aSoundChainHasNothingFoundAndKeepsItsSettings() {
        ModemChain sound = chain(SOUND, QUIET, SOUND);
        assertThat(sound.found()).isEmpty();
        assertThat(HopOf.values()).allMatch(hop -> sound.grade(hop) == Grade.SOUND);
        assertThat(sound.entries().get(0).text()).isEqualTo("telemetry at 57600 baud");
        assertThat(sound.entries().get(1).text()).contains("air 64000");
    }

    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "19 200 in the air side and 57 600 at the other end of the wire is met often")
    @Test
    void twoEndsOfAWireMustAgree() {
        ModemChain chain = chain(new Wire(57_600, 19_200, false, false, 3.3, 3.3), QUIET, SOUND);
        assertThat(chain.found()).hasSize(1).first().satisfies(found -> {
            assertThat(found.hop()).isEqualTo(HopOf.BOARD);
            assertThat(found.grade()).isEqualTo(Grade.WRONG);
            assertThat(found.remedy()).isEqualTo("Set both to 57600.");
        });
        assertThat(chain.asEntered().found()).isEmpty();
    }

    @Test
    void everyWrongSettingIsFoundAtItsHop() {
        assertThat(chain(SOUND, new Air(64_000, true, false, true, false, 1, 1), SOUND)
                        .grade(HopOf.AIR))
                .isEqualTo(Grade.WRONG);
        assertThat(chain(SOUND, new Air(64_000, false, true, true, false, 1, 1), SOUND)
                        .grade(HopOf.AIR))
                .isEqualTo(Grade.WRONG);
        assertThat(chain(SOUND, new Air(64_000, false, false, false, false, 1, 1), SOUND)
                        .grade(HopOf.AIR))
                .isEqualTo(Grade.DOUBTFUL);
        assertThat(chain(SOUND, new Air(64_000, false, false, true, false, 2, 1), SOUND)
                        .grade(HopOf.GROUND))
                .isEqualTo(Grade.WRONG);
        assertThat(chain(SOUND, new Air(64_000, false, false, true, false, 1, 3), SOUND)
                        .grade(HopOf.GROUND))
                .isEqualTo(Grade.DOUBTFUL);
        assertThat(chain(SOUND, QUIET, new Wire(57_600, 57_600, true, false, 3.3, 3.3))
                        .grade(HopOf.GROUND))
                .isEqualTo(Grade.WRONG);
        assertThat(chain(SOUND, QUIET, new Wire(57_600, 57_600, true, true, 3.3, 3.3))
                        .grade(HopOf.GROUND))
                .isEqualTo(Grade.SOUND);
        assertThat(chain(new Wire(57_600, 57_600, false, false, 3.3, 5), QUIET, SOUND)
                        .found()
                        .get(0))
                .satisfies(found -> {
                    assertThat(found.grade()).isEqualTo(Grade.HARMS);
                    assertThat(found.text()).startsWith("the air modem sends 5.0 V into the FC");
                });
        assertThat(new ModemChain(SOUND, new Air(64_000, true, false, true, false, 1, 1), SOUND, 400, false).found())
                .isEmpty();
    }

    @Test
    void theSlowestHopIsTheOneThatIsFull() {
        ModemChain full = new ModemChain(SOUND, new Air(4_800, false, false, true, true, 1, 1), SOUND, 600, true);
        assertThat(full.found()).extracting(Found::hop).containsExactly(HopOf.AIR);
        assertThat(full.share(HopOf.AIR)).isEqualTo(1.25);
        assertThat(full.airBaud()).hasValue(9_600);
        assertThat(new ModemChain(SOUND, new Air(250_000, false, false, true, true, 1, 1), SOUND, 100_000, true)
                        .airBaud())
                .isEmpty();
    }

    /**
     * Whatever is set, what is to be entered makes a chain without fault, but for volts that no setting cures and loads
     * that nothing carries.
     */
    @Test
    void whatIsToBeEnteredPutsEveryChainRight() {
        Random random = new Random(8);
        int[] rates = {9_600, 19_200, 38_400, 57_600, 115_200};
        int[] air = {2_400, 9_600, 64_000, 250_000};
        for (int i = 0; i < 3000; i++) {
            ModemChain chain = new ModemChain(
                    wire(random, rates),
                    new Air(
                            air[random.nextInt(4)],
                            random.nextBoolean(),
                            random.nextBoolean(),
                            random.nextBoolean(),
                            random.nextBoolean(),
                            1 + random.nextInt(3),
                            1 + random.nextInt(3)),
                    wire(random, rates),
                    random.nextInt(5000),
                    random.nextBoolean());
            assertThat(chain.asEntered().found()).as("%s", chain).noneMatch(found -> found.grade() != Grade.HARMS);
            assertThat(chain.asEntered().asEntered()).isEqualTo(chain.asEntered());
        }
    }

    private static Wire wire(Random random, int[] rates) {
        return new Wire(
                rates[random.nextInt(5)],
                rates[random.nextInt(5)],
                random.nextBoolean(),
                random.nextBoolean(),
                3.3,
                random.nextInt(4) == 0 ? 5 : 3.3);
    }
}
