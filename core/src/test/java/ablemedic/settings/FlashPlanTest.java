package ablemedic.settings;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import ablemedic.craft.FcSettings;
import ablemedic.craft.UartSettings;
import ablemedic.export.SettingsExport;
import ablemedic.firmware.Dictionary;
import ablemedic.firmware.FirmwareDialect;
import ablemedic.firmware.FirmwareDialects;
import ablemedic.firmware.Understood;
import ablemedic.snapshot.Snapshot;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class FlashPlanTest {
    private static final Configuration TOLD = Configuration.USUAL
            .with(FcSettings.VOLTAGE_SCALE, 15.0)
            .with(FcSettings.GAIN, 1.3)
            .with(UartSettings.SOFT, true)
            .with(UartSettings.TELEMETRY, false);

    private static Dictionary dictionary(int family, String version) {
        return new Dictionary(FirmwareDialects.shipped().get(family), version);
    }

    private static Snapshot listed(Dictionary dictionary) {
        Understood understood =
                dictionary.read(SettingsExport.read(dictionary.export(TOLD).getBytes(StandardCharsets.UTF_8)));
        return new Snapshot(understood.told(), understood.held());
    }

    @Test
    void aNameThatTheTargetRenamesIsPastedByItsNewName() {
        FlashPlan plan = FlashPlan.of(listed(dictionary(0, "1")), dictionary(0, "1"), dictionary(0, "2"));
        assertThat(plan.lost()).isEmpty();
        assertThat(plan.renamed()).singleElement().satisfies(one -> {
            assertThat(one.before()).isEqualTo("set volt_scale = 150");
            assertThat(one.after()).isEqualTo("set pack_ratio = 15000");
        });
    }

    @Test
    void whatTheTargetDoesNotHaveIsLostAndTheVersionsThatHaveItAreNamed() {
        FlashPlan back = FlashPlan.of(listed(dictionary(1, "6")), dictionary(1, "6"), dictionary(1, "5"));
        assertThat(back.lost()).singleElement().satisfies(one -> {
            assertThat(one.setting()).isEqualTo(UartSettings.SOFT);
            assertThat(one.versions()).containsExactly("6");
        });
    }

    @Test
    void theSameVersionChangesNothing() {
        for (FirmwareDialect family : FirmwareDialects.shipped()) {
            for (String version : family.versions()) {
                Dictionary same = new Dictionary(family, version);
                assertThat(FlashPlan.of(listed(same), same, same)).isEqualTo(new FlashPlan(List.of(), List.of()));
            }
        }
    }

    @Test
    void everySettingThatIsNotAsUsualIsKeptRenamedOrLostFromAnyVersionToAnyOther() {
        List<Dictionary> all = List.of(dictionary(0, "1"), dictionary(0, "2"), dictionary(1, "5"), dictionary(1, "6"));
        for (Dictionary from : all) {
            for (Dictionary to : all) {
                Snapshot now = listed(from);
                FlashPlan plan = FlashPlan.of(now, from, to);
                Set<Setting<?>> spoken = new HashSet<>();
                plan.renamed().forEach(one -> spoken.add(one.setting()));
                plan.lost().forEach(one -> spoken.add(one.setting()));
                assertThat(now.told().unusual()).allSatisfy(setting -> assertThat(spoken.contains(setting)
                                || to.line(setting, now.told()).equals(from.line(setting, now.told())))
                        .isTrue());
                assertThat(plan.lost())
                        .allSatisfy(one -> assertThat(to.names(one.setting())).isFalse());
            }
        }
    }

    /**
     * Common practice, no source: the data cable comes first, power from the battery last; and the snapshot before
     * anything is written.
     */
    @Test
    void theOrderIsThatOfTheBench() {
        assertThat(FlashPlan.REMEDIES.get(0).text()).contains("cable");
        assertThat(FlashPlan.REMEDIES.get(FlashPlan.REMEDIES.size() - 1).text()).contains("battery");
        List<String> steps = FlashPlan.STEPS.stream().map(FlashPlan.Step::id).toList();
        assertThat(steps.indexOf("settings")).isLessThan(steps.indexOf("write"));
        assertThat(steps.indexOf("props")).isLessThan(steps.indexOf("write"));
        assertThat(steps).doesNotHaveDuplicates();
    }
}
