package ablemedic.settings;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.craft.Settings;
import ablemedic.power.PowerCrafts;
import ablemedic.serial.SerialCrafts;
import ablemedic.settings.Arming.Lock;
import ablemedic.settings.Arming.Reason;
import ablemedic.settings.Arming.State;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import ablemedic.uart.CraftLines;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A lock for each thing that a board waits for. */
class ArmingTest {
    /** Changes of one setting each, all of other locks. */
    private static final List<String> CHANGES = List.of(
            "version-image=half",
            "bound=no",
            "level-calibrated=no",
            "alignment=180/0/0",
            "radio-throttle-down=1090",
            "arm-waits-for-fix=on",
            "mode-arm=none",
            "armed-with-computer=yes",
            "arm-on-at-power=on");

    static Stream<Craft> crafts() {
        return Stream.concat(SerialCrafts.all().stream(), Stream.of(PowerCrafts.stack(), PowerCrafts.separate()));
    }

    private static Arming arming(Craft sound, Craft craft, State state) {
        return Arming.of(CraftLines.of(sound), craft, state);
    }

    private static Craft told(Craft craft, String changes) {
        Craft told = craft;
        for (String change : changes.split(";")) {
            String[] parts = change.strip().split("=", 2);
            Setting<?> setting = Settings.find(parts[0]).orElseThrow();
            told = told.with(told.configuration().withWritten(setting, parts[1]));
        }
        return told;
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void aSoundCraftArmsAtTheBenchAndNotWithTheComputer(Craft craft) {
        assertThat(arming(craft, craft, State.AT_BENCH).shut()).isEmpty();
        assertThat(arming(craft, craft, State.ofPilot(craft, true)).arms()).isTrue();
        assertThat(arming(craft, craft, State.AT_COMPUTER).shut()).containsExactly(Reason.COMPUTER, Reason.SWITCH);
    }

    @ParameterizedTest
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source =
                    "What keeps a board from arming; conventions of 25, 45 and 180 degrees of tilt; throttle down below about 1050 µs")
    @CsvSource(
            delimiter = '|',
            value = {
                "bound=no | frames", "radio-module=off | frames", "radio-throttle-down=1049 | ",
                        "radio-throttle-down=1050 | throttle", "radio-reversed-throttle=on | throttle",
                "radio-stick-order=TAER | throttle", "radio-stick-order=TAER; stick-order=TAER | ",
                        "alignment=0/0/90 | ", "alignment=180/0/0 | tilt", "alignment=180/0/0; arm-tilt=45 | tilt",
                "alignment=180/0/0; arm-tilt=180 | ", "alignment=90/0/0; arm-tilt=45 | tilt", "level-off=20/0 | ",
                        "level-off=20/20 | tilt", "level-off=20/20; arm-tilt=45 | ",
                "level-calibrated=no | calibrated", "mode-arm=none | switch", "mode-arm=6 1700-2100 | switch",
                        "mode-arm=6 1700-2100; radio-arm-channel=6 | ", "mode-arm=5 2010-2100 | switch",
                "mode-arm=5 1000-2100 | at-power", "radio-arm-on=1600 | switch", "radio-arm-channel=0 | switch",
                        "arm-by=sticks; mode-arm=none | ", "version-image=half | board frames",
                "bound=no; level-calibrated=no; mode-arm=none | frames calibrated switch"
            })
    void whatItIsToldShutsTheLocksThatHangOnIt(String changes, String shut) {
        Craft craft = PowerCrafts.stack();
        Set<String> said = new java.util.TreeSet<>(arming(craft, told(craft, changes), State.AT_BENCH).shut().stream()
                .map(Reason::id)
                .toList());
        if (changes.startsWith("version-image")) {
            assertThat(said).contains("board");
        } else {
            assertThat(said).isEqualTo(shut == null ? Set.of() : new java.util.TreeSet<>(List.of(shut.split(" "))));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "true | true | 0 | true | false | 0 | computer",
                "false | false | 0 | true | false | 0 | frames",
                "false | true | 0.5 | true | false | 0 | throttle",
                "false | true | 0 | false | false | 0 | switch",
                "false | true | 0 | true | true | 0 | at-power",
                "false | true | 0 | true | false | 25 | ",
                "false | true | 0 | true | false | 26 | tilt"
            })
    void howItStandsShutsThemToo(
            boolean computer, boolean radio, double throttle, boolean on, boolean atPower, double lying, String shut) {
        Craft craft = SerialCrafts.shared();
        assertThat(arming(craft, craft, new State(computer, radio, throttle, on, atPower, lying, false)).shut().stream()
                        .map(Reason::id))
                .containsExactlyElementsOf(shut == null ? List.of() : List.of(shut));
    }

    /** Any set of causes shuts the locks of each, so none hides another, and all that is said of one is still said. */
    @ParameterizedTest
    @MethodSource("crafts")
    void noCauseHidesAnother(Craft craft) {
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            List<String> some = new ArrayList<>(CHANGES);
            some.removeIf(change -> random.nextBoolean());
            Craft all = craft;
            Set<Reason> each = EnumSet.noneOf(Reason.class);
            for (String change : some) {
                all = told(all, change);
                each.addAll(arming(craft, told(craft, change), State.ofPilot(told(craft, change), true))
                        .shut());
            }
            Set<Reason> shut = arming(craft, all, State.ofPilot(all, true)).shut();
            // Whoever waits for a fix also waits for all that a fix needs: a board that starts, a UART that the
            // computer does not hold.
            if (some.contains("arm-waits-for-fix=on") && shut.contains(Reason.FIX)) {
                each.add(Reason.FIX);
            }
            // A switch that is not there cannot have stood on.
            each.removeIf(reason -> reason == Reason.AT_POWER && some.contains("mode-arm=none"));
            assertThat(shut).as(some.toString()).isEqualTo(each);
        }
    }

    @Test
    void whoWaitsForAFixArmsUnderTheSkyWithAModuleThatIsHeardAndNowhereElse() {
        Craft with = told(SerialCrafts.shared(), "arm-waits-for-fix=on");
        State sky = new State(false, true, 0, true, false, 0, true);
        assertThat(arming(with, with, sky).arms()).isTrue();
        assertThat(arming(with, with, State.AT_BENCH).shut()).containsExactly(Reason.FIX);
        Craft without = told(PowerCrafts.stack(), "arm-waits-for-fix=on");
        assertThat(arming(without, without, sky).shut()).containsExactly(Reason.FIX);
    }

    @ParameterizedTest
    @MethodSource("crafts")
    void everyLockSaysWhatItHangsOnAndOfABareCraftAsWell(Craft craft) {
        for (Craft one : List.of(craft, told(craft, "bound=no;mode-arm=none;level-calibrated=no"))) {
            Arming arming = Arming.of(Optional.empty(), one, State.AT_BENCH);
            assertThat(arming.locks()).extracting(Lock::reason).containsExactlyInAnyOrder(Reason.values());
            assertThat(arming.locks()).allSatisfy(lock -> {
                assertThat(lock.why()).isNotBlank();
                assertThat(lock.settings()).isNotEmpty();
            });
        }
    }
}
