package ablemedic.app.parts;

import ablemedic.app.http.Refusal;
import ablemedic.app.parts.PartTypeStore.Imported;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Rejected.Wrong;
import ablemedic.catalogue.Words;
import ablemedic.parts.PartType;
import ablemedic.parts.PartsLibrary;
import com.fasterxml.jackson.annotation.JsonAlias;
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
 * The parts library over HTTP. Currents in amperes, voltages in volts, resistances in ohms, capacitances in farads. The
 * form of a sort is published in docs/part-type.schema.json.
 */
@RestController
@RequestMapping("/api/parts-library")
class PartsLibraryController {
    private static final Words REFUSALS =
            Catalogue.beside(PartsLibraryController.class, "refusals").of("parts-library-controller");
    private final PartTypeStore partTypes;
    private final Clock clock;

    PartsLibraryController(PartTypeStore partTypes, Clock clock) {
        this.partTypes = partTypes;
        this.clock = clock;
    }

    /** A sort, and whether the workshop added it. */
    record LibraryPart(PartType partType, boolean own) {}

    /** Part types to import. */
    record Arriving(
            @NotNull @Size(max = 300, message = "{most.part.types}") @JsonAlias("sorts")
            List<@NotNull PartType> partTypes) {}

    @GetMapping
    List<LibraryPart> library() {
        List<LibraryPart> all = new ArrayList<>(PartsLibrary.all().stream()
                .map(a -> new LibraryPart(PartType.of(a), false))
                .toList());
        partTypes.own().forEach(own -> all.add(new LibraryPart(own, true)));
        return all;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LibraryPart add(@RequestBody PartType sort) {
        sort.archetype();
        partTypes.add(sort, clock.instant());
        return new LibraryPart(sort, true);
    }

    @PutMapping("/{id}")
    LibraryPart change(@PathVariable String id, @RequestBody PartType sort) {
        sort.archetype();
        partTypes.change(id, sort, clock.instant());
        return new LibraryPart(sort, true);
    }

    @DeleteMapping("/{id}")
    List<LibraryPart> remove(@PathVariable String id) {
        partTypes.remove(id);
        return library();
    }

    /** The workshop's own part types, to keep or to pass on; they come in again by POST to the same address. */
    @GetMapping("/own")
    ResponseEntity<Arriving> own() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"parts-shelf.json\"")
                .body(new Arriving(partTypes.own()));
    }

    @PostMapping("/own")
    Imported takeIn(@RequestBody @Valid Arriving arriving) {
        for (int i = 0; i < arriving.partTypes().size(); i++) {
            PartType sort = arriving.partTypes().get(i);
            checked(sort, "partTypes[" + i + "].");
            if (PartsLibrary.find(sort.id()).isPresent()) {
                throw Refusal.wrong("partTypes[" + i + "].id", REFUSALS.with("sort", sort.id()), "shipped");
            }
        }
        return partTypes.takeIn(arriving.partTypes(), clock.instant());
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
