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

    private BiFunction<Craft, Craft, List<Value>> values;
    private String remedy;

    FaultBuilder(FaultList list, Words words) {
        this.list = list;
        this.words = words;
        this.kind = words.id();
        this.id = kind;
        this.values = (sound, faulty) -> List.of();
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

    /**
     * Adds the fault with its only fix.
     *
     * @param fix its id, under which the catalogue has its title and steps
     * @param minutes what it usually takes
     */
    public void fix(String fix, double minutes) {
        String key = "fix " + fix;
        Words said = words;
        String comesTo = remedy == null ? kind + " " + site : remedy;
        BiFunction<Craft, Craft, UnaryOperator<Craft>> back = Objects.requireNonNull(undo);
        BiFunction<Craft, Craft, List<Value>> changed = values;
        list.add(new CraftFault(
                id,
                kind,
                Objects.requireNonNull(site),
                any -> said.title().plain(),
                Objects.requireNonNull(prior),
                Objects.requireNonNull(effect),
                (sound, faulty) -> List.of(new Fix<>(
                        fix,
                        comesTo,
                        said.line(key).plain(),
                        said.steps(key).stream().map(Text::plain).toList(),
                        said.changes(key).isEmpty() ? changed.apply(sound, faulty) : changes(said, key),
                        minutes,
                        back.apply(sound, faulty)))));
    }

    private static List<Value> changes(Words said, String key) {
        return said.changes(key).stream()
                .map(one -> new Value(
                        one.what().plain(), one.before().plain(), one.after().plain()))
                .toList();
    }
}
