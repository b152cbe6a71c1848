package ablemedic.family;

import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Joint;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Checks of one kind that are made one after the other, such as each motor in turn, as one check with a question for
 * each. It may be broken off: a reading answers as many as were made.
 */
public final class InOneGo implements Place.Placed {
    private final Words words;
    private final Function<Craft, Words> ofCraft;
    private final List<CraftCheck> parts;
    private final double minutes;
    private final Mixed answers;
    private final Facet<Craft, List<Object>> facet;

    /**
     * @param words its entry, whose id it has
     * @param asked the question of each part, in their order
     * @param parts each with one question of named outcomes; all of one kind, with the same needs
     * @param minutes for all of them
     */
    public InOneGo(Words words, List<Text> asked, List<CraftCheck> parts, double minutes) {
        this(words, craft -> words, asked, parts, minutes);
    }

    /** @param ofCraft its entry with the gaps filled that depend on the craft */
    public InOneGo(
            Words words, Function<Craft, Words> ofCraft, List<Text> asked, List<CraftCheck> parts, double minutes) {
        this.words = words;
        this.ofCraft = ofCraft;
        this.parts = List.copyOf(parts);
        this.minutes = minutes;
        this.answers = new Mixed(IntStream.range(0, parts.size())
                .mapToObj(i -> Item.of(
                        parts.get(i).id(),
                        asked.get(i),
                        ((Choices) parts.get(i).answers()).questions().get(0).outcomes()))
                .toList());
        this.facet = Facet.of(words.id(), craft -> this.parts.stream()
                .map(part -> (Object) part.reads().of(craft))
                .toList());
    }

    @Override
    public String id() {
        return words.id();
    }

    @Override
    public String kind() {
        return parts.get(0).kind();
    }

    @Override
    public Text title(Craft sound) {
        return words.line("do");
    }

    @Override
    public List<Text> steps(Craft sound) {
        return ofCraft.apply(sound).steps("do");
    }

    @Override
    public Answers answers() {
        return answers;
    }

    @Override
    public Distribution outlook(Craft craft) {
        return Joint.of(
                answers,
                IntStream.range(0, parts.size())
                        .mapToObj(i -> (Distribution) new Categorical(
                                (Choices) answers.items().get(i).form(),
                                ((Categorical) parts.get(i).outlook(craft)).ways()))
                        .toArray(Distribution[]::new));
    }

    @Override
    public Facet<Craft, ?> reads() {
        return facet;
    }

    @Override
    public double minutes() {
        return minutes;
    }

    @Override
    public double risk() {
        return parts.get(0).risk();
    }

    @Override
    public BenchNeeds needs() {
        return parts.get(0).needs();
    }

    @Override
    public Place place() {
        return Place.NOWHERE;
    }

    /** The parts as checks of their own, made out of turn. */
    public List<CraftCheck> parts() {
        return parts.stream().map(CraftCheck::unplanned).toList();
    }
}
