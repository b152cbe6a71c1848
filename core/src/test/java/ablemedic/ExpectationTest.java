package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Craft;
import ablemedic.craft.Rotation;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Check;
import ablemedic.reading.Meter;
import ablemedic.requirement.Expectation;
import ablemedic.requirement.Expectation.Gives;
import ablemedic.requirement.Expectation.Waits;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.requirement.Severity;
import ablemedic.serial.SerialCrafts;
import ablemedic.setup.SetUp;
import ablemedic.setup.SetUpOccasion;
import ablemedic.speciality.Complaint;
import ablemedic.speciality.RoutineSchool;
import ablemedic.video.VideoCrafts;
import java.nio.charset.StandardCharsets;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** No set-up, proof or routine of any craft expects an answer that tells of a hazard or a failure. */
class ExpectationTest {
  /** Kinds of checks that have named outcomes and none that is forbidden, each with the reason. */
  private static final Map<String, String> FREE = Map.of("board-arrow", "an FC may be mounted any way, if it is configured so", "shown-cells", "any number of cells is flown", "told", "what an owner tells is no step");

  static Map<String, Check<Craft>> checks(Craft craft) {
    Map<String, Check<Craft>> all = new LinkedHashMap<>();
    for (SetUpOccasion occasion : SetUpOccasion.values()) {
      SetUp.of(Specialities.book(craft, Meter.USUAL), occasion).steps().forEach(made -> all.put(made.check().id(), made.check()));
    }
    for (Complaint complaint : Specialities.complaints(craft, Meter.USUAL)) {
      complaint.proof().forEach(check -> all.put(check.id(), check));
    }
    Specialities.prePowerRoutine(craft, Meter.USUAL, RoutineSchool.FULL).forEach(check -> all.put(check.id(), check));
    return all;
  }

  @Test
  void everyKindOfCheckThatIsExpectedAnywhereHasWhatMayNotBeExpectedOfIt() throws IOException {
    Set<String> known = new String(Expectation.class.getResourceAsStream("forbidden.csv").readAllBytes(), StandardCharsets.UTF_8).lines().skip(1).map(line -> line.split(";")[0]).collect(Collectors.toSet());
    Set<String> missing = new TreeSet<>();
    for (Craft craft : Stream.concat(SerialCrafts.all().stream(), VideoCrafts.all().stream()).toList()) {
      checks(craft).values().stream().filter(check -> !(check.answers() instanceof Scale)).map(Check::kind).filter(kind -> !known.contains(kind) && !FREE.containsKey(kind) && !kind.startsWith("bar-")).forEach(missing::add);
    }
    assertThat(missing).isEmpty();
  }

  @Test
  void onCraftWithOneSettingWrongNothingBadIsExpected() {
    nothingBadIsExpected(Stream.of(VideoCrafts.digital()).flatMap(craft -> RequiredTest.singly(craft).stream()).toList());
  }

  @Test
  void onCraftWithTwoSettingsWrongNothingBadIsExpected() {
    Random random = new Random(27);
    List<Craft> pairs = new ArrayList<>();
    for (Craft craft : List.of(SerialCrafts.shared(), SerialCrafts.modem())) {
      List<Craft> singly = RequiredTest.singly(craft);
      for (int i = 0; i < 25; i++) {
        Craft one = singly.get(random.nextInt(singly.size()));
        Craft other = singly.get(random.nextInt(singly.size()));
        pairs.add(one.with(one.told().taking(setting -> !other.told().get(setting).equals(craft.told(setting)), other.told())));
      }
    }
    nothingBadIsExpected(pairs);
  }

  private static void nothingBadIsExpected(List<Craft> records) {
    Map<Craft, Map<String, Check<Craft>>> steps = new HashMap<>();
    for (Craft record : records) {
      Required required = Specialities.required(Recorded.of(record));
      for (Check<Craft> check : steps.computeIfAbsent(required.craft(), ExpectationTest::checks).values()) {
        if (Expectation.of(check, required) instanceof Gives gives) {
          assertThat(forbidden(check, gives.craft())).as(() -> check.id() + " of a craft with " + record.told()).isFalse();
        }
      }
    }
  }

  /** By the test's own reading of an outlook. */
  private static boolean forbidden(Check<Craft> check, Craft craft) {
    return Expectation.forbidden(check, Sound.reading(check.outlook(craft))).isPresent();
  }

  @Test
  void whatDependsOnAConflictWaitsForItAndNothingElseDoes() {
    Craft craft = SerialCrafts.shared().withMounted(Rotation.UPSIDE_DOWN);
    Required required = Specialities.required(Recorded.of(craft));
    Map<String, Check<Craft>> steps = checks(required.craft());
    for (String waiting : List.of("tilts", "flat", "hover")) {
      assertThat(Expectation.of(steps.get(waiting), required)).as(waiting).isInstanceOfSatisfying(Waits.class, waits -> assertThat(waits.on()).singleElement()
          .satisfies(one -> assertThat(one.severity()).isEqualTo(Severity.HAZARD)));
    }
    for (String free : List.of("motors", "sticks", "props", "telemetry-shown", "radio-off")) {
      assertThat(Expectation.of(steps.get(free), required)).as(free).isInstanceOf(Gives.class);
    }
  }
}
