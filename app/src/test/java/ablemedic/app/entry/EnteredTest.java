package ablemedic.app.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ablemedic.Specialities;
import ablemedic.app.http.Refusal;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.NumberingSchool;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinSchool;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.electrics.Chemistry;
import ablemedic.electrics.Electrics;
import ablemedic.electrics.Layout;
import ablemedic.electrics.PackKind;
import ablemedic.electrics.Told;
import ablemedic.reading.Meter;
import ablemedic.reading.Written.UnreadableException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EnteredTest {
  private static final Scale OHMS = new Scale("resistance between the two points", "ohm", 0, 40e6, 0.3,
      List.of(new Outcome("ol", "OL"), new Outcome("climbing", "climbing")));
  private static final Scale VOLTS = new Scale("voltage from red to black", "V", -65, 65);

  private final Craft craft = wired();
  private final Book<Craft> book = Specialities.book(craft, Meter.USUAL);

  private static Craft wired() {
    Craft bare = CraftClass.INCH_5.sound(SpinSchool.INWARD, NumberingSchool.REAR_RIGHT_FIRST, Rotation.NONE);
    return bare.withElectrics(new Electrics(Layout.SEPARATE.sheet(List.of(0, 1, 2, 3), List.of("FR", "RR", "RL", "FL"), 110,
        new PackKind(4, Chemistry.LIPO, 1500, 4), List.of("receiver", "video")), Told.USUAL));
  }

  private Check<Craft> probe(String mode) {
    return book.check(mode + "~PLUG.+~PLUG.-").orElseThrow();
  }

  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
      "0.4|0.4", "12k|12000", "4k7|4700", "0R3|0.3", "1,2 M|1200000", "680 ohm|680", " 3.3 kohm |3300"})
  void aResistanceIsReadAsItIsWritten(String written, double ohms) {
    Entered entered = Entered.at(probe("ohms"), Map.of(), written);
    assertThat(((Measured) entered.reading()).value()).isCloseTo(ohms, within(1e-6 * ohms));
    assertThat(entered.written()).isEqualTo(written.strip());
  }

  @ParameterizedTest
  @CsvSource({"OL, ol", "o.l, ol", "open, ol", "climbing, climbing", "rises, climbing"})
  void aWordInPlaceOfANumberIsItsOwnAnswer(String written, String word) {
    assertThat(Entered.at(probe("ohms"), Map.of(), written).reading()).isEqualTo(Chosen.of(word));
  }

  @Test
  void aWordWhereOnlyANumberCanBeIsRefused() {
    assertThatThrownBy(() -> Entered.at(probe("volts"), Map.of(), "OL")).isInstanceOf(Refusal.class)
        .hasMessageContaining("no answer here");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "  "})
  void nothingWrittenIsRefusedWithWhatToWrite(String written) {
    assertThatThrownBy(() -> Entered.at(probe("ohms"), Map.of(), written)).isInstanceOf(Refusal.class)
        .hasMessageContaining("with its unit");
  }

  @ParameterizedTest
  @ValueSource(strings = {"twelve", "12 V", "1..2", "1e400", "--3", "NaN", "∞", "12 kg", "0x10"})
  void whatCannotBeReadIsRefusedWithAnExample(String written) {
    assertThatThrownBy(() -> Entered.at(probe("ohms"), Map.of(), written)).isInstanceOf(UnreadableException.class);
  }

  @Test
  void aNumberOutsideTheScaleIsRefusedWithItsBounds() {
    assertThatThrownBy(() -> Entered.at(probe("volts"), Map.of(), "70 V")).isInstanceOf(Refusal.class)
        .hasMessageContaining("lies between -65 V and 65 V");
    assertThatThrownBy(() -> Entered.at(probe("ohms"), Map.of(), "900 M")).isInstanceOf(Refusal.class)
        .hasMessageContaining("Above that your meter shows OL.");
    assertThatThrownBy(() -> Entered.at(probe("ohms"), Map.of(), "-1")).isInstanceOf(Refusal.class);
  }

  @Test
  void anOutcomeThatIsNotThereIsRefusedWithThoseThatAre() {
    Check<Craft> limiter = book.check("first-power").or(() -> book.checks().stream()
        .filter(c -> c.kind().equals("first-power")).findFirst()).orElseThrow();
    assertThat(Entered.at(limiter, Map.of("seen", "bright"), null).reading()).isEqualTo(Chosen.of("bright"));
    assertThatThrownBy(() -> Entered.at(limiter, Map.of("seen", "purple"), null)).isInstanceOf(Refusal.class)
        .hasMessageContaining("bright").extracting(e -> ((Refusal) e).where()).isEqualTo("outcomes.seen");
    assertThatThrownBy(() -> Entered.at(limiter, Map.of("heard", "bright"), null)).isInstanceOf(Refusal.class)
        .hasMessageContaining("no question");
  }

  @Test
  void theNumberToldBesideIsHeldToItsOwnScale() {
    Scale charge = new Scale("charge that the charger put back", "Ah", 0.02, 100);
    assertThat(Entered.told(charge, "980")).as("mAh is meant").isCloseTo(0.98, within(1e-12));
    assertThat(Entered.told(charge, "0.98 Ah")).isCloseTo(0.98, within(1e-12));
    for (String wrong : new String[] {null, "", "OL", "1 mAh", "5000 Ah"}) {
      assertThatThrownBy(() -> Entered.told(charge, wrong)).as("%s", wrong).isInstanceOf(Refusal.class);
    }
  }

  @ParameterizedTest
  @CsvSource({"0, 0 ohm", "0.04, 40 mohm", "0.35, 0.35 ohm", "4.7, 4.7 ohm", "680, 680 ohm", "4700, 4.7 k", "1200000, 1.2 M"})
  void aResistanceIsShownAsABenchSaysIt(double ohms, String shown) {
    assertThat(Units.shown(OHMS, ohms)).isEqualTo(shown);
  }

  @Test
  void whatIsShownCanBeWrittenBack() {
    for (double size = 0.02; size < 39e6; size *= 2.3) {
      String shown = Units.shown(OHMS, size);
      Entered entered = Entered.at(probe("ohms"), Map.of(), shown);
      assertThat(entered.value()).as(shown).isCloseTo(size, within(0.06 * size));
    }
    for (double volts = -60; volts < 60; volts += 1.37) {
      String shown = Units.shown(VOLTS, volts);
      assertThat(Entered.at(probe("volts"), Map.of(), shown).value()).as(shown).isCloseTo(volts, within(0.06));
    }
  }

  @Test
  void theExampleOfEveryScaleInTheBookCanBeWritten() {
    for (Check<Craft> check : book.checks()) {
      if (check.answers() instanceof Scale scale) {
        assertThat(Entered.at(check, Map.of(), Units.example(scale).split(",")[0]).value()).as(check.id()).isNotNull();
        assertThat(Expected.of(check, craft)).as(check.id()).contains(" ± ");
      }
    }
  }
}
