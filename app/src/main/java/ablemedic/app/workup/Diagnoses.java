package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.chart.Records;
import ablemedic.app.meter.MeterStore;
import ablemedic.app.storage.Recent;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Assumptions;
import ablemedic.diagnosis.Book;
import ablemedic.diagnosis.Diagnosis;
import ablemedic.diagnosis.Fault;
import ablemedic.family.Complaint;
import ablemedic.reading.Meter;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Required;
import ablemedic.snapshot.ExportCheck;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** The reasoning for each record of a craft, of which the last few are kept with all that they have worked out. */
@Component
public class Diagnoses {
    private static final int KEPT = 12;

    private final MeterStore meters;
    private final Records records;
    private final Recent<Read, Diagnosis<Craft>> kept = new Recent<>(KEPT);

    Diagnoses(MeterStore meters, Records records) {
        this.meters = meters;
        this.records = records;
    }

    /** All that a book is made of: nothing else is handed to what makes it. */
    private record Read(Recorded recorded, boolean asRecorded, Meter meter, boolean listed, List<Besides> otherwise) {
        Diagnosis<Craft> made(Records records) {
            Required required = asRecorded ? Required.asRecorded(recorded) : records.of(recorded);
            Book<Craft> book = Families.book(required, meter)
                    .and(new Book<>(otherwise.stream().map(Besides::fault).toList(), List.of()));
            return new Diagnosis<>(
                    listed
                            ? book.and(new Book<>(
                                    List.of(), List.of(ExportCheck.planned(required.craft(), book.faults()))))
                            : book,
                    Assumptions.USUAL);
        }
    }

    /** A fault that a work-up brings, known by its name and its words. */
    private record Besides(String id, String words, Fault<Craft> fault) {
        @Override
        public boolean equals(Object o) {
            return o instanceof Besides other && id.equals(other.id) && words.equals(other.words);
        }

        @Override
        public int hashCode() {
            return Objects.hash(id, words);
        }
    }

    /** The reasoning for a craft as recorded. */
    public Diagnosis<Craft> of(Recorded recorded) {
        return of(recorded, false, false, List.of());
    }

    /**
     * @param asRecorded whether the record stands for what is required, as in work-ups of an older form
     * @param otherwise what a work-up has besides: what the exports that it took have otherwise than the sheet, and
     *     conflicts that it put right
     * @param listed whether its FC lists its settings and they can be read here, so that the plan may ask for a
     *     settings export
     */
    Diagnosis<Craft> of(Recorded recorded, boolean asRecorded, boolean listed, List<Fault<Craft>> otherwise) {
        return kept.of(
                new Read(
                        recorded,
                        asRecorded,
                        meters.get(),
                        listed,
                        otherwise.stream()
                                .map(fault -> new Besides(
                                        fault.id(),
                                        fault.describe(recorded.craft()).plain(),
                                        fault))
                                .toList()),
                read -> read.made(records));
    }

    /** What an owner of a craft can complain of. */
    public List<Complaint> complaints(Craft craft) {
        return Families.complaints(craft, meters.get());
    }
}
