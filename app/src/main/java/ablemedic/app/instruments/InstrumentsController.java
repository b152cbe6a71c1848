package ablemedic.app.instruments;

import ablemedic.Specialities;
import ablemedic.speciality.Instrument;
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
        return Specialities.ALL.stream()
                .map(one -> new Family(one.title(), one.instruments()))
                .toList();
    }
}
