package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.ArmingSettings;
import ablemedic.craft.Craft;
import ablemedic.craft.DriveSettings;
import ablemedic.craft.FailsafeSettings;
import ablemedic.craft.FcSettings;
import ablemedic.craft.LinkSettings;
import ablemedic.craft.ModeRange;
import ablemedic.craft.MotorProtocol;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.ReceiverSettings;
import ablemedic.craft.ReceiverSettings.WhenLost;
import ablemedic.craft.Rotation;
import ablemedic.craft.Settings;
import ablemedic.craft.SpinConvention;
import ablemedic.craft.SpokenSettings;
import ablemedic.craft.StickOrder;
import ablemedic.craft.VideoSettings;
import ablemedic.power.PowerCrafts;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Site;
import ablemedic.requirement.Source;
import ablemedic.requirement.Violation;
import ablemedic.serial.SerialCrafts;
import ablemedic.video.VideoCrafts;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The craft as required: every conflict of the record put right in the likeliest way, and nothing else touched. */
@Tag("thorough")
class RequiredTest {
    private static final List<Craft> CRAFTS = List.of(
            SerialCrafts.shared(),
            SerialCrafts.polled(),
            SerialCrafts.modem(),
            PowerCrafts.separate(),
            VideoCrafts.analog(),
            VideoCrafts.digital());

    /** Settings that no requirement is about, each with the reason. */
    private static final Map<String, String> FREE = Map.of(
            "mode",
            "rate and self-level are both flown",
            "binds-by",
            "a fact of the receiver, with which nothing can conflict",
            "controllers-answer",
            "named by the two-way protocol only where that is on",
            "modem-air-rate",
            "named only where the modems carry too little");

    private static Required required(Craft recorded) {
        return Families.required(Recorded.of(recorded));
    }

    @Test
    void aSoundRecordIsItsOwnRequirement() {
        for (Craft craft : CRAFTS) {
            assertThat(required(craft).open()).isEmpty();
            assertThat(required(craft).craft()).isSameAs(craft);
        }
    }

    @Test
    void eachSettingAloneIsPutRightAndWhatWasPutRightNeedsNothingMore() {
        for (Craft craft : CRAFTS) {
            for (Craft wrong : OtherRecords.singly(craft)) {
                Required required = required(wrong);
                assertThat(binding(required.craft()))
                        .as(() -> said(craft, wrong))
                        .hasSameSizeAs(required.unsolved());
                assertThat(required(required.craft()).craft())
                        .as(() -> said(craft, wrong))
                        .isEqualTo(required.craft());
                Craft undone = required.craft();
                for (Conflict conflict : required.conflicts()) {
                    undone = conflict.on(undone);
                }
                assertThat(undone.configuration()).as(() -> said(craft, wrong)).isEqualTo(wrong.configuration());
            }
        }
    }

    @Test
    void everySettingIsUnderARequirementOrFreeForAReason() {
        Set<String> named = new TreeSet<>();
        for (Craft craft : Stream.of(SerialCrafts.all(), VideoCrafts.all(), List.of(returning(), presetsAndPulses()))
                .flatMap(List::stream)
                .toList()) {
            for (Craft wrong : OtherRecords.singly(craft)) {
                Families.violations(wrong).forEach(one -> one.settings().forEach(setting -> named.add(setting.id())));
            }
        }
        Set<String> all = new TreeSet<>();
        Settings.ALL.forEach(setting -> all.add(setting.id()));
        Set<String> left = new TreeSet<>(all);
        left.removeAll(named);
        left.removeAll(FREE.keySet());
        left.removeIf(id -> id.matches("port-\\d+-(jobs|baud|inversion|half-duplex)") && isOfUnusedUart(id, named));
        assertThat(left).isEmpty();
        assertThat(FREE.keySet()).allSatisfy(id -> assertThat(all).contains(id));
    }

    /** A UART on which nothing lies has nothing to agree with; those on which something lies are named. */
    private static boolean isOfUnusedUart(String id, Set<String> named) {
        return !id.startsWith("port-1-") && !id.startsWith("port-3-");
    }

    private static Craft presetsAndPulses() {
        return SerialCrafts.shared()
                .with(ReceiverSettings.WHEN_LOST, WhenLost.PRESETS)
                .with(DriveSettings.PROTOCOL, MotorProtocol.PWM);
    }

    private static Craft returning() {
        return SerialCrafts.shared()
                .with(FailsafeSettings.STAGE_2, FailsafeSettings.AfterGuardTime.RETURN_HOME)
                .with(FcSettings.COMPASS, true);
    }

