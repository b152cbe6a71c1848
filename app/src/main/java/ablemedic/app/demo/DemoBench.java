package ablemedic.app.demo;

import ablemedic.app.batteries.BatteryStore;
import ablemedic.app.chart.BuildSheet;
import ablemedic.app.chart.CraftLog;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.chart.ElectricEntry.WireEntry;
import ablemedic.app.chart.PartsController;
import ablemedic.app.chart.SnapshotStore;
import ablemedic.app.entry.Entered;
import ablemedic.app.firmware.FirmwareDialectStore;
import ablemedic.app.routine.Routines;
import ablemedic.app.setup.SetUpStore;
import ablemedic.app.setup.SetUps;
import ablemedic.app.storage.Json;
import ablemedic.app.workup.CloseWorkUp;
import ablemedic.app.workup.Command;
import ablemedic.app.workup.Commands;
import ablemedic.app.workup.MakeFix;
import ablemedic.app.workup.NoteEvent;
import ablemedic.app.workup.OpenWorkUp;
import ablemedic.app.workup.RecordFinding;
import ablemedic.app.workup.RecordedPads;
import ablemedic.app.workup.Recording;
import ablemedic.app.workup.Safeguards;
import ablemedic.app.workup.SetBench;
import ablemedic.app.workup.WorkUpEvent;
import ablemedic.app.workup.WorkUpEvent.End;
import ablemedic.app.workup.WorkUps;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FlightMode;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.Settings;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.BenchRoute;
import ablemedic.diagnosis.BenchStep;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Occasion;
import ablemedic.diagnosis.Sureness;
import ablemedic.family.PrePowerConvention;
import ablemedic.firmware.Dictionary;
import ablemedic.parts.PartsLibrary;
import ablemedic.parts.WiringLayout;
import ablemedic.power.LandingVoltageRule;
import ablemedic.setup.SetUpOccasion;
import ablemedic.setup.SetUpOrder;
import ablemedic.uart.UartsFromWiring;
import ablemedic.wiring.ElectricSheet;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Gauge;
import ablemedic.wiring.Wire;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Fills an empty database with the demo bench. */
@Component
public class DemoBench {
    private final CraftStore crafts;
    private final CraftLog log;
    private final WorkUps workUps;
    private final OpenWorkUp opening;
    private final Commands commands;
    private final Safeguards safeguards;
    private final Recording recording;
    private final Routines routines;
    private final RecordedPads pads;
    private final BatteryStore batteries;
    private final SnapshotStore snapshots;
    private final SetUps setUps;
    private final SetUpStore setUpStore;
    private final FirmwareDialectStore families;
    private final Json json;
    private final Clock clock;

    DemoBench(
            CraftStore crafts,
            CraftLog log,
            WorkUps workUps,
            OpenWorkUp opening,
            Commands commands,
            Safeguards safeguards,
            Recording recording,
            Routines routines,
            RecordedPads pads,
            BatteryStore batteries,
            SnapshotStore snapshots,
            SetUps setUps,
            SetUpStore setUpStore,
            FirmwareDialectStore families,
            Json json,
            Clock clock) {
        this.crafts = crafts;
        this.log = log;
        this.workUps = workUps;
        this.opening = opening;
        this.commands = commands;
        this.safeguards = safeguards;
        this.recording = recording;
        this.routines = routines;
        this.pads = pads;
        this.batteries = batteries;
        this.snapshots = snapshots;
        this.setUps = setUps;
        this.setUpStore = setUpStore;
        this.families = families;
        this.json = json;
        this.clock = clock;
    }

    /** The data file. Times are days before the start of the program, and minutes after the event before. */
    record Script(
            List<DemoCraft> crafts,
            List<DemoBattery> batteries,
            List<DemoSnapshot> snapshots,
            List<DemoWorkUp> workUps,
            List<DemoSetUp> setUps) {}

