package ablemedic.takeoff;

import ablemedic.catalogue.Names;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Categorical.Way;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Reading;
import ablemedic.family.CheckBuilder;
import ablemedic.family.Place;
import ablemedic.takeoff.Sight.Edge;
import ablemedic.takeoff.Sight.Manner;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What was seen of the take-off that led to the complaint. One take-off answers several questions at once, so they are
 * predicted together: an ensemble of starts from the linear motion, each with its edge, turn and manner, seen through
 * an onlooker who errs.
 */
final class TakeOffSeen implements Place.Placed {
    static final String ID = "take-off";
    static final String MANNER_QUESTION = "manner";

    /** Chance that an onlooker names the right manner, edge, turn and moment. Common practice, no source. */
    private static final double MANNER = 0.85;

    private static final double EDGE = 0.66;
    private static final double NEXT_EDGE = 0.13;
    private static final double NO_EDGE = 0.8;
    private static final double TURN = 0.8;
    private static final double MOMENT = 0.75;
    private static final double SAME_WAY_AT_BEST = 0.9;

    static final String NO_EDGE_ID = "none";
    private static final String EDGE_QUESTION = "edge";
    /** What is seen of a craft that takes off well. */
    static final Reading FINE = new Reading.Chosen(Map.of(MANNER_QUESTION, id(Manner.FLIES)));

    private static final Words WORDS = TakeOffWords.WORDS.check(ID);

    static final Choices ANSWERS = new Choices(List.of(
            question(MANNER_QUESTION, named("manner")),
            question(EDGE_QUESTION, edges()),
            question("spin", named("turn")),
            question("onset", CheckBuilder.named(WORDS, List.of("at-once", "later"))),
            question("repeat", CheckBuilder.named(WORDS, List.of("same", "different")))));

    private static Question question(String id, List<Outcome> outcomes) {
        return new Question(id, WORDS.line(id), outcomes);
    }

    private static List<Outcome> named(String entry) {
        Words names = TakeOffWords.WORDS.name(entry);
        return CheckBuilder.named(names, names.outcomes());
    }

    private static List<Outcome> edges() {
        return Stream.concat(named("edge").stream(), CheckBuilder.named(WORDS, List.of(NO_EDGE_ID)).stream())
                .toList();
    }

    static String id(Enum<?> value) {
        return Names.id(value);
    }

    @Override
    public String id() {
        return ID;
    }

    @Override
    public Place place() {
        return new Place.Edges(EDGE_QUESTION);
    }

    @Override
    public String kind() {
        return ID;
    }

    @Override
    public Text title(Craft sound) {
        return WORDS.line("do");
    }

    @Override
    public List<Text> steps(Craft sound) {
        return WORDS.steps("do");
    }

    @Override
    public Answers answers() {
        return ANSWERS;
    }

    @Override
    public Facet<Craft, ?> reads() {
        return Sightings.FLIGHT;
    }

    @Override
    public Distribution outlook(Craft craft) {
        return outlook(Sightings.FLIGHT.of(craft));
    }

    static Distribution outlook(Sightings.Flying flown) {
        List<Sight> sights = Sightings.of(flown);
        double[] repeat = repeat(sights);
        Map<Sight, Integer> counts = new LinkedHashMap<>();
        sights.forEach(sight -> counts.merge(sight, 1, Integer::sum));
        List<Way> ways = new ArrayList<>();
        counts.forEach((sight, count) -> ways.add(new Way((double) count / sights.size(), new double[][] {
            named(Manner.values().length, sight.manner().ordinal(), MANNER),
            edge(sight),
            named(3, sight.spin().ordinal(), TURN),
            named(2, sight.atOnce() ? 0 : 1, MOMENT),
            repeat
        })));
        return new Categorical(ANSWERS, ways);
    }

    /** "The same way each time" is the chance that two take-offs go over within an eighth of a turn of each other. */
    private static double[] repeat(List<Sight> sights) {
        int pairs = 0;
        int alike = 0;
        for (int i = 0; i < sights.size(); i++) {
            for (int j = i + 1; j < sights.size(); j++) {
                pairs++;
                if (alike(sights.get(i), sights.get(j))) {
                    alike++;
                }
            }
        }
        double same = (1 - SAME_WAY_AT_BEST) + (2 * SAME_WAY_AT_BEST - 1) * alike / pairs;
        return new double[] {same, 1 - same};
    }

    private static boolean alike(Sight a, Sight b) {
        if (a.edge().isPresent() && b.edge().isPresent()) {
            return a.edge().get().apart(b.edge().get()) <= 1;
        }
        return a.edge().isEmpty() && b.edge().isEmpty() && a.spin() == b.spin();
    }

    private static double[] edge(Sight sight) {
        double[] p = new double[9];
        if (sight.edge().isEmpty()) {
            Arrays.fill(p, (1 - NO_EDGE) / 8);
            p[8] = NO_EDGE;
            return p;
        }
        Arrays.fill(p, (1 - EDGE - 2 * NEXT_EDGE) / 6);
        for (Edge edge : Edge.values()) {
            int apart = edge.apart(sight.edge().get());
            if (apart <= 1) {
                p[edge.ordinal()] = apart == 0 ? EDGE : NEXT_EDGE;
            }
        }
        return p;
    }

    private static double[] named(int count, int right, double sure) {
        double[] p = new double[count];
        Arrays.fill(p, (1 - sure) / (count - 1));
        p[right] = sure;
        return p;
    }

    @Override
    public double minutes() {
        return 1;
    }

    @Override
    public double risk() {
        return 0;
    }

    @Override
    public BenchNeeds needs() {
        return BenchNeeds.NOTHING;
    }

    @Override
    public boolean explores() {
        return false;
    }
}
