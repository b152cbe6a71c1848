package ablemedic.family;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import ablemedic.Families;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Answers.Choices;
import ablemedic.diagnosis.Answers.Mixed;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Reading;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.diagnosis.Reading.Several;
import ablemedic.power.PowerCrafts;
import ablemedic.reading.Meter;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ComplaintCredibilityTest {
    private static final Craft SOUND = PowerCrafts.stack();
    private static final List<Fault<Craft>> FAULTS =
            Families.book(SOUND, Meter.USUAL).faults();

    private static Complaint complaint(String id) {
        return Families.complaints(SOUND, Meter.USUAL).stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double told(String complaint, String as, Craft craft) {
        Complaint made = complaint(complaint);
        Reading reading =
                made.seen().answers() instanceof Mixed ? new Several(Map.of("seen", Chosen.of(as))) : Chosen.of(as);
        return made.seen().outlook(craft).likelihood(reading);
    }

    /** Of a hundred sound crafts fewer than five come for what they do not do. Common practice, no source. */
    @Test
    void fewComplainOfACraftThatShowsNothing() {
        List<Complaint> withAnAnswer = Families.complaints(SOUND, Meter.USUAL).stream()
                .filter(one -> one.seen().id().startsWith("told-"))
                .filter(one -> one.fine().isPresent() && !one.isMadeOf(SOUND))
                .toList();
        assertThat(withAnAnswer).hasSizeGreaterThan(12).allSatisfy(one -> {
            double fine = one.seen().outlook(SOUND).likelihood(one.fine().orElseThrow());
            assertThat(fine).as(one.id()).isGreaterThan(0.95).isLessThan(1);
            assertThat(one.amiss().orElseThrow().outlook(SOUND).likelihood(Chosen.of(Complaint.TRUE)))
                    .as(one.id())
                    .isCloseTo(1 - fine, offset(1e-12));
        });
    }

    /**
     * What neither of both shows is told: then the owner of the one that does show something tells it wrongly, and the
     * other made it up.
     */
    @ParameterizedTest
    @CsvSource({
        "voltage, told-cells-more, fixed",
        "voltage, told-cells-more, zero",
        "voltage, told-cells-fewer, low",
        "current, current-not-read, high",
        "cuts-out, cell-weak, part"
    })
    void somethingAmissIsSoonerToldWronglyThanNothingIsMadeUp(String complaint, String fault, String as) {
        Craft faulty = FAULTS.stream()
                .filter(one -> one.id().startsWith(fault))
                .findFirst()
                .orElseThrow()
                .applyTo(SOUND);
        assertThat(complaint(complaint).isMadeOf(faulty)).isTrue();
        assertThat(told(complaint, as, faulty)).isGreaterThan(2 * told(complaint, as, SOUND));
    }

    @Test
    void theAnswersToOneQuestionSumToWhatTheOtherSaysAlone() {
        Reading shown = new Several(Map.of("shown", new Reading.Measured(16.5)));
        Complaint voltage = complaint("voltage");
        Stream.of("told-cells-more", "open-", "scale-").forEach(kind -> {
            Craft faulty = FAULTS.stream()
                    .filter(one -> one.id().startsWith(kind))
                    .findFirst()
                    .orElseThrow()
                    .applyTo(SOUND);
            double whole = ((Choices) ((Mixed) voltage.seen().answers())
                            .item("seen")
                            .orElseThrow()
                            .form())
                    .questions().get(0).outcomes().stream()
                            .mapToDouble(as -> voltage.seen()
                                    .outlook(faulty)
                                    .likelihood(new Several(
                                            Map.of("seen", Chosen.of(as.id()), "shown", new Reading.Measured(16.5)))))
                            .sum();
            assertThat(whole).as(kind).isCloseTo(voltage.seen().outlook(faulty).likelihood(shown), offset(1e-12));
        });
    }
}
