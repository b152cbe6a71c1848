package ablemedic.family;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.Settings;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.diagnosis.Prediction;
import ablemedic.diagnosis.Reading;
import ablemedic.family.CraftCheck.Task;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.Site;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The look that settles a conflict of the record: is the craft as recorded, or right in one of the ways? */
public final class RecordLook {
    public static final String KIND = "record-look";
    public static final String AS_RECORDED = "as-recorded";
    private static final String OTHER = "other";
    /** How often a setting is misread, or a wire followed to the wrong pad. Common practice, no source. */
    private static final double MISREAD = 0.05;
    /** An answer that is this many times likelier of one than of the other tells them apart. */
    private static final double TELLS = 10;

    private static final double MINUTES = 1;

    private final Conflict conflict;
    private final Craft required;
    private final List<Site> sites;

    private RecordLook(Conflict conflict, Craft required) {
        this.conflict = conflict;
        this.required = required;
        Set<Site> all = new LinkedHashSet<>();
        conflict.ways().forEach(way -> way.edits().forEach(edit -> all.addAll(edit.sites())));
        this.sites = List.copyOf(all);
    }

    /** The look at a conflict; nothing where another check shows as much. */
    public static Optional<Check<Craft>> of(Conflict conflict, Craft required, List<Check<Craft>> others) {
        RecordLook look = new RecordLook(conflict, required);
        return look.states().stream().skip(1).allMatch(state -> others.stream()
                        .filter(Check::planned)
                        .anyMatch(check -> tells(check, look.states().get(0), state)))
                ? Optional.empty()
                : Optional.of(look.check());
    }

    private static boolean tells(Check<Craft> check, Craft one, Craft other) {
        return check.reads() != Facet.<Craft>whole()
                && !check.reads().of(one).equals(check.reads().of(other))
                && differ(check, one, other);
    }

    private static boolean differ(Check<Craft> check, Craft one, Craft other) {
        if (!(check.answers() instanceof Choices choices) || choices.questions().size() != 1) {
            return false;
        }
        return choices.questions().get(0).outcomes().stream()
                .map(outcome -> Reading.Chosen.of(outcome.id()))
                .anyMatch(reading -> check.outlook(one).likelihood(reading) > 0.5
                        && check.outlook(one).likelihood(reading)
                                > TELLS * check.outlook(other).likelihood(reading));
    }

    /** The craft as recorded, then as required in each way. */
    private List<Craft> states() {
        List<Craft> states = new ArrayList<>(List.of(conflict.on(required)));
        for (int way = 0; way < conflict.ways().size(); way++) {
            states.add(conflict.otherwise(required, way));
        }
        return states;
    }

    private CraftCheck check() {
        Words words = SharedSteps.name(KIND)
                .with("what", Param.written(what()))
                .with("cause", Param.written(conflict.root().cause().plain()));
        List<Outcome> outcomes = new ArrayList<>(List.of(new Outcome(
                AS_RECORDED, words.with("recorded", Param.written(recorded())).outcome(AS_RECORDED))));
        for (int way = 0; way < conflict.ways().size(); way++) {
            outcomes.add(Outcome.written(
                    conflict.ways().get(way).id(),
                    conflict.ways().get(way).edit().values(conflict.recorded()).stream()
                            .map(value -> value.what() + ": " + value.after())
                            .collect(Collectors.joining(", "))));
        }
        outcomes.add(new Outcome(OTHER, words.outcome(OTHER)));
        Choices answers = Choices.of(words.line("ask"), outcomes);
        List<List<Object>> known = states().stream().map(this::seen).toList();
        Facet<Craft, List<Object>> facet = Facet.of("recorded-" + conflict.id(), this::seen);
        return CraftCheck.of(
                        "look-" + conflict.id(),
                        KIND,
                        Task.of(words),
                        answers,
                        Prediction.from(
                                facet,
                                seen -> Categorical.expecting(
                                        answers,
                                        known.contains(seen)
                                                ? outcomes.get(known.indexOf(seen))
                                                        .id()
                                                : OTHER,
                                        MISREAD)),
                        MINUTES)
                .needing(needs());
    }

    private String recorded() {
        return values().stream()
                .map(value -> value.what() + " " + value.before())
                .collect(Collectors.joining(", "));
    }

    private String what() {
        return values().stream().map(Value::what).collect(Collectors.joining(", "));
    }

    /** What is recorded at every site that some way changes, each once. */
    private List<Value> values() {
        List<Value> values = new ArrayList<>();
        conflict.ways().forEach(way -> way.edit().values(conflict.recorded()).stream()
                .filter(value -> values.stream().noneMatch(known -> known.what().equals(value.what())))
                .forEach(values::add));
        return values;
    }

    private List<Object> seen(Craft craft) {
        return sites.stream().map(site -> seen(craft, site)).toList();
    }

    private static Object seen(Craft craft, Site site) {
        return switch (site.kind()) {
            case SETTING -> craft.setting(Settings.find(site.where()).orElseThrow());
            case MOUNT -> craft.mounted();
            case MOTOR -> craft.arm(Corner.valueOf(site.where())).motor().spin();
            case MASS -> craft.airframe().balance();
            case WIRE ->
                craft.electrics().defects().stream()
                        .filter(defect -> craft.electrics().sheet().wires().stream()
                                .anyMatch(wire -> (wire.from().equals(site.where())
                                                || wire.to().equals(site.where()))
                                        && defect.places().stream().anyMatch(place -> place.startsWith(wire.id()))))
                        .toList();
        };
    }

    /** The computer for what is set on the FC, nothing connected for what is looked at. */
    private BenchNeeds needs() {
        List<Device> devices = sites.stream()
                .flatMap(site -> Settings.find(site.where()).stream())
                .<Device>map(Setting::device)
                .distinct()
                .toList();
        if (devices.isEmpty() || sites.stream().anyMatch(site -> site.kind() == Site.Kind.WIRE)) {
            return BenchNeeds.BATTERY_OUT;
        }
        return devices.contains(Device.FLIGHT_BOARD) || devices.contains(Device.SPEED_CONTROLLERS)
                ? BenchNeeds.COMPUTER
                : BenchNeeds.NOTHING;
    }
}
