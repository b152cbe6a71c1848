package ablemedic.takeoff;

import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.craft.Craft;
import ablemedic.craft.Rotation;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Joint;
import ablemedic.diagnosis.Joint.Branch;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CheckBuilder;
import ablemedic.takeoff.BoardOrientation.Motion;
import ablemedic.takeoff.BoardOrientation.Picture;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The craft is tipped and turned by hand, three motions one after the other, while somebody watches what the computer
 * shows. Which kind of picture that is belongs to the answer, since the kinds differ for a board that lies face down.
 */
final class HandTilts {
    /** The three motions, one about each axis, by the ids of their questions. */
    static final Map<String, Motion> MOTIONS = new LinkedHashMap<>();

    static {
        MOTIONS.put("tilt-right", Motion.RIGHT_DOWN);
        MOTIONS.put("tilt-nose", Motion.NOSE_DOWN);
        MOTIONS.put("turn-right", Motion.NOSE_RIGHT);
    }

    static final Facet<Craft, Rotation> MISALIGNMENT = Facet.of("misalignment", Craft::misalignment);
    /** How many look at bars or curves and not at a drawn craft. From memory. */
    static final double RATES_SHARE = 0.3;

    private static final double MISREAD = 0.05;
    private static final double WRONG_KIND = 0.02;

    private static final Words WORDS = TakeOffChecks.words(TakeOffChecks.TILTS);
    private static final Item PICTURE = new Item("picture", picture());
    private static final Mixed ANSWERS = asked();

    private HandTilts() {}

    private static Choices picture() {
        Words names = TakeOffWords.WORDS.name("picture");
        return new Choices(
                List.of(new Question("picture", WORDS.line("ask"), CheckBuilder.named(names, names.outcomes()))));
    }

    private static Mixed asked() {
        List<Item> items = new ArrayList<>(List.of(PICTURE));
        MOTIONS.forEach((id, motion) -> items.add(new Item(id, answers(id, Text.written(motion.label())))));
        return new Mixed(items);
    }

    /** What a picture can do, as the answers to one question. */
    static Choices answers(String id, Text text) {
        Words names = TakeOffWords.WORDS.name("motion");
        return new Choices(List.of(new Question(id, text, CheckBuilder.named(names, names.outcomes()))));
    }

    /** What one kind of picture shows of one motion. */
    static Categorical shown(Choices answers, Motion hand, Rotation misalignment, Picture picture) {
        return Categorical.expecting(answers, TakeOffSeen.id(picture.shows(hand, misalignment)), MISREAD);
    }

    /** The check of all three, in the order of its questions. */
    static CheckBuilder ask(CheckBuilder tilts) {
        return tilts.kind("hand-tilt")
                .shows(
                        words -> ANSWERS,
                        asked -> Prediction.from(
                                MISALIGNMENT,
                                turn -> new Joint(
                                        asked,
                                        List.of(
                                                branch(turn, Picture.ATTITUDE, 1 - RATES_SHARE),
                                                branch(turn, Picture.RATES, RATES_SHARE)))))
                .needs(BenchNeeds.COMPUTER)
                .minutes(0.9);
    }

    private static Branch branch(Rotation turn, Picture picture, double share) {
        List<Distribution> parts = new ArrayList<>();
        for (Item item : ANSWERS.items()) {
            Choices form = (Choices) item.form();
            parts.add(
                    item == PICTURE
                            ? Categorical.expecting(form, TakeOffSeen.id(picture), WRONG_KIND)
                            : shown(form, MOTIONS.get(item.id()), turn, picture));
        }
        return new Branch(share, parts);
    }
}
