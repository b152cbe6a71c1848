package ablemedic.app.snapshot;

import ablemedic.Families;
import ablemedic.app.batteries.BatteryStore;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.app.firmware.FirmwareDialectStore;
import ablemedic.craft.Craft;
import ablemedic.power.AlarmConvention;
import ablemedic.requirement.Violation;
import ablemedic.settings.BuildNeeds;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What of a settings export can't be right: on the craft, with its firmware, with its batteries. */
@Component
class SnapshotLint {
    private final FirmwareDialectStore families;
    private final BatteryStore batteries;

    SnapshotLint(FirmwareDialectStore families, BatteryStore batteries) {
        this.families = families;
        this.batteries = batteries;
    }

    List<Violation> of(Craft listed, Row row) {
        List<Violation> lacks = families.find(row.family())
                .map(family -> BuildNeeds.violations(listed, family, row.version()))
                .orElse(List.of());
        List<Violation> alarms = batteries.rules(row.craftId()).stream()
                .flatMap(rule -> AlarmConvention.violations(listed, rule).stream())
                .toList();
        return Stream.of(Families.violations(listed), lacks, alarms)
                .flatMap(List::stream)
                .sorted(Comparator.comparing(Violation::severity))
                .toList();
    }
}
