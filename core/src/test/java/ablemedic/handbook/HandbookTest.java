package ablemedic.handbook;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.Specialities;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.handbook.Handbook.Chapter;
import ablemedic.handbook.Handbook.Page;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class HandbookTest {
  private static java.util.Set<String> ids(Chapter chapter) {
    return Handbook.shipped().pages().stream().filter(p -> p.chapter() == chapter).map(Page::id)
        .collect(Collectors.toSet());
  }

  @Test
  void everySortOfFaultHasAPageAndEveryPageAFault() {
    assertThat(ids(Chapter.FAULTS)).isEqualTo(
        Specialities.book(ablemedic.craft.CraftClass.INCH_5.sound(ablemedic.craft.SpinSchool.INWARD, ablemedic.craft.NumberingSchool.REAR_RIGHT_FIRST, ablemedic.craft.Rotation.NONE), ablemedic.reading.Meter.USUAL).faults().stream().map(Fault::kind).collect(Collectors.toSet()));
  }

  @Test
  void everySortOfCheckHasAPageAndEveryPageACheck() {
    assertThat(ids(Chapter.CHECKS)).isEqualTo(
        Specialities.book(ablemedic.craft.CraftClass.INCH_5.sound(ablemedic.craft.SpinSchool.INWARD, ablemedic.craft.NumberingSchool.REAR_RIGHT_FIRST, ablemedic.craft.Rotation.NONE), ablemedic.reading.Meter.USUAL).checks().stream().map(Check::kind).collect(Collectors.toSet()));
  }

  @Test
  void everyPageHasATitleAndSomethingToSay() {
    assertThat(Handbook.shipped().pages()).allSatisfy(page -> {
      assertThat(page.title()).isNotBlank();
      assertThat(page.paragraphs()).isNotEmpty().allSatisfy(p -> assertThat(p).isNotBlank());
    });
  }
}
