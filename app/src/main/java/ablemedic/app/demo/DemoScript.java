package ablemedic.app.demo;

import ablemedic.app.batteries.BatteryStore;
import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.chart.ElectricEntry.WireEntry;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Sureness;
import ablemedic.parts.WiringLayout;
import ablemedic.power.LandingVoltageRule;
import ablemedic.setup.SetUpOccasion;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The file of the demo. Times are days before the start of the program, and minutes after the event before. */
record DemoScript(
        List<DemoCraft> crafts,
        List<DemoBattery> batteries,
        List<DemoSnapshot> snapshots,
        List<DemoWorkUp> workUps,
        List<DemoSetUp> setUps) {

    /**
     * A settings export of a board.
     *
     * @param configuration what was set otherwise than on the sheet
     * @param more lines besides, such as of names that no dictionary has
     */
    record DemoSnapshot(
            String craftId,
            double daysAgo,
            String why,
            String family,
            String version,
            @Nullable String target,
            @Nullable Map<String, String> configuration,
            @Nullable List<String> more) {}

    /** A set-up under way, of which the first so many steps gave what they should, a few minutes each. */
    record DemoSetUp(String craftId, double daysAgo, SetUpOccasion occasion, int steps) {}

    record DemoBattery(String label, BatteryOnSheet kind, LandingVoltageRule rule, List<DemoBatteryEntry> entries) {}

    record DemoBatteryEntry(double daysAgo, BatteryStore.BatteryEvent entry) {}

    record DemoCraft(
            String craftId,
            String name,
            @JsonUnwrapped DemoBuild build,
            @JsonUnwrapped DemoWiring wiring,
            double daysAgo,
            @Nullable Double routineDaysAgo,
            @Nullable String grounded,
            List<DemoNote> notes) {}

    record DemoBuild(
            String builder,
            CraftClass craftClass,
            SpinConvention spins,
            MotorNumbering numbering,
            BuildSheet.@Nullable Turn mounted,
            FlightMode mode) {}

    record DemoWiring(
            @Nullable WiringLayout layout,
            @Nullable List<String> parts,
            @Nullable BatteryOnSheet battery,
            @Nullable List<WireEntry> wires,
            @Nullable Map<String, String> configuration) {}

    record DemoNote(double daysAgo, String kind, String text) {}

    record DemoWorkUp(
            String craftId,
            double daysAgo,
            @Nullable String kind,
            String complaint,
            Occasion occasion,
            Map<String, String> seen,
            List<DemoStep> steps) {}

    /** What somebody did in a work-up. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.DEDUCTION)
    @JsonSubTypes({
        @JsonSubTypes.Type(DemoCheck.class),
        @JsonSubTypes.Type(DemoFix.class),
        @JsonSubTypes.Type(DemoSuspicion.class),
        @JsonSubTypes.Type(DemoSkip.class),
        @JsonSubTypes.Type(DemoEnd.class)
    })
    sealed interface DemoStep {
        /** Minutes after the step before. */
        double after();
    }

    /** @param recording the file of a recording that answers it */
    record DemoCheck(
            double after,
            String check,
            @Nullable String outcome,
            @Nullable Map<String, String> outcomes,
            @Nullable String written,
            @Nullable Map<String, String> numbers,
            @Nullable String told,
            @Nullable Sureness sureness,
            @Nullable String recording)
            implements DemoStep {}

    record DemoFix(double after, String fault, String fix) implements DemoStep {}

    record DemoSuspicion(double after, String suspect, String words) implements DemoStep {}

    record DemoSkip(double after, String skip) implements DemoStep {}

    record DemoEnd(double after, End end, @Nullable String words) implements DemoStep {}
}
