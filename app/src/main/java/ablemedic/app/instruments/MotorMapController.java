package ablemedic.app.instruments;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Corner;
import ablemedic.craft.FrameShape;
import ablemedic.craft.MotorNumbering;
import ablemedic.craft.Spin;
import ablemedic.craft.SpinConvention;
import ablemedic.takeoff.MotorMap;
import ablemedic.takeoff.MotorMap.Seen;
import ablemedic.takeoff.MotorMap.Solution;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The motor map: from what was seen to spin, what to enter, reverse and move. */
@RestController
class MotorMapController {
    private static final Words SAID =
            Catalogue.beside(MotorMapController.class, "words").of("motor-map-controller");

    /** What was seen of one output, and the prop's hand at each corner as far as looked at. */
    record Spun(
            @Min(value = 1, message = "{is.1.to.4}") @Max(value = 4, message = "{is.1.to.4}")
            int output,

            @Nullable Corner corner,
            @Nullable Spin spin) {}

    record MotorSightings(
            @NotNull FrameShape shape,
            @NotNull SpinConvention convention,

            @NotNull @Size(max = 8, message = "{most.entries}")
            List<@NotNull @Valid Spun> seen,

            @NotNull Map<Corner, Spin> props) {}

    record OrderString(String numbering, String order) {}

    record MotorMapAnswer(
            List<String> wiring,
            List<OrderString> orders,
            List<String> reverse,
            List<String> props,
            List<String> inferred,
            List<String> contradictions,
            List<String> missing) {}

    @PostMapping("/api/instruments/motor-map")
    MotorMapAnswer solve(@RequestBody @Valid MotorSightings asked) {
        FrameShape shape = asked.shape();
        Solution solution = MotorMap.solve(
                asked.seen().stream()
                        .map(s -> new Seen(s.output(), Optional.ofNullable(s.corner()), Optional.ofNullable(s.spin())))
                        .toList(),
                shape,
                asked.convention());
        List<String> wiring = new ArrayList<>();
        solution.wiring().ifPresent(corners -> {
            for (int output = 1; output <= 4; output++) {
                wiring.add("Output " + output + " drives " + shape.name(corners.get(output - 1)));
            }
        });
        List<OrderString> orders = new ArrayList<>();
        for (MotorNumbering numbering : MotorNumbering.values()) {
            if (solution.orders().containsKey(numbering)) {
                orders.add(new OrderString(
                        numbering.label(), solution.orders().get(numbering).toString()));
            }
        }
        return new MotorMapAnswer(
                wiring,
                orders,
                solution.reverse().stream()
                        .map(c -> shape.name(c) + ": to "
                                + asked.convention().at(c).label())
                        .toList(),
                props(asked),
                solution.inferred().stream().map(o -> "Output " + o).toList(),
                solution.contradictions(),
                solution.missing());
    }

    private static List<String> props(MotorSightings asked) {
        List<String> props = new ArrayList<>(MotorMap.propMoves(asked.props(), asked.convention()).stream()
                .map(m -> "from " + asked.shape().name(m.from()) + " to "
                        + asked.shape().name(m.to()))
                .toList());
        List<Corner> moved = MotorMap.propMoves(asked.props(), asked.convention()).stream()
                .map(MotorMap.PropMove::from)
                .toList();
        asked.props().forEach((corner, hand) -> {
            if (hand != asked.convention().at(corner) && !moved.contains(corner)) {
                props.add(SAID.with("corner", asked.shape().name(corner))
                        .with("hand", asked.convention().at(corner).label())
                        .line("replace")
                        .plain());
            }
        });
        return props;
    }
}
