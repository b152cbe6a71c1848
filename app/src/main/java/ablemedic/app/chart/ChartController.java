package ablemedic.app.chart;

import ablemedic.app.chart.Charts.Chart;
import ablemedic.app.chart.CraftStore.Revision;
import ablemedic.app.chart.CraftStore.Row;
import ablemedic.app.chart.CraftStore.State;
import ablemedic.app.entry.SettingAside;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Folded;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.CraftClass;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Crafts and their charts. */
@RestController
@RequestMapping("/api/crafts")
class ChartController {
    private static final Words SAID =
            Catalogue.beside(ChartController.class, "words").of("chart-controller");
    private static final Words REFUSALS =
            Catalogue.beside(ChartController.class, "refusals").of("chart-controller");
    private static final int LONGEST_TABLE = 256 * 1024;
    private static final String MOST_LETTERS = "{most.letters}";
    private final CraftStore crafts;
    private final FirstSheet first;
    private final CraftTable table;
    private final Charts charts;
    private final Readiness readiness;
    private final Clock clock;

    ChartController(
            CraftStore crafts, FirstSheet first, CraftTable table, Charts charts, Readiness readiness, Clock clock) {
        this.crafts = crafts;
        this.first = first;
        this.table = table;
        this.charts = charts;
        this.readiness = readiness;
        this.clock = clock;
    }

    /** A craft in a list. */
    record ListedCraft(String craftId, String name, String craftClass, State state) {}

    /**
     * A first craft, entered in a minute: a class, the conventions, how the board sits and how it is wired. Another
     * craft to be like, or a full build sheet, may take the place of these.
     *
     * @param builder who built it, if that is known
     */
    record NewCraft(
            @NotNull(message = "{names.the.craft}")
            @Pattern(regexp = CraftStore.ID, message = "{has.1.to.24.letters.digits.spaces.dots.dashes}")
            String craftId,

            @NotNull(message = "{is.there.if.empty}") @Size(max = 80, message = MOST_LETTERS)
            String name,

            @Nullable CraftClass craftClass,
            @JsonUnwrapped @Valid FirstSheet.Conventions set,
            @JsonUnwrapped @Valid FirstSheet.Wired wired,

            @Nullable @Size(max = 24, message = "{most.letters}")
            String like,

            @Nullable @Size(max = 80, message = MOST_LETTERS)
            String builder,

            @Valid @Nullable BuildSheet sheet) {}

    /** @param builder who built it; left out, that stays */
    record Changed(
            long version,

            @NotNull(message = "{is.there.if.empty}") @Size(max = 80, message = MOST_LETTERS)
            String name,

            @Nullable @Size(max = 80, message = MOST_LETTERS)
            String builder,

            @NotNull(message = "{is.fit.or.grounded}") State state,

            @NotNull(message = "{is.there.if.empty}") @Size(max = 400, message = MOST_LETTERS)
            String reason) {}

    record Revising(
            long version,

            @NotBlank(message = "{says.why}") @Size(max = 400, message = MOST_LETTERS)
            String reason,

            @NotNull(message = "{is.the.whole.sheet}") @Valid
            BuildSheet sheet) {}

    /** An older revision to go back to. */
    record GoingBack(int revision) {}

