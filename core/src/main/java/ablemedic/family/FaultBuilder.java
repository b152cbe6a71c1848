package ablemedic.family;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/** One fault as it is declared: where it sits, how likely it is, what it changes, and the fix that undoes it. */
public final class FaultBuilder {
    private final FaultList list;
    private String kind;
    private Words words;
    private String id;
    private String site;
    private Odds prior;
    private UnaryOperator<Craft> effect;
    /** What the fix leaves of the craft with this fault, and which values it changes, from the sound and the faulty. */
    private BiFunction<Craft, Craft, UnaryOperator<Craft>> undo;

    private BiFunction<Craft, Craft, List<Value>> values = (sound, faulty) -> List.of();
    private String remedy;
    private final List<BiFunction<Craft, Craft, Fix<Craft>>> fixes = new ArrayList<>();

    FaultBuilder(FaultList list, Words words) {
        this.list = list;
        this.words = words;
        this.kind = words.id();
        this.id = kind;
    }

    /** It sits at a part, which its texts name as {@code part}; every part has its own such fault. */
    public FaultBuilder at(Part part) {
        id = kind + "-" + part.id();
        site = part.id();
        return with("part", Param.part(part.id(), part.label()));
    }

    /** The page that it shares with others; its own where it shares none. */
    public FaultBuilder kind(String page) {
        kind = page;
        return this;
    }

    /** Its id, where that is not its kind or its kind at a part. */
    public FaultBuilder id(String name) {
        id = name;
        return this;
    }

    /** Where it sits, if that is not its part: faults on one site exclude each other. */
    public FaultBuilder site(String where) {
        site = where;
        return this;
    }

    public FaultBuilder prior(Odds odds) {
        prior = odds;
        return this;
    }

    /** What stands in a gap of its texts. */
    public FaultBuilder with(String name, Param param) {
        words = words.with(name, param);
        return this;
    }

    /** It is a defect of a part or a wire, and its fix takes that away. */
    public FaultBuilder defect(Defect defect) {
        return wiring(
                electrics -> electrics.with(defect),
                electrics -> electrics.harm().contains(defect) ? electrics.without(defect.slot()) : electrics);
    }

    /** It changes parts and wires, and its fix changes them back. */
    public FaultBuilder wiring(UnaryOperator<Electrics> change, UnaryOperator<Electrics> back) {
        effect = craft -> craft.withElectrics(change.apply(craft.electrics()));
        undo = (sound, faulty) -> craft -> {
            Electrics after = back.apply(craft.electrics());
            return after.equals(craft.electrics()) ? craft : craft.withElectrics(after);
        };
        return this;
    }

    /** A setting has another value, and its fix enters that of the sound craft. */
    public <T> FaultBuilder sets(SettingTrouble<T> trouble, Craft craft, UnaryOperator<T> change) {
        site = "setting " + trouble.setting().id();
        remedy = trouble.setting().id() + " " + craft.told().written(trouble.setting());
        effect = one -> one.changing(trouble.setting(), change);
        undo = (sound, faulty) -> one -> one.with(trouble.setting(), sound.told(trouble.setting()));
        values = (sound, faulty) -> List.of(new Value(
                trouble.setting().label(),
                faulty.told().said(trouble.setting()),
                sound.told().said(trouble.setting())));
        return this;
    }

    /** What it changes besides, which its fix need not change back. */
    public FaultBuilder also(UnaryOperator<Craft> more) {
        UnaryOperator<Craft> first = Objects.requireNonNull(effect);
        effect = craft -> more.apply(first.apply(craft));
        return this;
    }

    /** What the fix comes to, where others come to the same. */
    public FaultBuilder remedy(String name) {
        remedy = name;
        return this;
    }

    /** What it changes, where no more can be said of it; its fixes have effects of their own. */
    public FaultBuilder changes(UnaryOperator<Craft> change) {
        effect = change;
        return this;
    }

    /**
     * One of several fixes, the best first.
     *
     * @param fix its id, under which the catalogue has its title and steps
     * @param comesTo what it comes to, in common with fixes of other faults that come to the same
     * @param leaves the craft after it
     * @param minutes what it usually takes
     */
    public FaultBuilder fixedBy(String fix, String comesTo, UnaryOperator<Craft> leaves, double minutes) {
        Words said = words;
        fixes.add((sound, faulty) -> fix(said, fix, comesTo, List.of(), minutes, leaves));
        return this;
    }

    /**
     * Adds the fault with its only fix, which undoes it.
     *
     * @param fix its id, under which the catalogue has its title and steps
     * @param minutes what it usually takes
     */
    public void fix(String fix, double minutes) {
        Words said = words;
        String comesTo = remedy == null ? kind + " " + site : remedy;
        BiFunction<Craft, Craft, UnaryOperator<Craft>> back = Objects.requireNonNull(undo);
        BiFunction<Craft, Craft, List<Value>> changed = values;
        fixes.add((sound, faulty) ->
                fix(said, fix, comesTo, changed.apply(sound, faulty), minutes, back.apply(sound, faulty)));
        add();
    }

    /** Adds the fault with the fixes that were declared. */
    public void add() {
        Words said = words;
        List<BiFunction<Craft, Craft, Fix<Craft>>> all = List.copyOf(fixes);
        list.add(new CraftFault(
                id,
                kind,
                Objects.requireNonNull(site),
                any -> said.title().plain(),
                Objects.requireNonNull(prior),
                Objects.requireNonNull(effect),
                (sound, faulty) ->
                        all.stream().map(one -> one.apply(sound, faulty)).toList()));
    }

    private static Fix<Craft> fix(
            Words said, String fix, String comesTo, List<Value> values, double minutes, UnaryOperator<Craft> leaves) {
        String key = "fix " + fix;
        return new Fix<>(
                fix,
                comesTo,
                said.line(key).plain(),
                said.steps(key).stream().map(Text::plain).toList(),
                said.changes(key).isEmpty() ? values : changes(said, key),
                minutes,
                leaves);
    }

    private static List<Value> changes(Words said, String key) {
        return said.changes(key).stream()
                .map(one -> new Value(
                        one.what().plain(), one.before().plain(), one.after().plain()))
                .toList();
    }
}
