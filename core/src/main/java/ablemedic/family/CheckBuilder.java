package ablemedic.family;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Gaussian;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CraftCheck.Effort;
import ablemedic.family.CraftCheck.Task;
import ablemedic.family.CraftCheck.Use;
import ablemedic.wiring.Part;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;

/** One check as it is declared: what is asked, what it reads of a craft, what it shows then, and what it costs. */
public final class CheckBuilder {
    private final CheckList list;
    private Words words;
    private String id;
    private String kind;
    private List<String> outcomes;
    private Function<Words, Shows> shows;
    private boolean explores = true;
    private boolean repeated = true;
    private BenchNeeds needs = BenchNeeds.NOTHING;
    private double minutes;
    private double risk;
    private Place place = Place.NOWHERE;
    private final Map<String, Function<Craft, Param>> gaps = new HashMap<>();

    CheckBuilder(CheckList list, Words words) {
        this.list = list;
        this.words = words;
        this.id = words.id();
        this.kind = id;
        this.outcomes = words.outcomes();
    }

    /** The page that it shares with others; its own where it shares none. */
    public CheckBuilder kind(String page) {
        kind = page;
        return this;
    }

    /** It acts at a part, which its texts name as {@code part}. */
    public CheckBuilder at(Part part) {
        place = new Place.OnePart(part.id());
        return with("part", Param.part(part.id(), part.label()));
    }

    /** Where it acts, other than at one part. */
    public CheckBuilder place(Place where) {
        place = where;
        return this;
    }

    /** What stands in a gap of its texts. */
    public CheckBuilder with(String name, Param param) {
        words = words.with(name, param);
        return this;
    }

    /** What stands in a gap of what is to be done, by the craft that it is told of. */
    public CheckBuilder with(String name, Function<Craft, Param> ofCraft) {
        gaps.put(name, ofCraft);
        return this;
    }

    /** The outcomes that this craft can show, where those are not all that the catalogue names. */
    public CheckBuilder outcomes(List<String> ids) {
        outcomes = List.copyOf(ids);
        return this;
    }

    /**
     * What it shows: an outcome by what it reads of the craft, as an observer gives it.
     *
     * @param reads what of the craft it depends on
     */
    public <V> CheckBuilder shows(Facet<Craft, V> reads, Function<V, String> outcome, Observer observer) {
        return shows(reads, (asked, read) -> Categorical.expecting(asked, outcome.apply(read), observer.slips()));
    }

    /** What it shows, with the question in hand. */
    public <V> CheckBuilder shows(Facet<Craft, V> reads, Shown<V> shown) {
        shows = said -> {
            Choices asked = asked(said, outcomes);
            return new Shows(asked, Prediction.from(reads, read -> shown.by(asked, read)));
        };
        return this;
    }

    /**
     * What it shows, with answers of another form than one question of named outcomes.
     *
     * @param answers from its words, with all their gaps filled
     * @param prediction from these answers
     */
    public <A extends Answers> CheckBuilder shows(
            Function<Words, A> answers, Function<A, Prediction<Craft, ?>> prediction) {
        shows = said -> {
            A asked = answers.apply(said);
            return new Shows(asked, prediction.apply(asked));
        };
        return this;
    }

    /** What is asked, and what is predicted of it. */
    private record Shows(Answers answers, Prediction<Craft, ?> prediction) {}

    /** How an answer is distributed, by what is read of a craft. */
    @FunctionalInterface
    public interface Shown<V> {
        Distribution by(Choices asked, V read);
    }

    public CheckBuilder needs(BenchNeeds state) {
        needs = state;
        return this;
    }

    public CheckBuilder minutes(double each) {
        minutes = each;
        return this;
    }

    /** 0 for looking on, 1 for what can hurt somebody or break something. */
    public CheckBuilder risk(double share) {
        risk = share;
        return this;
    }

    /** Its id, where its words are those of several checks. */
    public CheckBuilder id(String name) {
        id = name;
        return this;
    }

    /** It opens or closes a work-up and does not explore a suspect. */
    public CheckBuilder exploresNothing() {
        explores = false;
        return this;
    }

    /** It is of what stays as it was, whatever is put right on the craft. */
    public CheckBuilder notRepeated() {
        repeated = false;
        return this;
    }

