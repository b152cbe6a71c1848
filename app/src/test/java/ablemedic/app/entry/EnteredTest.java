package ablemedic.app.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ablemedic.Families;
import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Text;
import ablemedic.craft.Craft;
import ablemedic.craft.CraftClass;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Rotation;
import ablemedic.craft.SpinConvention;
import ablemedic.diagnosis.Answers.Outcome;
import ablemedic.diagnosis.Answers.Scale;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Measured;
import ablemedic.diagnosis.Reading.Several;
import ablemedic.parts.WiringLayout;
import ablemedic.reading.Meter;
import ablemedic.wiring.BatteryType;
import ablemedic.wiring.Chemistry;
import ablemedic.wiring.Electrics;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EnteredTest {
    private static final Scale OHMS = new Scale(
            "resistance between the two points",
            "ohm",
            0,
            40e6,
            0.3,
            List.of(Outcome.written("ol", "OL"), Outcome.written("climbing", "climbing")));
    private static final Scale VOLTS = new Scale("voltage from red to black", "V", -65, 65);

    private final Craft craft = wired();
    private final Book<Craft> book = Families.book(craft, Meter.USUAL);

    private static Craft wired() {
        Craft bare = CraftClass.INCH_5.sound(SpinConvention.INWARD, MotorNumbering.REAR_RIGHT_FIRST, Rotation.NONE);
        return bare.withElectrics(new Electrics(WiringLayout.SEPARATE.sheet(
                List.of(0, 1, 2, 3),
                List.of("FR", "RR", "RL", "FL"),
                110,
                new BatteryType(4, Chemistry.LIPO, 1500, 4),
                List.of("receiver", "video"))));
    }

    private Check<Craft> probe(String mode) {
        return book.check(mode + "~PLUG.+~PLUG.-").orElseThrow();
    }

    private static Entered entered(Check<Craft> check, String written) {
        return Entered.at(check, Map.of(), Map.of(Entered.ONLY, written));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"0.4|0.4", "12k|12000", "4k7|4700", "0R3|0.3", "1,2 M|1200000", "680 ohm|680", " 3.3 kohm |3300"})
    void aResistanceIsReadAsItIsWritten(String written, double ohms) {
        Entered entered = entered(probe("ohms"), written);
        assertThat(((Measured) entered.reading(probe("ohms").answers()).orElseThrow()).value())
                .isCloseTo(ohms, within(1e-6 * ohms));
        assertThat(entered.inWords(probe("ohms").answers())).containsExactly(Text.written(written.strip()));
    }

    @ParameterizedTest
    @CsvSource({"OL, ol", "o.l, ol", "open, ol", "climbing, climbing", "rises, climbing"})
    void aWordInPlaceOfANumberIsItsOwnAnswer(String written, String word) {
        assertThat(entered(probe("ohms"), written)
                        .reading(probe("ohms").answers())
                        .orElseThrow())
                .isEqualTo(Chosen.of(word));
    }

    @Test
    void aWordWhereOnlyANumberCanBeIsRefused() {
        assertThatThrownBy(() -> entered(probe("volts"), "OL"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no answer here");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  "})
    void nothingWrittenIsRefusedWithWhatToWrite(String written) {
        assertThatThrownBy(() -> entered(probe("ohms"), written))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("with its unit");
    }

    @ParameterizedTest
    @ValueSource(strings = {"twelve", "12 V", "1..2", "1e400", "--3", "NaN", "∞", "12 kg", "0x10"})
    void whatCannotBeReadIsRefusedWithAnExample(String written) {
        assertThatThrownBy(() -> entered(probe("ohms"), written)).isInstanceOf(Rejected.class);
    }

    @Test
    void aNumberOutsideTheScaleIsRefusedWithItsBounds() {
        assertThatThrownBy(() -> entered(probe("volts"), "70 V"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("lies between -65 V and 65 V");
        assertThatThrownBy(() -> entered(probe("ohms"), "900 M"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Above that your meter shows OL.");
        assertThatThrownBy(() -> entered(probe("ohms"), "-1")).isInstanceOf(Refusal.class);
    }

    @Test
    void anOutcomeThatIsNotThereIsRefusedWithThoseThatAre() {
        Check<Craft> limiter = book.check("first-power")
                .or(() -> book.checks().stream()
                        .filter(c -> c.kind().equals("first-power"))
                        .findFirst())
                .orElseThrow();
        assertThat(Entered.at(limiter, Map.of("seen", "bright"), Map.of())
                        .reading(limiter.answers())
                        .orElseThrow())
                .isEqualTo(Chosen.of("bright"));
        assertThatThrownBy(() -> Entered.at(limiter, Map.of("seen", "purple"), Map.of()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("bright")
                .extracting(e -> ((Refusal) e).where())
                .isEqualTo("outcomes.seen");
        assertThatThrownBy(() -> Entered.at(limiter, Map.of("heard", "bright"), Map.of()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no question");
    }

    @Test
    void theNumberToldBesideIsHeldToItsOwnScale() {
        Scale charge = new Scale("charge that the charger put back", "Ah", 0.02, 100);
        assertThat(Entered.told(charge, "980")).as("mAh is meant").isCloseTo(0.98, within(1e-12));
        assertThat(Entered.told(charge, "0.98 Ah")).isCloseTo(0.98, within(1e-12));
        for (String wrong : new String[] {null, "", "OL", "1 mAh", "5000 Ah"}) {
            assertThatThrownBy(() -> Entered.told(charge, wrong))
                    .as("%s", wrong)
                    .isInstanceOf(Refusal.class);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0 ohm",
        "0.04, 40 mohm",
        "0.35, 0.35 ohm",
        "4.7, 4.7 ohm",
        "680, 680 ohm",
        "4700, 4.7 k",
        "1200000, 1.2 M"
    })
    void aResistanceIsShownAsABenchSaysIt(double ohms, String shown) {
        assertThat(Units.shown(OHMS, ohms)).isEqualTo(shown);
    }

    @Test
    void whatIsShownCanBeWrittenBack() {
        for (double size = 0.02; size < 39e6; size *= 2.3) {
            String shown = Units.shown(OHMS, size);
            Entered entered = entered(probe("ohms"), shown);
            assertThat(entered.numbers().get(Entered.ONLY).value()).as(shown).isCloseTo(size, within(0.06 * size));
        }
        for (double volts = -60; volts < 60; volts += 1.37) {
            String shown = Units.shown(VOLTS, volts);
            assertThat(entered(probe("volts"), shown)
                            .numbers()
                            .get(Entered.ONLY)
                            .value())
                    .as(shown)
                    .isCloseTo(volts, within(0.06));
        }
    }

    @Test
    void theExampleOfEveryScaleInTheBookCanBeWritten() {
        for (Check<Craft> check : book.checks()) {
            if (check.answers() instanceof Scale scale) {
                assertThat(entered(check, Units.example(scale).split(",")[0]).numbers())
                        .as(check.id())
                        .hasSize(1);
                assertThat(Expected.of(check, craft)).as(check.id()).contains(" ± ");
            }
        }
    }

    @Test
    void everyWordCanBeTypedAsItIsShown() {
        Scale ohms = (Scale) probe("ohms").answers();
        assertThat(ohms.words()).hasSizeGreaterThan(1).allSatisfy(word -> {
            assertThat(entered(probe("ohms"), word.label().plain()).outcomes()).containsValue(word.id());
            assertThat(entered(probe("ohms"), " " + word.label().plain().toUpperCase(java.util.Locale.ROOT))
                            .outcomes())
                    .containsValue(word.id());
        });
    }

    @Test
    void wordsAndNumbersOfOneCheckAreReadTogetherEachByItsOwnForm() {
        Check<Craft> voltage = book.check("told-voltage").orElseThrow();
        Entered entered = Entered.at(voltage, Map.of("seen", "low"), Map.of("shown", "14.9 V"));
        assertThat(entered.reading(voltage.answers()))
                .contains(new Several(Map.of("seen", Chosen.of("low"), "shown", new Measured(14.9))));
        assertThat(entered.inWords(voltage.answers()))
                .extracting(Text::plain)
                .containsExactly("Too little", "shown 14.9 V");
        assertThat(Entered.at(voltage, Map.of(), Map.of()).answersNothing())
                .as("nothing has to be answered")
                .isTrue();
        assertThatThrownBy(() -> Entered.at(voltage, Map.of("shown", "low"), Map.of()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("answered by a number");
        assertThatThrownBy(() -> Entered.at(voltage, Map.of(), Map.of("seen", "14.9")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("outcomes");
        assertThatThrownBy(() -> Entered.at(voltage, Map.of("colour", "red"), Map.of()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no question")
                .extracting(e -> ((Refusal) e).where())
                .isEqualTo("outcomes.colour");
        assertThatThrownBy(() -> Entered.at(voltage, Map.of(), Map.of("shown", "900 V")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("outside what can be");
    }

    @Test
    void whatAnswersNoQuestionOfACheckIsNoReadingOfIt() {
        Check<Craft> voltage = book.check("told-voltage").orElseThrow();
        assertThat(new Entered(Map.of("seen", "purple"), Map.of()).reading(voltage.answers()))
                .isEmpty();
        assertThat(new Entered(Map.of("gone", "low"), Map.of()).reading(voltage.answers()))
                .isEmpty();
        assertThat(new Entered(Map.of(), Map.of()).reading(probe("ohms").answers()))
                .isEmpty();
        assertThat(new Entered(Map.of("seen", "purple"), Map.of())
                        .reading(probe("ohms").answers()))
                .isEmpty();
    }
}