    /**
     * A settings export of a board.
     *
     * @param configuration what was set otherwise than on the sheet
     * @param more lines besides, such as of names that no dictionary has
     */
    record DemoSnapshot(
            String mark,
            double daysAgo,
            String why,
            String family,
            String version,
            @Nullable String target,
            @Nullable Map<String, String> configuration,
            @Nullable List<String> more) {}

    /** A set-up under way, of which the first so many steps gave what they should, a few minutes each. */
    record DemoSetUp(String mark, double daysAgo, SetUpOccasion occasion, int steps) {}

    record DemoBattery(String label, BatteryOnSheet kind, LandingVoltageRule rule, List<DemoBatteryEntry> entries) {}

    record DemoBatteryEntry(double daysAgo, BatteryStore.BatteryEvent entry) {}

    record DemoCraft(
            String mark,
            String name,
            String builder,
            CraftClass craftClass,
            SpinConvention spins,
            MotorNumbering numbering,
            BuildSheet.@Nullable Turn mounted,
            FlightMode mode,
            @Nullable WiringLayout layout,
            @Nullable List<String> parts,
            @Nullable BatteryOnSheet battery,
            @Nullable List<WireEntry> wires,
            @Nullable Map<String, String> configuration,
            double daysAgo,
            @Nullable Double routineDaysAgo,
            @Nullable String grounded,
            List<DemoNote> notes) {}

    record DemoNote(double daysAgo, String kind, String text) {}

    record DemoWorkUp(
            String mark,
            double daysAgo,
            @Nullable String kind,
            String complaint,
            Occasion occasion,
            Map<String, String> seen,
            List<DemoStep> steps) {}

    /** One step: exactly one of its parts is given. */
    record DemoStep(
            double after,
            @Nullable String check,
            @Nullable String outcome,
            @Nullable Map<String, String> outcomes,
            @Nullable String written,
            @Nullable Map<String, String> numbers,
            @Nullable String told,
            @Nullable Sureness sureness,
            @Nullable String fault,
            @Nullable String fix,
            @Nullable String suspect,
            @Nullable String skip,
            @Nullable End end,
            @Nullable String words,
            @Nullable String recording) {}

    /** Something that happened, and when. */
    private record Happened(Instant at, Runnable entering) {}

    /** Fills the database when it holds no craft, in the order in which things happened. */
    public void fill() {
        if (!crafts.all().isEmpty()) {
            return;
        }
        Script script = json.read(text(), Script.class);
        Instant now = clock.instant();
        List<Happened> year = new ArrayList<>();
        for (DemoCraft craft : script.crafts()) {
            entering(craft, now, year);
        }
        for (DemoBattery battery : script.batteries()) {
            year.add(new Happened(
                    ago(now, 300),
                    () -> batteries.enter(
                            new BatteryStore.Battery(battery.label(), battery.kind(), battery.rule()), ago(now, 300))));
            battery.entries()
                    .forEach(e -> year.add(new Happened(
                            ago(now, e.daysAgo()),
                            () -> batteries.add(battery.label(), e.entry(), ago(now, e.daysAgo())))));
        }
        for (DemoSnapshot snapshot : script.snapshots()) {
            Instant at = ago(now, snapshot.daysAgo());
            year.add(new Happened(at, () -> listed(snapshot, at)));
        }
        for (DemoWorkUp workUp : script.workUps()) {
            walking(workUp, now, year);
        }
        for (DemoSetUp setUp : script.setUps()) {
            year.add(new Happened(ago(now, setUp.daysAgo()), () -> settingUp(setUp, ago(now, setUp.daysAgo()))));
        }
        year.stream().sorted(Comparator.comparing(Happened::at)).forEach(happened -> happened.entering()
                .run());
    }