    @Test
    void whatConflictsWithItselfIsFoundWithBothWaysToPutItRight() {
        Craft craft = SerialCrafts.shared();
        assertThat(ways(craft.withMounted(Rotation.UPSIDE_DOWN)))
                .containsExactlyInAnyOrder(
                        "Set board alignment to " + Rotation.UPSIDE_DOWN.angles(),
                        "Turn the FC to " + Rotation.NONE.angles());
        assertThat(ways(craft.with(FcSettings.STICK_ORDER, StickOrder.TAER)))
                .containsExactlyInAnyOrder(
                        "Set channel order of the FC to AETR", "Set channel order of the radio to TAER");
        assertThat(required(craft.with(FcSettings.SPINS, SpinConvention.OUTWARD))
                        .conflicts())
                .singleElement()
                .satisfies(conflict -> assertThat(conflict.root().severity()).isEqualTo(Severity.HAZARD));
        assertThat(required(craft.with(ReceiverSettings.WHEN_LOST, WhenLost.HOLD))
                        .craft()
                        .setting(ReceiverSettings.WHEN_LOST))
                .isEqualTo(WhenLost.NO_FRAMES);
        assertThat(required(craft.with(ArmingSettings.STANDS, 30.0)).conflicts())
                .singleElement()
                .satisfies(conflict -> assertThat(conflict.ways()).hasSize(2));
        assertThat(required(craft.with(ArmingSettings.ARM, ModeRange.NONE)).open())
                .extracting(Violation::id)
                .containsExactly("arm-switch-none");
        assertThat(required(craft.with(LinkSettings.CHANNELS, 5)).open())
                .extracting(Violation::id)
                .containsExactly("switch-carried-mode-level");
        assertThat(required(VideoCrafts.strong().with(VideoSettings.POWER, 600)).open())
                .extracting(Violation::id)
                .containsExactly("video-power");
    }

    @Test
    void tenPositionsASecondDoNotFitIntoASlowLine() {
        Craft craft = SerialCrafts.shared().with(SpokenSettings.GNSS_HZ, 10);
        Required required = required(craft);
        assertThat(required.open())
                .singleElement()
                .satisfies(one -> assertThat(one.cause().plain()).contains("156 %"));
        // 9600 baud are 960 bytes a second; 70 % of that over 150 bytes a position are four.
        assertThat(ways(craft))
                .hasSize(2)
                .anyMatch(way -> way.endsWith("4 a second"))
                .anyMatch(way -> way.endsWith("38400 baud"));
    }

    @Test
    void whatWasMeasuredIsRatherBelievedThanWhatWasTakenOver() {
        Craft craft = SerialCrafts.shared().with(FcSettings.STICK_ORDER, StickOrder.TAER);
        assertThat(required(craft).craft().setting(FcSettings.STICK_ORDER))
                .as("entered, against a radio taken over as usual")
                .isEqualTo(StickOrder.TAER);
        Required measured =
                Families.required(new Recorded(craft, Map.of(Site.of(RadioSettings.STICK_ORDER), Source.MEASURED)));
        assertThat(measured.craft().setting(FcSettings.STICK_ORDER))
                .as("the radio's was measured")
                .isEqualTo(StickOrder.AETR);
    }

    private static List<String> ways(Craft recorded) {
        return required(recorded).conflicts().stream()
                .flatMap(conflict -> conflict.ways().stream())
                .map(way -> way.edit().title().plain())
                .toList();
    }

    private static List<Violation> binding(Craft craft) {
        return Families.violations(craft).stream()
                .filter(one -> one.severity().isBinding())
                .toList();
    }

    private static String said(Craft craft, Craft wrong) {
        return craft.configuration().differencesTo(wrong.configuration()).toString();
    }

    /**
     * What was fixed in one way is stored by the way's id, and the order of ways follows from where the record's
     * entries come from.
     */
    @Test
    void aWayIsKnownAgainWhereTheWaysStandInAnotherOrder() {
        Craft craft = SerialCrafts.shared().with(FcSettings.STICK_ORDER, StickOrder.TAER);
        Conflict one = required(craft).conflicts().get(0);
        Conflict other = Families.required(
                        new Recorded(craft, Map.of(Site.of(RadioSettings.STICK_ORDER), Source.MEASURED)))
                .conflicts()
                .get(0);
        assertThat(other.ways().get(0).id())
                .as("another order")
                .isNotEqualTo(one.ways().get(0).id());
        for (int way = 0; way < one.ways().size(); way++) {
            int there = other.way(one.ways().get(way).id()).orElseThrow();
            assertThat(other.ways().get(there).edit().title())
                    .isEqualTo(one.ways().get(way).edit().title());
        }
        for (Craft wrong : OtherRecords.evenly(OtherRecords.singly(craft), 60)) {
            required(wrong).conflicts().forEach(conflict -> assertThat(conflict.ways())
                    .extracting(way -> way.id())
                    .doesNotHaveDuplicates());
        }
    }
}
