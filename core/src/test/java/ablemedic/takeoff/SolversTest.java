package ablemedic.takeoff;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Corner;
import ablemedic.craft.FrameShape;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.OutputOrder;
import ablemedic.craft.Rotation;
import ablemedic.craft.Spin;
import ablemedic.craft.SpinSchool;
import ablemedic.takeoff.BoardOrientation.Arrow;
import ablemedic.takeoff.BoardOrientation.Motion;
import ablemedic.takeoff.MotorMap.PropMove;
import ablemedic.takeoff.MotorMap.Seen;
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
      Spin right = SpinSchool.INWARD.at(corner);
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
        MotorMap.Solution solution = MotorMap.solve(spun(wiring, bits, 4), FrameShape.X, SpinSchool.INWARD);
        assertThat(solution.wiring()).contains(wiring);
        assertThat(solution.missing()).isEmpty();
        assertThat(solution.reverse()).isEqualTo(
            Corner.ALL.stream().filter(c -> (reversedBits >> c.ordinal() & 1) == 1).toList());
        for (NumberingSchool school : NumberingSchool.values()) {
          OutputOrder order = solution.orders().get(school);
          for (int motor = 1; motor <= 4; motor++) {
            assertThat(wiring.get(order.outputOf(motor) - 1)).isEqualTo(school.corner(motor));
          }
        }
      }
    }
  }

  @Test
  void aBoardOfOneNumberingSchoolUnderAFirmwareOfTheOtherNeedsARemap() {
    List<Corner> wired = List.of(1, 2, 3, 4).stream().map(NumberingSchool.FRONT_RIGHT_FIRST::corner).toList();
    assertThat(MotorMap.order(wired, NumberingSchool.REAR_RIGHT_FIRST)).hasToString("4-1-2-3");
    assertThat(MotorMap.order(wired, NumberingSchool.FRONT_RIGHT_FIRST)).isEqualTo(OutputOrder.AS_LABELLED);
  }

  @Test
  void theFourthOutputFollowsFromTheOtherThree() {
    MotorMap.Solution solution =
        MotorMap.solve(spun(allWirings().get(7), 0, 3), FrameShape.X, SpinSchool.INWARD);
    assertThat(solution.wiring()).contains(allWirings().get(7));
    assertThat(solution.inferred()).containsExactly(4);
    assertThat(solution.missing()).singleElement().asString().contains("turns");
  }

  @Test
  void twoOutputsOnOneMotorAreNamedAndNothingElseIsSaid() {
    MotorMap.Solution solution = MotorMap.solve(List.of(
        new Seen(1, Optional.of(Corner.REAR_LEFT), Optional.empty()),
        new Seen(3, Optional.of(Corner.REAR_LEFT), Optional.empty())), FrameShape.X, SpinSchool.INWARD);
    assertThat(solution.contradictions()).singleElement().asString()
        .contains("Outputs 1 and 3").contains("rear-left");
    assertThat(solution.wiring()).isEmpty();
    assertThat(solution.orders()).isEmpty();
  }

  @Test
  void withLittleSeenItSaysWhatIsMissing() {
    MotorMap.Solution solution = MotorMap.solve(spun(allWirings().get(0), 0, 1), FrameShape.X, SpinSchool.INWARD);
    assertThat(solution.wiring()).isEmpty();
    assertThat(solution.missing()).hasSize(3);
  }

  @Test
  void propsOfTheWrongHandAreExchangedInPairs() {
    Map<Corner, Spin> hands = new EnumMap<>(Corner.class);
    Corner.ALL.forEach(c -> hands.put(c, SpinSchool.INWARD.at(c)));
    assertThat(MotorMap.propMoves(hands, SpinSchool.INWARD)).isEmpty();
    hands.put(Corner.FRONT_RIGHT, Spin.CLOCKWISE);
    assertThat(MotorMap.propMoves(hands, SpinSchool.INWARD)).as("no partner").isEmpty();
    hands.put(Corner.FRONT_LEFT, Spin.COUNTER_CLOCKWISE);
    assertThat(MotorMap.propMoves(hands, SpinSchool.INWARD)).containsExactlyInAnyOrder(
        new PropMove(Corner.FRONT_RIGHT, Corner.FRONT_LEFT), new PropMove(Corner.FRONT_LEFT, Corner.FRONT_RIGHT));
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
    assertThat(BoardOrientation.solve(Map.of(Motion.RIGHT_DOWN, Motion.NOSE_UP, Motion.NOSE_DOWN, Motion.NOSE_DOWN),
        Rotation.NONE).contradictions()).singleElement().asString().contains("cannot both show");
    assertThat(BoardOrientation.solve(Map.of(Motion.RIGHT_DOWN, Motion.LEFT_DOWN, Motion.NOSE_UP, Motion.NOSE_UP,
        Motion.NOSE_RIGHT, Motion.NOSE_RIGHT), Rotation.NONE).contradictions())
        .singleElement().asString().contains("mirror image");
    assertThat(BoardOrientation.solve(Map.of(Motion.NOSE_UP, Motion.NOSE_UP, Motion.NOSE_DOWN, Motion.LEFT_DOWN),
        Rotation.NONE).contradictions()).isNotEmpty();
    assertThat(BoardOrientation.solve(Map.of(), Rotation.NONE).missing()).isNotEmpty();
    assertThat(BoardOrientation.solve(Map.of(Motion.NOSE_UP, Motion.NOSE_UP), Rotation.NONE).missing())
        .singleElement().asString().contains("nose up");
  }

  @Test
  void theArrowTellsTheSeat() {
    assertThat(Arrow.RIGHT.mounted(false).angles()).hasToString("roll 0°, pitch 0°, yaw 90°");
    assertThat(Arrow.FORWARD.mounted(true)).isEqualTo(Rotation.UPSIDE_DOWN);
    for (Arrow arrow : Arrow.values()) {
      assertThat(arrow.mounted(true).turn(new double[] {1, 0, 0}))
          .as("the arrow points the same way face down").isEqualTo(arrow.mounted(false).turn(new double[] {1, 0, 0}));
    }
  }
}