    @GetMapping
    List<ListedCraft> list() {
        return crafts.all().stream()
                .map(r -> new ListedCraft(r.craftId(), r.name(), r.craftClass(), r.state()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Chart enter(@RequestBody @Valid NewCraft entry) {
        String craftId = Folded.composed(entry.craftId());
        boolean copied = entry.like() != null && !entry.like().isBlank();
        Row like = copied ? crafts.get(Objects.requireNonNull(entry.like())) : null;
        CraftClass preset = entry.craftClass() == null ? CraftClass.INCH_5 : entry.craftClass();
        BuildSheet sheet = like != null
                ? crafts.newestSheet(like.craftId()).sheet()
                : entry.sheet() != null ? entry.sheet() : first.of(preset, entry.set(), entry.wired());
        crafts.enter(
                craftId,
                entry.name().strip(),
                like == null ? preset.label() : like.craftClass(),
                entry.builder() == null ? "" : entry.builder().strip(),
                crafts.storable(sheet),
                clock.instant());
        return charts.of(craftId);
    }

    /** Enters every craft of a table, a row each, or none where a row is wrong. */
    @PostMapping(value = "/table", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    List<ListedCraft> enterTable(InputStream body) throws IOException {
        byte[] bytes = body.readNBytes(LONGEST_TABLE + 1);
        if (bytes.length > LONGEST_TABLE) {
            throw Refusal.wrong("file", REFUSALS.with("longestTable", LONGEST_TABLE / 1024), "table-size");
        }
        List<String> entered = table.enter(new String(bytes, StandardCharsets.UTF_8));
        return list().stream().filter(one -> entered.contains(one.craftId())).toList();
    }

    @GetMapping("/{craftId}")
    Chart chart(@PathVariable String craftId) {
        return charts.of(craftId);
    }

    @PatchMapping("/{craftId}")
    Chart change(@PathVariable String craftId, @RequestBody @Valid Changed changed) {
        Row row = crafts.get(craftId);
        crafts.change(
                row.craftId(),
                changed.version(),
                new CraftStore.Changing(
                        changed.name().strip(),
                        changed.builder() == null
                                ? row.builder()
                                : changed.builder().strip(),
                        changed.state(),
                        changed.reason()),
                clock.instant());
        return charts.of(craftId);
    }

    @GetMapping("/{craftId}/build-sheet")
    BuildSheet sheet(@PathVariable String craftId) {
        return crafts.newestSheet(crafts.get(craftId).craftId()).sheet();
    }

    @PutMapping("/{craftId}/build-sheet")
    Chart revise(@PathVariable String craftId, @RequestBody @Valid Revising revising) {
        return revised(
                crafts.get(craftId).craftId(),
                revising.version(),
                revising.sheet(),
                revising.reason().strip());
    }

    private Chart revised(String craftId, long version, BuildSheet sheet, String reason) {
        BuildSheet sourced =
                crafts.newestSheet(craftId).readable().map(sheet::sourcedAfter).orElse(sheet);
        crafts.revise(
                craftId,
                version,
                new CraftStore.Revising(
                        crafts.storable(sourced),
                        reason,
                        "sheet",
                        SAID.with("reason", reason).line("changed").plain()),
                clock.instant());
        return charts.of(craftId);
    }

    /** Enters an older revision again, where the newest one cannot be read. */
    @PostMapping("/{craftId}/repair")
    Chart repair(@PathVariable String craftId, @RequestBody @Valid GoingBack back) {
        Row row = crafts.get(craftId);
        Revision revision = crafts.revisions(row.craftId()).stream()
                .filter(r -> r.number() == back.revision() && r.readable().isPresent())
                .findFirst()
                .orElseThrow(
                        () -> Refusal.wrong("revision", REFUSALS.with("revision", back.revision()), "no-revision"));
        return revised(
                row.craftId(),
                row.version(),
                revision.sheet(),
                SAID.with("n", revision.number()).line("back").plain());
    }

    /**
     * A craft signed off though it is grounded: a work-up ended without its cause, or somebody grounded it.
     *
     * @param reason why it may fly all the same
     */
    record SigningOff(
            long version,

            @NotBlank(message = "{says.why.it.may.fly}") @Size(max = 400, message = MOST_LETTERS)
            String reason) {}

    @PostMapping("/{craftId}/sign-off")
    Chart signOff(@PathVariable String craftId, @RequestBody @Valid SigningOff signed) {
        Row row = crafts.get(craftId);
        if (readiness.isHazardous(row.craftId())) {
            throw Refusal.conflict("craftId", REFUSALS.with("craftId", row.craftId()), "hazard");
        }
        if (signed.reason().strip().split("\\s+").length < 3) {
            throw Refusal.wrong("reason", REFUSALS, "sign-off-reason");
        }
        crafts.signOff(row.craftId(), signed.version(), signed.reason().strip(), clock.instant());
        return charts.of(row.craftId());
    }

    /** Takes a craft off the bench without deleting anything, or puts it back. */
    @PutMapping("/{craftId}/aside")
    void putAside(@PathVariable String craftId, @RequestBody @Valid SettingAside aside) {
        crafts.putAside(crafts.get(craftId).craftId(), aside.why(), clock.instant());
    }
}