    /** The question and its outcomes, as the catalogue names them. */
    public static Choices asked(Words words, List<String> outcomes) {
        return Choices.of(words.line("ask"), named(words, outcomes));
    }

    /** Outcomes as the catalogue names them. */
    public static List<Outcome> named(Words words, List<String> outcomes) {
        return outcomes.stream()
                .map(one -> new Outcome(one, words.outcome(one)))
                .toList();
    }

    /** Adds the check. */
    public void add() {
        list.add(made());
    }

    /** The check, for one that is part of another. */
    public CraftCheck made() {
        Shows shown = Objects.requireNonNull(shows).apply(words);
        return new CraftCheck(
                id,
                kind,
                task(),
                shown.answers(),
                shown.prediction(),
                new Effort(minutes, risk),
                needs,
                new Use(explores, explores, explores && repeated),
                place);
    }

    /**
     * Adds it as one that reads a number that is set, by somebody who may see what they expect there.
     *
     * @param expected what the chart has
     * @param spread how coarsely it is read, one standard deviation, by the number
     */
    public void reads(
            SettingTrouble<Double> trouble,
            double expected,
            double low,
            double high,
            DoubleUnaryOperator spread,
            Observer observer) {
        Scale scale = new Scale(measured(), "", low, high);
        reads(
                trouble,
                expected,
                scale,
                value -> new Gaussian(scale, value, spread.applyAsDouble(value), observer.slips()));
    }

    /** Adds it as one that reads a setting, by somebody who may see there what they expect. */
    public <T> void reads(SettingTrouble<T> trouble, T expected, Answers answers, Function<T, Distribution> shown) {
        addReading(trouble.read(id, kind, task(), answers, expected, shown));
    }

    /** Adds it as one that reads a whole number where it is set, such as a baud rate. */
    public void readsWhole(SettingTrouble<Integer> trouble, Craft sound) {
        Scale scale = new Scale(measured(), "", 0, 3_000_000, 100, List.of());
        reads(
                trouble,
                sound.setting(trouble.setting()),
                scale,
                set -> new Gaussian(scale, set, 1 + 0.005 * set, Observer.READS.slips()));
    }

    /** What a number is of, as the catalogue says it. */
    public String measured() {
        return words.line("measure").plain();
    }

    /**
     * Adds it as one that reads a setting: its outcomes are the values that the setting can have, or those of the
     * catalogue.
     *
     * @param outcome which of the catalogue's outcomes a value is
     */
    public <T> void reads(SettingTrouble<T> trouble, Function<T, String> outcome, Observer observer) {
        reads(trouble, (asked, value) -> Categorical.expecting(asked, outcome.apply(value), observer.slips()));
    }

    /** Adds it as one that reads a setting, with what it shows of a value. */
    public <T> void reads(SettingTrouble<T> trouble, Shown<T> shown) {
        Choices asked = asked(words, outcomes);
        reads(trouble, asked, value -> shown.by(asked, value));
    }

    /** Adds it as one that reads a setting, with answers of another form. */
    public <T> void reads(SettingTrouble<T> trouble, Answers answers, Function<T, Distribution> shown) {
        addReading(trouble.read(id, kind, task(), answers, shown));
    }

    /** Adds it as one that reads a setting of a few values, each of them an outcome. */
    public <T> void reads(SettingTrouble<T> trouble) {
        addReading(trouble.read(id, kind, task(), words.line("ask")));
    }

    private void addReading(CraftCheck check) {
        list.add(check.taking(new Effort(minutes, 0)).needing(needs));
    }

    private Task task() {
        return new Task(said(one -> one.line("do")), said(one -> one.steps("do")));
    }

    /** Made once where it is the same for every craft. */
    private <T> Function<Craft, T> said(Function<Words, T> text) {
        Words said = words;
        if (gaps.isEmpty()) {
            T once = text.apply(said);
            return craft -> once;
        }
        Map<String, Function<Craft, Param>> open = Map.copyOf(gaps);
        return craft -> {
            Map<String, Param> params = new HashMap<>();
            open.forEach((name, param) -> params.put(name, param.apply(craft)));
            return text.apply(said.with(params));
        };
    }
}
