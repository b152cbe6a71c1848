package ablemedic.app.transfer;

import ablemedic.app.batteries.BatteryStore;
import ablemedic.app.http.SafeCsv;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The batteries as a table. */
@RestController
class BatteryTable {
    private final BatteryStore batteries;

    BatteryTable(BatteryStore batteries) {
        this.batteries = batteries;
    }

    /** What happened to every battery. */
    @GetMapping(value = "/api/batteries.csv", produces = "text/csv")
    ResponseEntity<String> batteries() {
        SafeCsv csv = new SafeCsv(
                "at", "pack", "craft", "minutes", "used_mah", "charged_mah", "rest_v", "load_v", "load_a", "note");
        batteries.all().forEach(battery -> batteries
                .entries(battery.label())
                .forEach(dated -> csv.row(
                        dated.at().toString(),
                        battery.label(),
                        dated.entry().craft() == null ? "" : dated.entry().craft(),
                        plain(dated.entry().minutes()),
                        plain(dated.entry().usedMah()),
                        plain(dated.entry().chargedMah()),
                        plain(dated.entry().restV()),
                        plain(dated.entry().loadV()),
                        plain(dated.entry().loadA()),
                        dated.entry().note())));
        return csv.as("batteries.csv");
    }

    private static String plain(@Nullable Double number) {
        return number == null ? "" : String.valueOf(number);
    }
}
