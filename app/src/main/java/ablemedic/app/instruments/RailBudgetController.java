package ablemedic.app.instruments;

import ablemedic.app.chart.CraftStore;
import ablemedic.power.RailBudget;
import ablemedic.power.RailBudget.Rail;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The rail budget of a craft, in amperes and volts. */
@RestController
class RailBudgetController {
    private final CraftStore crafts;

    RailBudgetController(CraftStore crafts) {
        this.crafts = crafts;
    }

    record OfCraft(@NotBlank(message = "{names.a.craft}") String craftId) {}

    /** Every regulator, the parts fed from the computer alone, and what is missing for more. */
    record BudgetAnswer(List<Rail> rails, List<String> fromUsb, double spareShare, List<String> missing) {}

    @PostMapping("/api/instruments/rail-budget")
    BudgetAnswer solve(@RequestBody @Valid OfCraft asked) {
        var electrics =
                crafts.newestCraft(crafts.get(asked.craftId()).craftId()).electrics();
        return new BudgetAnswer(
                electrics.sheet().isEmpty() ? List.of() : RailBudget.of(electrics),
                electrics.sheet().isEmpty() ? List.of() : RailBudget.fromUsb(electrics),
                RailBudget.SPARE,
                electrics.sheet().missing());
    }
}
