package ablemedic.app.instruments;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.power.LimiterBulb;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The limiter bulb in series with a craft. */
@RestController
class LimiterBulbController {
    private static final Words SAID =
            Catalogue.beside(LimiterBulbController.class, "words").of("limiter-bulb-controller");
    /** A dead short, a shorted drive, an idle craft with everything on, and a craft at rest, as resistances in ohms. */
    private static final List<Typical> TYPICAL = List.of(
            new Typical(SAID.line("dead-short").plain(), 0),
            new Typical(SAID.line("driver").plain(), 0.3),
            new Typical(SAID.line("capacitor").plain(), 2),
            new Typical(SAID.line("all-on").plain(), 15),
            new Typical(SAID.line("fc").plain(), 80));

    private record Typical(String what, double ohms) {}

    record BulbAsked(double batteryV, double bulbV, double bulbW, double craftOhm) {}

    /**
     * @param fitness whether the bulb can tell a short from a sound craft on this battery
     * @param shortW what a dead short would put into it, watts
     * @param series how many alike in series would bear that
     */
    record BulbAnswer(
            double currentA,
            double craftV,
            double bulbV,
            String look,
            LimiterBulb.Fitness fitness,
            double shortW,
            int series,
            List<Beside> beside) {}

    /** How it looks with other crafts. */
    record Beside(String what, double craftOhm, double currentA, String look) {}

    @PostMapping("/api/instruments/limiter-bulb")
    BulbAnswer solve(@RequestBody @Valid BulbAsked asked) {
        double battery = Asked.within("batteryV", asked.batteryV(), 1, 100, "V");
        double bulb = Asked.within("bulbV", asked.bulbV(), 1, 250, "V");
        double watts = Asked.within("bulbW", asked.bulbW(), 0.5, 500, "W");
        double craft = Asked.within("craftOhm", asked.craftOhm(), 0, 1e6, "ohm");
        LimiterBulb.Steady steady = LimiterBulb.with(battery, bulb, watts, craft);
        LimiterBulb.Steady atShort = LimiterBulb.with(battery, bulb, watts, 0);
        return new BulbAnswer(
                steady.amps(),
                steady.craftV(),
                steady.bulbV(),
                steady.look().label(),
                LimiterBulb.fitness(battery, bulb, watts),
                atShort.amps() * atShort.bulbV(),
                LimiterBulb.inSeries(battery, bulb),
                TYPICAL.stream()
                        .map(t -> {
                            LimiterBulb.Steady s = LimiterBulb.with(battery, bulb, watts, t.ohms());
                            return new Beside(
                                    t.what(), t.ohms(), s.amps(), s.look().label());
                        })
                        .toList());
    }
}
