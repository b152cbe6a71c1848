package ablemedic.family;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.wiring.Defect;
import ablemedic.wiring.Electrics;
import ablemedic.wiring.Part;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** One fault as it is declared: where it sits, how likely it is, what it changes, and the fix that undoes it. */
public final class FaultBuilder {
    private static final BiPredicate<Craft, Craft> ALWAYS = (sound, faulty) -> true;

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
    private @Nullable String remedy;
    private final List<DeclaredFix> declared = new ArrayList<>();
    private final List<Gap> gaps = new ArrayList<>();

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

    /** What stands in a gap of its texts, by the craft that it is told of. */
    public FaultBuilder with(String name, Function<Craft, Param> ofCraft) {
        return with(name, (sound, faulty) -> ofCraft.apply(sound));
    }

    /** What stands in a gap of its fixes, by the sound and the faulty craft. */
    public FaultBuilder with(String name, BiFunction<Craft, Craft, Param> ofBoth) {
        gaps.add(new Gap(name, ofBoth));
        return this;
    }

    /** It is a defect of a part or a wire, and its fix takes that away. */
    public FaultBuilder defect(Defect defect) {
        return wiring(
                electrics -> electrics.with(defect),
                electrics -> electrics.defects().contains(defect) ? electrics.without(defect.slot()) : electrics);
    }

    /** It is a defect of a part or a wire, and its fix takes away whatever is wrong at that place in that way. */
    public FaultBuilder defectInPlace(Defect defect) {
        return wiring(electrics -> electrics.with(defect), electrics -> electrics.without(defect.slot()));
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
        remedy = trouble.setting().id() + " " + craft.configuration().written(trouble.setting());
        return sets(trouble, change);
    }

    /** The same, where what the fix comes to is no matter of one craft. */
    public <T> FaultBuilder sets(SettingTrouble<T> trouble, UnaryOperator<T> change) {
        site = "setting " + trouble.setting().id();
        effect = one -> one.changing(trouble.setting(), change);
        undo = (sound, faulty) -> one -> one.with(trouble.setting(), sound.setting(trouble.setting()));
        values = (sound, faulty) -> List.of(new Value(
                trouble.setting().label(),
                faulty.configuration().said(trouble.setting()),
                sound.configuration().said(trouble.setting())));
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
     * @param fix its id, under which the fault's entry has its title and steps
     * @param comesTo what it comes to, in common with fixes of other faults that come to the same
     * @param leaves the craft after it
     * @param minutes what it usually takes
     */
    public FaultBuilder fixedBy(String fix, String comesTo, UnaryOperator<Craft> leaves, double minutes) {
        return fixedBy(fix, (sound, faulty) -> comesTo, (sound, faulty) -> leaves, minutes);
    }

    /** The same, where what it comes to and leaves follows from the sound and the faulty craft. */
    public FaultBuilder fixedBy(
            String fix,
            BiFunction<Craft, Craft, String> comesTo,
            BiFunction<Craft, Craft, UnaryOperator<Craft>> leaves,
            double minutes) {
        declared.add(new DeclaredFix(words, "fix " + fix, fix, comesTo, leaves, minutes, values, ALWAYS));
        return this;
    }

    /** The same with a fix that several faults share: an entry of its own, whose {@code do} line is its title. */
    public FaultBuilder fixedBy(
            Words shared,
            BiFunction<Craft, Craft, String> comesTo,
            BiFunction<Craft, Craft, UnaryOperator<Craft>> leaves,
            double minutes) {
        declared.add(new DeclaredFix(shared, "do", shared.id(), comesTo, leaves, minutes, values, ALWAYS));
        return this;
    }

    /** The fix declared last is one only where this holds of the sound and the faulty craft. */
    public FaultBuilder onlyIf(BiPredicate<Craft, Craft> holds) {
        int last = declared.size() - 1;
        declared.set(last, declared.get(last).holding(holds));
        return this;
    }

    /**
     * Adds the fault with its only fix, which undoes it.
     *
     * @param fix its id, under which the catalogue has its title and steps
     * @param minutes what it usually takes
     */
    public void fix(String fix, double minutes) {
        String comesTo = remedy == null ? kind + " " + site : remedy;
        fixedBy(fix, (sound, faulty) -> comesTo, Objects.requireNonNull(undo), minutes);
        add();
    }

    /** Adds the fault with the fixes that were declared. */
    public void add() {
        Words said = words;
        List<Gap> open = List.copyOf(gaps);
        List<DeclaredFix> all = List.copyOf(declared);
        list.add(new CraftFault(
                id,
                kind,
                Objects.requireNonNull(site),
                craft -> filled(said, open, craft, craft).title(),
                Objects.requireNonNull(prior),
                Objects.requireNonNull(effect),
                (sound, faulty) -> all.stream()
                        .filter(one -> one.holds.test(sound, faulty))
                        .map(one -> one.made(open, sound, faulty))
                        .toList()));
    }

    private static Words filled(Words words, List<Gap> gaps, Craft sound, Craft faulty) {
        Map<String, Param> params = new HashMap<>();
        gaps.forEach(gap -> params.put(gap.name(), gap.param().apply(sound, faulty)));
        return words.with(params);
    }

    /** What stands in a gap, by the sound and the faulty craft. */
    private record Gap(String name, BiFunction<Craft, Craft, Param> param) {}

    /** A fix as it was declared; it is made for a sound and a faulty craft where it holds for them. */
    private record DeclaredFix(
            Words words,
            String key,
            String id,
            BiFunction<Craft, Craft, String> comesTo,
            BiFunction<Craft, Craft, UnaryOperator<Craft>> leaves,
            double minutes,
            BiFunction<Craft, Craft, List<Value>> values,
            BiPredicate<Craft, Craft> holds) {

        DeclaredFix holding(BiPredicate<Craft, Craft> where) {
            return new DeclaredFix(words, key, id, comesTo, leaves, minutes, values, where);
        }

        private Fix<Craft> made(List<Gap> gaps, Craft sound, Craft faulty) {
            Words said = filled(words, gaps, sound, faulty);
            List<Value> changed = said.changes(key).stream()
                    .map(one -> new Value(
                            one.what().plain(),
                            one.before().plain(),
                            one.after().plain()))
                    .toList();
            return new Fix<>(
                    id,
                    comesTo.apply(sound, faulty),
                    said.line(key),
                    said.steps(key),
                    changed.isEmpty() ? values.apply(sound, faulty) : changed,
                    minutes,
                    leaves.apply(sound, faulty));
        }
    }
}
