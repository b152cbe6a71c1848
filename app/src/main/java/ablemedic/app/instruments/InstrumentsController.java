package ablemedic.app.instruments;

import ablemedic.Families;
import ablemedic.family.Instrument;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lists the instruments, family by family. */
@RestController
class InstrumentsController {

    /** The instruments of one family of troubles. */
    record Family(String title, List<Instrument> instruments) {}

    @GetMapping("/api/instruments")
    List<Family> families() {
        return Families.ALL.stream()
                .map(one -> new Family(one.title(), one.instruments()))
                .toList();
    }
}
