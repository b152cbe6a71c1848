package ablemedic.app.handbook;

import ablemedic.Families;
import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.handbook.Handbook.Page;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Hands out handbook pages. */
@RestController
class HandbookController {
    private static final Words REFUSALS =
            Catalogue.beside(HandbookController.class, "refusals").of("handbook-controller");

    @GetMapping("/api/handbook")
    List<Page> pages() {
        return Families.handbook().pages();
    }

    @GetMapping("/api/handbook/{id}")
    Page page(@PathVariable String id) {
        return Families.handbook()
                .page(id)
                .orElseThrow(() -> Refusal.unknown("id", REFUSALS.with("id", id), "no-page"));
    }
}
