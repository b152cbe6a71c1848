package ablemedic.app.chart;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import ablemedic.craft.Airframe;
import ablemedic.craft.Arm;
import ablemedic.craft.BoardMount;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.FrameShape;
import ablemedic.craft.Point;
import ablemedic.craft.Rotation;
import ablemedic.craft.Settings;
import ablemedic.craft.Spin;
import ablemedic.requirement.Recorded;
import ablemedic.requirement.Site;
import ablemedic.requirement.Source;
import ablemedic.wiring.Electrics;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * A craft as it should be, in the form in which it is entered, kept and sent. Corners stand in the order front-right,
 * rear-right, rear-left, front-left (front, right, rear, left on a plus frame).
 *
 * @param motors places of the motors
 * @param propSpins which way motor and prop turn at each corner
 * @param wiring the corner that each output, 1 to 4, is wired to; left out where the wires say it
 * @param balance where it balances; left out, under the centre of thrust
 * @param mounted how the board sits
 * @param configuration how its devices are set where that is not usual, as written, by setting
 * @param electrics parts, wires and battery; left out while nobody has entered them
 * @param sources where entries come from, by the key of their site, as far as it is known
 */
public record BuildSheet(
        @NotNull FrameShape shape,

        @NotNull @Size(min = 4, max = 4, message = "{has.four.entries}")
        List<@NotNull @Valid Place> motors,

        @JsonUnwrapped @Valid Sizes sizes,

        @NotNull @Size(min = 4, max = 4, message = "{has.four.entries}")
        List<@NotNull Spin> propSpins,

        @Nullable @Size(min = 4, max = 4, message = "{has.four.entries}")
        List<@NotNull Corner> wiring,

        @NotNull @Valid Turn mounted,

        @NotNull @Size(max = 400, message = "{most.settings}")
        Map<
                        @Size(max = 60, message = "{names.a.setting}") String,
                        @NotNull @Size(max = 200, message = "{is.the.value.of.a.setting}") String>
                configuration,

        @Nullable @Valid ElectricEntry electrics,

        @Nullable @Size(max = 400, message = "{most.entries}")
        Map<@Size(max = 80) String, @NotNull Source> sources) {
    private static final Words SAID =
            Catalogue.beside(BuildSheet.class, "words").of("build-sheet");

    /** Masses in grams, prop in millimetres, and where it balances. */
    public record Sizes(
            double massG,
            double motorMassG,
            double propDiameterMm,
            double thrustToWeight,
            @Nullable @Valid Place balance) {}

    /** A place seen from above, millimetres from the middle of the motors. */
    public record Place(double forwardMm, double rightMm) {
        Point point() {
            return new Point(forwardMm, rightMm);
        }
    }

    /** A turn in quarter turns: roll first, then pitch, then yaw, degrees. */
    public record Turn(int rollDeg, int pitchDeg, int yawDeg) {
        public static Turn of(Rotation rotation) {
            Rotation.Angles angles = rotation.angles();
            return new Turn(angles.rollDeg(), angles.pitchDeg(), angles.yawDeg());
        }

        public Rotation rotation(String where) {
            try {
                return Rotation.of(rollDeg, pitchDeg, yawDeg);
            } catch (Rejected e) {
                throw e.within(where);
            }
        }
    }

    /**
     * The craft that it describes.
     *
     * @throws Rejected where it describes none
     */
    public Craft toCraft() {
        Airframe airframe = new Airframe(
                shape,
                motors.stream().map(Place::point).toList(),
                sizes.massG(),
                sizes.motorMassG(),
                sizes.propDiameterMm(),
                sizes.balance() == null
                        ? Airframe.centreOfThrust(
                                motors.stream().map(Place::point).toList())
                        : sizes.balance().point(),
                sizes.thrustToWeight());
        Electrics electrical = electrics == null ? Electrics.NONE : electrics.toElectrics();
        return new Craft(
                airframe,
                propSpins.stream().map(Arm::good).toList(),
                outputs(electrical),
                BoardMount.firm(mounted.rotation("mounted")),
                devicesTold(),
                electrical);
    }

    /** The corners as the wires have them, or as they were entered where wires do not say. */
    private List<Corner> outputs(Electrics electrical) {
        Optional<List<Corner>> led = led(electrical);
        if (led.isEmpty() && wiring == null) {
            throw new Rejected("wiring", SAID.line("no-outputs").plain());
        }
        if (led.isPresent() && wiring != null && !led.get().equals(wiring)) {
            throw new Rejected(
                    "wiring",
                    SAID.with("corners", led.get()).line("other-outputs").plain());
        }
        return led.orElse(Objects.requireNonNullElse(wiring, List.of()));
    }

    private static Optional<List<Corner>> led(Electrics electrical) {
        Map<Integer, Integer> arms = electrical.wiring().armsByOutput();
        return arms.size() == 4
                ? Optional.of(arms.values().stream().map(Corner.ALL::get).toList())
                : Optional.empty();
    }

    /** This sheet without the outputs where its wires say them: where the two differ, the wires are what is there. */
    BuildSheet withOutputsLeftToWires() {
        return wiring == null
                        || electrics == null
                        || led(electrics.toElectrics()).isEmpty()
                ? this
                : new BuildSheet(shape, motors, sizes, propSpins, null, mounted, configuration, electrics, sources);
    }

    private Configuration devicesTold() {
        Configuration all = Configuration.USUAL;
        for (Map.Entry<String, String> one : configuration.entrySet()) {
            Setting<?> setting = Settings.find(one.getKey())
                    .orElseThrow(() -> new Rejected("configuration." + one.getKey(), SAID.line("no-setting")));
            try {
                all = all.withWritten(setting, one.getValue());
            } catch (Rejected e) {
                throw e.within("configuration.");
            }
        }
        return all;
    }

    /** The sheet of a sound craft. */
    public static BuildSheet of(Craft craft) {
        Airframe frame = craft.airframe();
        Map<String, String> told = new TreeMap<>();
        craft.configuration()
                .unusual()
                .forEach(setting -> told.put(setting.id(), craft.configuration().written(setting)));
        return new BuildSheet(
                frame.shape(),
                frame.motors().stream()
                        .map(p -> new Place(p.forwardMm(), p.rightMm()))
                        .toList(),
                new Sizes(
                        frame.massG(),
                        frame.motorMassG(),
                        frame.propDiameterMm(),
                        frame.thrustToWeight(),
                        new Place(frame.balance().forwardMm(), frame.balance().rightMm())),
                craft.arms().stream().map(arm -> arm.motor().spin()).toList(),
                led(craft.electrics()).isPresent() ? null : craft.outputs(),
                Turn.of(craft.mounted()),
                told,
                craft.electrics().sheet().isEmpty() ? null : ElectricEntry.of(craft.electrics()),
                null);
    }

    /** Whether outputs, parts and wires are as on another sheet, so that nothing was under the iron in between. */
    boolean wiredLike(BuildSheet other) {
        return Objects.equals(wiring, other.wiring)
                && mounted.equals(other.mounted)
                && (electrics == null
                        ? other.electrics == null
                        : other.electrics != null && electrics.wiredLike(other.electrics));
    }

    /** This sheet with another electrical side, and the outputs as its wires have them. */
    public BuildSheet withElectrics(ElectricEntry other) {
        return new BuildSheet(
                shape,
                motors,
                sizes,
                propSpins,
                led(other.toElectrics()).isPresent() ? null : toCraft().outputs(),
                mounted,
                configuration,
                other,
                sources);
    }

    /** This sheet with where some of its entries come from. */
    public BuildSheet withSource(Collection<Site> sites, Source source) {
        Map<String, Source> all = new TreeMap<>(sources == null ? Map.of() : sources);
        sites.forEach(site -> all.put(site.key(), source));
        return new BuildSheet(shape, motors, sizes, propSpins, wiring, mounted, configuration, electrics, all);
    }

    /**
     * This sheet without the sources of entries that were otherwise on an older one: what is typed over was entered.
     */
    BuildSheet sourcedAfter(BuildSheet before) {
        if (sources == null || before.sources == null) {
            return this;
        }
        Craft was = before.toCraft();
        Craft is = toCraft();
        Map<String, Source> kept = new TreeMap<>(sources);
        kept.keySet()
                .removeIf(
                        key -> Site.of(key).map(site -> !site.isAlike(was, is)).orElse(true));
        return new BuildSheet(
                shape,
                motors,
                sizes,
                propSpins,
                wiring,
                mounted,
                configuration,
                electrics,
                kept.isEmpty() ? null : kept);
    }

    /** The craft as recorded, with where its entries come from. */
    public Recorded recorded() {
        return recorded(toCraft());
    }

    Recorded recorded(Craft craft) {
        Map<Site, Source> known = new HashMap<>();
        if (sources != null) {
            sources.forEach((key, source) -> Site.of(key).ifPresent(site -> known.put(site, source)));
        }
        return new Recorded(craft, known);
    }
}
