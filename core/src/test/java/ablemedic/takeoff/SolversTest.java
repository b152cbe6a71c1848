package ablemedic.takeoff;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.FrameShape;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.OutputOrder;
import ablemedic.craft.Rotation;
import ablemedic.craft.Spin;
import ablemedic.craft.SpinConvention;
import ablemedic.takeoff.BoardOrientation.Arrow;
import ablemedic.takeoff.BoardOrientation.Lie;
import ablemedic.takeoff.BoardOrientation.Motion;
import ablemedic.takeoff.BoardOrientation.Picture;
import ablemedic.takeoff.MotorMap.PropMove;
import ablemedic.takeoff.MotorMap.Seen;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SolversTest {
    private static List<List<Corner>> allWirings() {
        List<List<Corner>> all = new ArrayList<>();
        for (Corner a : Corner.ALL) {
            for (Corner b : Corner.ALL) {
                for (Corner c : Corner.ALL) {
                    for (Corner d : Corner.ALL) {
                        if (List.of(a, b, c, d).stream().distinct().count() == 4) {
                            all.add(List.of(a, b, c, d));
                        }
                    }
                }
            }
        }
        return all;
    }

    private static List<Seen> spun(List<Corner> wiring, int reversedBits, int howMany) {
        List<Seen> seen = new ArrayList<>();
        for (int output = 1; output <= howMany; output++) {
            Corner corner = wiring.get(output - 1);
            Spin right = SpinConvention.INWARD.at(corner);
            boolean reversed = (reversedBits >> corner.ordinal() & 1) == 1;
            seen.add(new Seen(output, Optional.of(corner), Optional.of(reversed ? right.reversed() : right)));
        }
        return seen;
    }

    @Test
    void anyWiringAndAnyReversalIsFoundFromWhatSpun() {
        assertThat(allWirings()).hasSize(24);
        for (List<Corner> wiring : allWirings()) {
            for (int bits = 0; bits < 16; bits++) {
                int reversedBits = bits;
                MotorMap.Solution solution = MotorMap.solve(spun(wiring, bits, 4), FrameShape.X, SpinConvention.INWARD);
                assertThat(solution.wiring()).contains(wiring);
                assertThat(solution.missing()).isEmpty();
                assertThat(solution.reverse())
                        .isEqualTo(Corner.ALL.stream()
                                .filter(c -> (reversedBits >> c.ordinal() & 1) == 1)
                                .toList());
                for (MotorNumbering convention : MotorNumbering.values()) {
                    OutputOrder order = solution.orders().get(convention);
                    for (int motor = 1; motor <= 4; motor++) {
                        assertThat(wiring.get(order.outputOf(motor) - 1)).isEqualTo(convention.corner(motor));
                    }
                }
            }
        }
    }

    @Test
    void aBoardOfOneNumberingSchoolUnderAFirmwareOfTheOtherNeedsARemap() {
        List<Corner> wired = List.of(1, 2, 3, 4).stream()
                .map(MotorNumbering.FRONT_RIGHT_FIRST::corner)
                .toList();
        assertThat(MotorMap.order(wired, MotorNumbering.REAR_RIGHT_FIRST)).hasToString("4-1-2-3");
        assertThat(MotorMap.order(wired, MotorNumbering.FRONT_RIGHT_FIRST)).isEqualTo(OutputOrder.AS_LABELLED);
    }

    @Test
    @OutsideCheck(
            kind = Kind.COMMON_PRACTICE,
            source = "the two motor numberings: rear-right first is RR FR RL FL, front-right first is FR RL FL RR")
    void twoSchoolsThatMetAreNamedWhicheverOfThemWasFlashed() {
        // By hand. Wired front-right first, counted rear-right first: motor 1 is meant for RR and turns FR, 2 for FR
        // turns RL,
        // 3 for RL turns FL, 4 for FL turns RR; in the order FR RR RL FL that is 3 1 4 2. The other way round it is its
        // inverse: FR is
        // meant by 1 and turns RR, RR by 4 turns FL, RL by 2 turns FR, FL by 3 turns RL: 2 4 1 3.
        for (String id : List.of("outputs-3142", "outputs-2413")) {
            for (MotorNumbering told : MotorNumbering.values()) {
                Craft craft = CraftClass.INCH_5.sound(SpinConvention.INWARD, told, Rotation.NONE);
                var fault = TakeOff.book().fault(id).orElseThrow();
                assertThat(fault.kind()).isEqualTo("outputs-of-other-school");
                assertThat(fault.describe(craft).plain()).contains("other motor numbering");
            }
        }
        Craft craft = CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        assertThat(TakeOff.book()
                        .fault("outputs-3142")
                        .orElseThrow()
                        .describe(craft)
                        .plain())
                .startsWith("Wired for the other");
        assertThat(TakeOff.book()
                        .fault("outputs-2413")
                        .orElseThrow()
                        .describe(craft)
                        .plain())
                .startsWith("Firmware set to the other");
    }

    @Test
    void oneOutputThatWasSeenToTurnBothWaysIsAContradiction() {
        var seen = List.of(
                new MotorMap.Seen(1, Optional.of(Corner.REAR_RIGHT), Optional.of(Spin.CLOCKWISE)),
                new MotorMap.Seen(1, Optional.of(Corner.REAR_RIGHT), Optional.of(Spin.COUNTER_CLOCKWISE)));
        assertThat(MotorMap.solve(seen, FrameShape.X, SpinConvention.INWARD)
                        .contradictions()
                        .get(0))
                .contains("both ways");
    }

    @Test
    void theFourthOutputFollowsFromTheOtherThree() {
        MotorMap.Solution solution =
                MotorMap.solve(spun(allWirings().get(7), 0, 3), FrameShape.X, SpinConvention.INWARD);
        assertThat(solution.wiring()).contains(allWirings().get(7));
        assertThat(solution.inferred()).containsExactly(4);
        assertThat(solution.missing()).singleElement().asString().contains("turns");
    }

    @Test
    void twoOutputsOnOneMotorAreNamedAndNothingElseIsSaid() {
        MotorMap.Solution solution = MotorMap.solve(
                List.of(
                        new Seen(1, Optional.of(Corner.REAR_LEFT), Optional.empty()),
                        new Seen(3, Optional.of(Corner.REAR_LEFT), Optional.empty())),
                FrameShape.X,
                SpinConvention.INWARD);
        assertThat(solution.contradictions())
                .singleElement()
                .asString()
                .contains("Outputs 1 and 3")
                .contains("rear-left");
        assertThat(solution.wiring()).isEmpty();
        assertThat(solution.orders()).isEmpty();
    }

    @Test
    void withLittleSeenItSaysWhatIsMissing() {
        MotorMap.Solution solution =
                MotorMap.solve(spun(allWirings().get(0), 0, 1), FrameShape.X, SpinConvention.INWARD);
        assertThat(solution.wiring()).isEmpty();
        assertThat(solution.missing()).hasSize(3);
    }

    @Test
    void propsOfTheWrongHandAreExchangedInPairs() {
        Map<Corner, Spin> hands = new EnumMap<>(Corner.class);
        Corner.ALL.forEach(c -> hands.put(c, SpinConvention.INWARD.at(c)));
        assertThat(MotorMap.propMoves(hands, SpinConvention.INWARD)).isEmpty();
        hands.put(Corner.FRONT_RIGHT, Spin.CLOCKWISE);
        assertThat(MotorMap.propMoves(hands, SpinConvention.INWARD))
                .as("no partner")
                .isEmpty();
        hands.put(Corner.FRONT_LEFT, Spin.COUNTER_CLOCKWISE);
        assertThat(MotorMap.propMoves(hands, SpinConvention.INWARD))
                .containsExactlyInAnyOrder(
                        new PropMove(Corner.FRONT_RIGHT, Corner.FRONT_LEFT),
                        new PropMove(Corner.FRONT_LEFT, Corner.FRONT_RIGHT));
    }

    @Test
    void anySeatUnderAnyAlignmentIsFoundFromAnyTwoMotions() {
        List<Motion> hands = List.of(Motion.RIGHT_DOWN, Motion.NOSE_DOWN, Motion.NOSE_RIGHT);
        for (Rotation mounted : Rotation.all()) {
            for (Rotation told : Rotation.all()) {
                Rotation misalignment = told.after(mounted.inverse());
                for (int leftOut = 0; leftOut < 3; leftOut++) {
                    Map<Motion, Motion> seen = new EnumMap<>(Motion.class);
                    for (int i = 0; i < 3; i++) {
                        if (i != leftOut) {
                            seen.put(hands.get(i), hands.get(i).through(misalignment));
                        }
                    }
                    assertThat(BoardOrientation.solve(seen, told).mounted()).contains(mounted);
                }
            }
        }
    }

    @Test
    void contradictionsOfTheHandAreNamed() {
        assertThat(BoardOrientation.solve(
                                Map.of(Motion.RIGHT_DOWN, Motion.NOSE_UP, Motion.NOSE_DOWN, Motion.NOSE_DOWN),
                                Rotation.NONE)
                        .contradictions())
                .singleElement()
                .asString()
                .contains("can't both show");
        assertThat(BoardOrientation.solve(
                                Map.of(
                                        Motion.RIGHT_DOWN,
                                        Motion.LEFT_DOWN,
                                        Motion.NOSE_UP,
                                        Motion.NOSE_UP,
                                        Motion.NOSE_RIGHT,
                                        Motion.NOSE_RIGHT),
                                Rotation.NONE)
                        .contradictions())
                .singleElement()
                .asString()
                .contains("mirror image");
        assertThat(BoardOrientation.solve(
                                Map.of(Motion.NOSE_UP, Motion.NOSE_UP, Motion.NOSE_DOWN, Motion.LEFT_DOWN),
                                Rotation.NONE)
                        .contradictions())
                .isNotEmpty();
        assertThat(BoardOrientation.solve(Map.of(), Rotation.NONE).missing()).isNotEmpty();
        assertThat(BoardOrientation.solve(Map.of(Motion.NOSE_UP, Motion.NOSE_UP), Rotation.NONE)
                        .missing())
                .singleElement()
                .asString()
                .contains("Nose up");
    }

    @Test
    void theArrowTellsTheSeat() {
        assertThat(Arrow.RIGHT.mounted(false).angles()).hasToString("roll 0°, pitch 0°, yaw 90°");
        assertThat(Arrow.FORWARD.mounted(true)).isEqualTo(Rotation.UPSIDE_DOWN);
        for (Arrow arrow : Arrow.values()) {
            assertThat(arrow.mounted(true).turn(new double[] {1, 0, 0}))
                    .as("the arrow points the same way face down")
                    .isEqualTo(arrow.mounted(false).turn(new double[] {1, 0, 0}));
        }
    }

    /**
     * Where a vector of the drawn craft points in space, by turning about axes in degrees: no code of the product's.
     */
    private static double[] inSpace(Rotation misalignment, double[] axis, double deg, double[] ofTheDrawnCraft) {
        double[] v = new double[3];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                // The board takes a vector of the craft for misalignment · v, so what it draws along its own axis j is
                // the row j.
                v[i] += misalignment.at(j, i) * ofTheDrawnCraft[j];
            }
        }
        double c = Math.cos(Math.toRadians(deg));
        double s = Math.sin(Math.toRadians(deg));
        double dot = v[0] * axis[0] + v[1] * axis[1] + v[2] * axis[2];
        double[] cross = {
            axis[1] * v[2] - axis[2] * v[1], axis[2] * v[0] - axis[0] * v[2], axis[0] * v[1] - axis[1] * v[0]
        };
        double[] turned = new double[3];
        for (int i = 0; i < 3; i++) {
            turned[i] = v[i] * c + cross[i] * s + axis[i] * dot * (1 - c);
        }
        return turned;
    }

    @Test
    void aDrawnCraftOfABoardThatLiesFaceDownTiltsRightAndLiesOnItsBack() {
        // By hand: roll 180 leaves the nose where it is and turns the right side to the left. Tipped nose down by ten
        // degrees
        // (about right, minus ten), the drawn nose points down in space (z down); tipped right, what is drawn on the
        // viewer's right,
        // the drawn left side, goes down; turned right, the nose goes right. It lies on its back: its own down points
        // up.
        Rotation faceDown = Rotation.UPSIDE_DOWN;
        double[] forward = {1, 0, 0};
        double[] right = {0, 1, 0};
        double[] down = {0, 0, 1};
        assertThat(inSpace(faceDown, right, -10, forward)[2])
                .as("the nose goes down")
                .isPositive();
        assertThat(inSpace(faceDown, forward, 10, new double[] {0, -1, 0})[2])
                .as("what is on the right goes down")
                .isPositive();
        assertThat(inSpace(faceDown, down, 10, forward)[1])
                .as("the nose goes right")
                .isPositive();
        assertThat(inSpace(faceDown, down, 0, down)[2]).as("on its back").isNegative();
        for (Motion hand : List.of(Motion.RIGHT_DOWN, Motion.NOSE_DOWN, Motion.NOSE_RIGHT)) {
            assertThat(Picture.ATTITUDE.shows(hand, faceDown)).isEqualTo(hand);
        }
        assertThat(Lie.of(faceDown)).isEqualTo(Lie.OVER);
        assertThat(Picture.RATES.shows(Motion.NOSE_DOWN, faceDown))
                .as("bars feel pitch reversed")
                .isEqualTo(Motion.NOSE_UP);
        assertThat(Picture.RATES.shows(Motion.NOSE_RIGHT, faceDown)).isEqualTo(Motion.NOSE_LEFT);
    }

    @Test
    void everySeatIsFoundFromADrawnCraftOnceItIsSaidHowItLies() {
        List<Motion> hands = List.of(Motion.RIGHT_DOWN, Motion.NOSE_DOWN, Motion.NOSE_RIGHT);
        for (Rotation turn : Rotation.all()) {
            Map<Motion, Motion> seen = new EnumMap<>(Motion.class);
            hands.forEach(hand -> seen.put(hand, Picture.ATTITUDE.shows(hand, turn)));
            if (turn.at(0, 2) == 0) {
                BoardOrientation.Solution found =
                        BoardOrientation.solve(seen, Optional.of(Lie.of(turn)), Rotation.NONE);
                assertThat(found.misalignment()).contains(turn);
                assertThat(BoardOrientation.solve(seen, Optional.empty(), Rotation.NONE)
                                .missing()
                                .get(0))
                        .contains("lies flat");
            }
        }
        assertThat(BoardOrientation.solve(
                                Map.of(Motion.NOSE_DOWN, Motion.NOSE_UP, Motion.RIGHT_DOWN, Motion.RIGHT_DOWN),
                                Optional.empty(),
                                Rotation.NONE)
                        .contradictions())
                .isNotEmpty();
    }
}
