package ablemedic;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.configuration.ValueForm;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Hypothesis;
import ablemedic.reading.Meter;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.serial.SerialCrafts;
import ablemedic.video.VideoCrafts;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Every fault can befall a craft whatever is recorded of it, settings at the ends of their ranges among it, beside the
 * conflicts of its record.
 */
@Tag("thorough")
class FaultsAtTheEndsTest {
    private static final int RECORDS = 30;

    @Test
    void everyFaultOfEveryRecordCanBeHadAndPutRight() {
        for (Craft craft : List.of(SerialCrafts.shared(), VideoCrafts.digital())) {
            List<Craft> records = OtherRecords.singly(craft).stream()
                    .filter(record -> isNumber(craft, record))
                    .toList();
            assertThat(records).hasSizeGreaterThan(RECORDS);
            records.parallelStream().forEach(record -> {
                Required required = Families.required(Recorded.of(record));
                Book<Craft> book = Families.book(required, Meter.USUAL);
                List<Fault<Craft>> conflicts =
                        book.faults().stream().filter(Fault::isRecorded).toList();
                book.faults().forEach(fault -> {
                    assertThat(fault.describe(required.craft()).plain())
                            .as(fault.id())
                            .isNotBlank();
                    Craft both = new Hypothesis<>(Stream.concat(conflicts.stream(), Stream.of(fault))
                                    .toList())
                            .applyTo(required.craft());
                    fault.fixes(required.craft()).forEach(fix -> fix.applyTo(both));
                });
            });
        }
    }

    private static boolean isNumber(Craft craft, Craft record) {
        return craft.configuration().differencesTo(record.configuration()).stream()
                .map(one -> one.setting().form())
                .anyMatch(form -> form instanceof ValueForm.Range || form instanceof ValueForm.Count);
    }
}
