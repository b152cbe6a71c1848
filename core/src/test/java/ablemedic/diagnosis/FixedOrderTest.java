package ablemedic.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.craft.Craft;
import ablemedic.Specialities;
import ablemedic.takeoff.TakeOff;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FixedOrderTest {
  private static final Craft SOUND = Specialities.anyCraft();
  private static final Book<Craft> BOOK = TakeOff.book();

  private static List<Check<Craft>> planned() {
    return BOOK.checks().stream().filter(Check::planned).toList();
  }

  /** By hand: the checks one after the other, until the first whose outlook on the faulty craft is another one. */
  @Test
  void theMinutesEndWithTheFirstCheckThatShowsTheFault() {
    int shown = 0;
    for (Fault<Craft> fault : BOOK.faults()) {
      double minutes = 0;
      Optional<Double> byHand = Optional.empty();
      for (Check<Craft> check : planned()) {
        minutes += check.minutes();
        if (!Proof.expected(check, fault.applyTo(SOUND)).equals(Proof.expected(check, SOUND))) {
          byHand = Optional.of(minutes);
          break;
        }
      }
      assertThat(FixedOrder.minutes(BOOK.checks(), SOUND, fault)).as(fault.id()).isEqualTo(byHand);
      shown += byHand.isPresent() ? 1 : 0;
    }
    assertThat(shown).isGreaterThan(BOOK.faults().size() / 2);
  }

  @Test
  void whatIsPutLaterInTheOrderCostsMore() {
    Fault<Craft> fault = BOOK.fault("prop-hand-front-left").orElseThrow();
    List<Check<Craft>> order = planned();
    List<Check<Craft>> other = new ArrayList<>(order);
    Collections.reverse(other);
    double both = FixedOrder.minutes(order, SOUND, fault).orElseThrow() + FixedOrder.minutes(other, SOUND, fault).orElseThrow();
    assertThat(both).as("found from both ends, what lies between the first and the last that show it is left out").isLessThanOrEqualTo(
        order.stream().mapToDouble(Check::minutes).sum() + order.stream().mapToDouble(Check::minutes).max().orElseThrow());
    assertThat(FixedOrder.minutes(List.of(), SOUND, fault)).isEmpty();
  }

  @Test
  void onlyTheChecksBeforeTheLastFixCount() {
    Fault<Craft> fault = BOOK.fault("prop-hand-front-left").orElseThrow();
    Check<Craft> look = BOOK.check("prop-front-left").orElseThrow();
    Case<Craft> opened = new Case<>(SOUND, Occasion.PART_SWAP, List.of(), List.of());
    assertThat(FixedOrder.took(opened)).isZero();
    Case<Craft> looked = opened.with(look, Chosen.of("ccw"), Sureness.SURE);
    Case<Craft> proven = looked.withRepair(fault, fault.fixes(SOUND).get(0)).with(look, Chosen.of("cw"), Sureness.SURE);
    assertThat(FixedOrder.took(looked)).isCloseTo(look.minutes(), within(1e-9));
    assertThat(FixedOrder.took(proven)).as("the proof is no search").isCloseTo(look.minutes(), within(1e-9));
  }
}
