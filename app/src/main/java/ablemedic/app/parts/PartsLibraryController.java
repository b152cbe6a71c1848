package ablemedic.app.parts;

import ablemedic.app.http.Refusal;
import ablemedic.app.parts.PartTypeStore.Imported;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Rejected.Wrong;
import ablemedic.catalogue.Words;
import ablemedic.parts.PartType;
import ablemedic.parts.PartsLibrary;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * The parts shelf over HTTP. Currents in amperes, voltages in volts, resistances in ohms, capacitances in farads. The
 * form of a sort is published in docs/part-sort.schema.json.
 */
@RestController
@RequestMapping("/api/part-shelf")
class PartsLibraryController {
    private static final Words REFUSALS =
            Catalogue.beside(PartsLibraryController.class, "refusals").of("parts-library-controller");
    private final PartTypeStore sorts;
    private final Clock clock;

    PartsLibraryController(PartTypeStore sorts, Clock clock) {
        this.sorts = sorts;
        this.clock = clock;
    }

    /** A sort, and whether the workshop added it. */
    record ShelfSort(PartType sort, boolean own) {}

    /** Sorts to take in. */
    record Arriving(
            @NotNull @Size(max = 300, message = "{most.part.types}")
            List<@NotNull PartType> sorts) {}

    @GetMapping
    List<ShelfSort> shelf() {
        List<ShelfSort> all = new ArrayList<>(PartsLibrary.all().stream()
                .map(a -> new ShelfSort(PartType.of(a), false))
                .toList());
        sorts.own().forEach(own -> all.add(new ShelfSort(own, true)));
        return all;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ShelfSort add(@RequestBody PartType sort) {
        sort.archetype();
        sorts.add(sort, clock.instant());
        return new ShelfSort(sort, true);
    }

    @PutMapping("/{id}")
    ShelfSort change(@PathVariable String id, @RequestBody PartType sort) {
        sort.archetype();
        sorts.change(id, sort, clock.instant());
        return new ShelfSort(sort, true);
    }

    @DeleteMapping("/{id}")
    List<ShelfSort> remove(@PathVariable String id) {
        sorts.remove(id);
        return shelf();
    }

    /** The workshop's own sorts, to keep or to pass on; they come in again by POST to the same address. */
    @GetMapping("/own")
    ResponseEntity<Arriving> own() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"parts-shelf.json\"")
                .body(new Arriving(sorts.own()));
    }

    @PostMapping("/own")
    Imported takeIn(@RequestBody @Valid Arriving arriving) {
        for (int i = 0; i < arriving.sorts().size(); i++) {
            PartType sort = arriving.sorts().get(i);
            checked(sort, "sorts[" + i + "].");
            if (PartsLibrary.find(sort.id()).isPresent()) {
                throw Refusal.wrong("sorts[" + i + "].id", REFUSALS.with("sort", sort.id()), "shipped");
            }
        }
        return sorts.takeIn(arriving.sorts(), clock.instant());
    }

    private static void checked(PartType sort, String where) {
        try {
            sort.archetype();
        } catch (Rejected e) {
            throw new Rejected(e.wrong().stream()
                    .map(one -> new Wrong(where + one.where(), one.right()))
                    .toList());
        }
    }
}
