package ablemedic.takeoff;

import ablemedic.craft.Craft;
import ablemedic.craft.Rotation;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Item;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Question;
import ablemedic.diagnosis.BenchNeeds;
import ablemedic.diagnosis.Categorical;
import ablemedic.diagnosis.Distribution;
import ablemedic.diagnosis.Facet;
import ablemedic.diagnosis.Joint;
import ablemedic.diagnosis.Joint.Branch;
import ablemedic.diagnosis.Prediction;
import ablemedic.family.CraftCheck;
import ablemedic.takeoff.BoardOrientation.Motion;
import ablemedic.takeoff.BoardOrientation.Picture;
import java.util.ArrayList;
import java.util.Arrays;
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

    private static final Item PICTURE = Item.of(
            "picture",
            "Which picture is it?",
            Arrays.stream(Picture.values())
                    .map(p -> new Outcome(TakeOffSeen.id(p), p.label()))
                    .toList());
    private static final Mixed ANSWERS = asked();

    private HandTilts() {}

    private static Mixed asked() {
        List<Item> items = new ArrayList<>(List.of(PICTURE));
        MOTIONS.forEach((id, motion) -> items.add(new Item(id, answers(id, motion.label()))));
        return new Mixed(items);
    }

    private static Choices answers(String id, String text) {
        return new Choices(List.of(new Question(
                id,
                text,
                Arrays.stream(Motion.values())
                        .map(m -> new Outcome(TakeOffSeen.id(m), m.label()))
                        .toList())));
    }

    /** What a picture can do, as the answers to one question. */
    static Choices answers(String id) {
        return answers(id, "What does the picture do?");
    }

    /** What one kind of picture shows of one motion. */
    static Categorical shown(Choices answers, Motion hand, Rotation misalignment, Picture picture) {
        return Categorical.expecting(answers, TakeOffSeen.id(picture.shows(hand, misalignment)), MISREAD);
    }

    /** The check of all three, in the order of its questions. */
    static CraftCheck check(String id) {
        return new CraftCheck(
                id,
                "hand-tilt",
                c -> "Tip it right, tip its nose, turn it, and watch the picture",
                c ->
                        "Hold the craft over the table with its nose away from you, the computer's picture in view. Make the motions one after the "
                                + "other, from level each time. Say what the picture does, not what it should do. Break off once you have seen enough.",
                ANSWERS,
                Prediction.from(
                        MISALIGNMENT,
                        turn -> new Joint(
                                ANSWERS,
                                List.of(
                                        branch(turn, Picture.ATTITUDE, 1 - RATES_SHARE),
                                        branch(turn, Picture.RATES, RATES_SHARE)))),
                0.9,
                0,
                BenchNeeds.COMPUTER,
                true);
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