    private void entering(DemoCraft craft, Instant now, List<Happened> year) {
        var mounted = craft.mounted() == null ? Rotation.NONE : craft.mounted().rotation("mounted");
        Craft bare = CraftClass.sound(
                craft.craftClass().airframe(), craft.spins(), craft.numbering(), mounted, craft.mode());
        Craft wired = craft.layout() == null || craft.battery() == null
                ? bare
                : PartsController.wired(
                        bare,
                        craft.layout(),
                        craft.battery().kind(),
                        craft.parts() == null ? List.of() : craft.parts(),
                        id -> PartsLibrary.find(id).orElseThrow());
        BuildSheet sheet = BuildSheet.of(configured(craft.configuration(), led(craft, wired)));
        Instant entered = ago(now, craft.daysAgo());
        year.add(new Happened(
                entered,
                () -> crafts.enter(
                        craft.mark(), craft.name(), craft.craftClass().label(), craft.builder(), sheet, entered)));
        for (DemoNote note : craft.notes()) {
            Instant at = ago(now, note.daysAgo());
            year.add(new Happened(at, () -> log.add(craft.mark(), at, note.kind(), note.text(), null)));
        }
        if (craft.grounded() != null) {
            year.add(new Happened(
                    ago(now, 20),
                    () -> crafts.change(
                            craft.mark(),
                            crafts.get(craft.mark()).version(),
                            craft.name(),
                            craft.builder(),
                            State.GROUNDED,
                            craft.grounded(),
                            ago(now, 20))));
        }
        if (craft.routineDaysAgo() != null) {
            Instant at = ago(now, craft.routineDaysAgo());
            year.add(new Happened(at, () -> runRoutine(craft.mark(), at)));
        }
    }

    /** The craft with wires that no layout runs, and its UARTs set from the wiring. */
    private static Craft led(DemoCraft craft, Craft wired) {
        if (craft.wires() == null) {
            return wired;
        }
        ElectricSheet sheet = wired.electrics().sheet();
        List<Wire> wires = new ArrayList<>(sheet.wires());
        craft.wires()
                .forEach(wire -> wires.add(
                        new Wire(wire.from(), wire.to(), new Gauge(wire.gaugeAwg()), wire.lengthMm(), wire.plugged())));
        return UartsFromWiring.told(
                wired.withElectrics(new Electrics(new ElectricSheet(sheet.parts(), wires, sheet.battery()))));
    }

    private void listed(DemoSnapshot demo, Instant at) {
        Dictionary dictionary = families.dictionary(demo.family(), demo.version());
        String export = dictionary.export(configured(demo.configuration(), crafts.newestCraft(demo.mark()))
                        .configuration())
                + (demo.more() == null ? "" : String.join("\n", demo.more()) + "\n");
        snapshots.add(
                demo.mark(),
                dictionary,
                demo.target() == null ? "" : demo.target(),
                demo.why(),
                demo.mark().toLowerCase(Locale.ROOT) + ".txt",
                export.getBytes(StandardCharsets.UTF_8),
                at);
    }

    private static Craft configured(@Nullable Map<String, String> settings, Craft wired) {
        Craft set = wired;
        for (Map.Entry<String, String> one :
                settings == null ? Map.<String, String>of().entrySet() : settings.entrySet()) {
            set = set.with(
                    set.configuration().withWritten(Settings.find(one.getKey()).orElseThrow(), one.getValue()));
        }
        return set;
    }

    private void walking(DemoWorkUp demo, Instant now, List<Happened> year) {
        Instant opened = ago(now, demo.daysAgo());
        AtomicLong id = new AtomicLong();
        year.add(new Happened(
                opened,
                () -> id.set(recording.open(opening.open(
                        demo.mark(),
                        demo.kind() == null ? "take-off" : demo.kind(),
                        demo.complaint(),
                        demo.occasion(),
                        demo.seen(),
                        Map.of(),
                        List.of(),
                        opened)))));
        Instant before = opened;
        for (DemoStep step : demo.steps()) {
            Instant at = before.plusSeconds(Math.round(step.after() * 60));
            year.add(new Happened(at, () -> step(demo.mark(), id.get(), step, at)));
            before = at;
        }
    }

