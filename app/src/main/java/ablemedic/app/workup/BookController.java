package ablemedic.app.workup;

import ablemedic.Families;
import ablemedic.app.chart.PowerMap;
import ablemedic.app.entry.PlaceView;
import ablemedic.app.entry.QuestionView;
import ablemedic.app.entry.QuestionView.ScaleView;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Book;
import ablemedic.family.Place;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What can be complained of, asked and suspected of a craft, and the map of its wires. */
@RestController
@RequestMapping("/api")
class BookController {
    private final WorkUps workUps;
    private final OpenWorkUp opening;
    private final WorkUpStore store;
    private final WorkUpMaps maps;

    BookController(WorkUps workUps, OpenWorkUp opening, WorkUpStore store, WorkUpMaps maps) {
        this.workUps = workUps;
        this.opening = opening;
        this.store = store;
        this.maps = maps;
    }

    record CheckEntry(String id, String kind, double minutes, double risk, boolean explores) {}

    record FaultEntry(String id, String kind, String site, String title) {}

    /** The checks for a craft, or those that need no craft's wiring. */
    @GetMapping("/checks")
    List<CheckEntry> checks(@RequestParam(required = false) @Nullable String craft) {
        return book(craft).checks().stream()
                .map(c -> new CheckEntry(c.id(), c.kind(), c.minutes(), c.risk(), c.explores()))
                .toList();
    }

    /** The faults that a craft can have, or those that need no craft's wiring. */
    @GetMapping("/faults")
    List<FaultEntry> faults(@RequestParam(required = false) @Nullable String craft) {
        Craft sound = craft == null ? Families.anyCraft() : workUps.craft(craft);
        return book(craft).faults().stream()
                .map(f -> new FaultEntry(
                        f.id(), f.kind(), f.site(), f.describe(sound).plain()))
                .toList();
    }

    private Book<Craft> book(@Nullable String craftId) {
        return craftId == null ? Families.bookOfAnyCraft() : workUps.book(craftId);
    }

    /** Wires and parts of a craft, laid out from its build sheet, with what is known of each wire. */
    @GetMapping("/crafts/{craftId}/power-map")
    PowerMap map(@PathVariable String craftId) {
        String right = workUps.craftId(craftId);
        return maps.of(right, store.openOf(right).map(WorkUpStore.Opened::id));
    }

    /** What an owner of a craft can complain of, with what is asked at intake. */
    @GetMapping("/crafts/{craftId}/complaints")
    List<ComplaintEntry> complaints(@PathVariable String craftId) {
        Craft craft = workUps.craft(craftId);
        return workUps.complaints(craft).stream()
                .map(c -> new ComplaintEntry(
                        c.id(),
                        c.label().plain(),
                        QuestionView.of(c.seen().answers(), craft),
                        PlaceView.of(Place.of(c.seen()))))
                .toList();
    }

    /** @param place where on the craft the questions are answered */
    record ComplaintEntry(String id, String label, List<QuestionView> questions, PlaceView place) {}

    /** The checks that somebody may have made on a craft before it comes to the bench. */
    @GetMapping("/crafts/{craftId}/seen-before")
    List<BeforeEntry> mayBeSeenBefore(@PathVariable String craftId) {
        Craft craft = workUps.craft(craftId);
        return opening.mayBeSeenBefore(workUps.record(craftId)).stream()
                .map(c -> new BeforeEntry(
                        c.id(),
                        c.title(craft).plain(),
                        QuestionView.of(c.answers(), craft),
                        c.toTell().map(ScaleView::of).orElse(null)))
                .toList();
    }

    /** @param told a number that has to be told along with the answer */
    record BeforeEntry(
            String checkId,
            String title,
            List<QuestionView> questions,
            @Nullable ScaleView told) {}
}
