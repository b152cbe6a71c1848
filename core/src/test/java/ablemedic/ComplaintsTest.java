package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Reading.Chosen;
import ablemedic.family.Complaint;
import ablemedic.power.PowerCrafts;
import ablemedic.reading.Meter;
import ablemedic.serial.SerialCrafts;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What a complaint says when nobody saw how it shows. */
@Tag("thorough")
class ComplaintsTest {
    private static final List<Craft> CRAFTS = List.of(
            SerialCrafts.shared(),
            SerialCrafts.polled(),
            SerialCrafts.modem(),
            PowerCrafts.stack(),
            PowerCrafts.separate());

    private static double isSo(Check<Craft> amiss, Craft craft) {
        return amiss.outlook(craft).likelihood(Chosen.of(Complaint.TRUE));
    }

    @Test
    void aCraftWithNothingWrongHardlyBearsAnyComplaintOut() {
        for (Craft craft : CRAFTS) {
            for (Complaint complaint : Families.complaints(craft, Meter.USUAL)) {
                complaint.amiss().ifPresent(amiss -> assertThat(isSo(amiss, craft))
                        .as(complaint.id())
                        .isLessThan(0.2));
            }
        }
    }

    @Test
    void everySuchComplaintIsBorneOutBySomeFaultOfTheBook() {
        for (Craft craft : CRAFTS) {
            Book<Craft> book = Families.book(craft, Meter.USUAL);
            for (Complaint complaint : Families.complaints(craft, Meter.USUAL)) {
                complaint.amiss().ifPresent(amiss -> assertThat(book.faults().stream()
                                .mapToDouble(f -> isSo(amiss, f.applyTo(craft)))
                                .max()
                                .orElse(0))
                        .as(complaint.id())
                        .isGreaterThan(0.8));
            }
        }
    }

    @Test
    void allButWhatNoFamilyHasSayThatTheComplaintIsTrue() {
        for (Craft craft : CRAFTS) {
            assertThat(Families.complaints(craft, Meter.USUAL))
                    .filteredOn(c -> c.amiss().isEmpty())
                    .extracting(Complaint::id)
                    .containsExactly("something-else");
        }
    }
}