    private void step(String mark, long id, DemoStep step, Instant at) {
        String words = step.words() == null ? "" : step.words();
        if (step.check() != null) {
            ready(mark, id, step.check(), at);
        }
        if (step.recording() != null) {
            recorded(id, String.valueOf(step.check()), step.recording(), at);
        }
        if (step.check() != null) {
            run(
                    id,
                    at,
                    RecordFinding.ofThePast(
                            step.check(),
                            new RecordFinding.Answered(
                                    step.outcomes() != null
                                            ? step.outcomes()
                                            : step.outcome() == null ? Map.of() : Map.of(Entered.ONLY, step.outcome()),
                                    step.numbers() != null
                                            ? step.numbers()
                                            : step.written() == null ? Map.of() : Map.of(Entered.ONLY, step.written()),
                                    new RecordFinding.Told(step.told(), false),
                                    step.sureness() == null ? Sureness.SURE : step.sureness())));
        } else if (step.fix() != null && step.fault() != null) {
            run(id, at, MakeFix.ofThePast(step.fault(), step.fix()));
        } else if (step.suspect() != null) {
            run(id, at, new NoteEvent(new WorkUpEvent.Suspected(step.suspect(), words)));
        } else if (step.skip() != null) {
            run(id, at, new NoteEvent(new WorkUpEvent.Skipped(step.skip())));
        } else if (step.end() != null) {
            run(id, at, new CloseWorkUp(step.end(), words));
        }
    }

    /** Ends are worked out from their events when somebody looks at them: the demo is to start soon. */
    private void run(long id, Instant at, Command command) {
        recording.keep(commands.run(id, workUps.version(id), command, at), Optional.empty());
    }

    private void recorded(long id, String check, String name, Instant at) {
        try (InputStream in = DemoBench.class.getResourceAsStream("/demo/" + name)) {
            pads.take(id, check, name, Optional.empty(), in, at);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void ready(String mark, long id, String checkId, Instant at) {
        BenchNeeds needs = workUps.book(mark).check(checkId).orElseThrow().needs();
        if (BenchRoute.from(workUps.bench(id), needs, safeguards.barred(id))
                .orElseThrow()
                .steps()
                .contains(BenchStep.SHORT_TEST)) {
            runRoutine(mark, at.minusSeconds(60));
        }
        BenchRoute route =
                BenchRoute.from(workUps.bench(id), needs, safeguards.barred(id)).orElseThrow();
        if (!route.steps().isEmpty()) {
            run(id, at, new SetBench(route.end(), ""));
        }
    }

    private void settingUp(DemoSetUp demo, Instant begun) {
        setUps.begin(demo.mark(), demo.occasion(), begun);
        Instant at = begun;
        for (int n = 0; n < demo.steps(); n++) {
            SetUps.Standing standing =
                    setUps.standing(setUpStore.open(demo.mark()).orElseThrow(), at);
            SetUpOrder.Placed next = standing.order().steps().get(0);
            at = at.plusSeconds(Math.round(next.minutes() * 60));
            SoundAnswers given = SoundAnswers.of(next.made().check(), standing.craft());
            setUps.give(standing.run(), next.made().id(), given.outcomes(), given.numbers(), given.told(), false, at);
        }
    }

    /** A run of the pre-power routine on which everything was as it should be. */
    private void runRoutine(String mark, Instant at) {
        Craft craft = crafts.newestCraft(mark);
        Map<String, Routines.Given> readings = new HashMap<>();
        for (Check<Craft> step : routines.steps(craft, PrePowerConvention.FULL)) {
            SoundAnswers given = SoundAnswers.of(step, craft);
            readings.put(
                    step.id(),
                    new Routines.Given(given.outcomes(), given.numbers().get(Entered.ONLY), null));
        }
        routines.run(mark, PrePowerConvention.FULL, readings, 9, at);
    }

    private static Instant ago(Instant now, double days) {
        return now.minus(Duration.ofMinutes(Math.round(days * 24 * 60)));
    }

    private static String text() {
        try (InputStream in = DemoBench.class.getResourceAsStream("/demo/skerry-loft.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
