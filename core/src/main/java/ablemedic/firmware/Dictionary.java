package ablemedic.firmware;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Configuration;
import ablemedic.configuration.Setting;
import ablemedic.craft.ArmingSettings;
import ablemedic.export.SettingsExport;
import ablemedic.export.SettingsExport.Entry;
import ablemedic.firmware.Understood.Kind;
import ablemedic.firmware.Understood.Line;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/** A family in one of its versions: reads exports as settings, and writes settings as that version names them. */
public final class Dictionary {
    private static final Words WORDS =
            Catalogue.beside(Dictionary.class, "names").of("dictionary");
    private final FirmwareDialect family;
    private final int version;
    private final Map<String, List<Term>> byName = new HashMap<>();
    private final Map<Setting<?>, Term> bySetting = new HashMap<>();

    /** @throws IllegalArgumentException where the family has no such version */
    public Dictionary(FirmwareDialect family, String version) {
        this.family = family;
        this.version = family.version(version)
                .orElseThrow(() -> new Rejected(
                        "version",
                        WORDS.with("dialect", family.label())
                                .with("version", version)
                                .with("versions", String.join(", ", family.versions()))
                                .line("no-version")));
        for (Term term : family.terms()) {
            byName.computeIfAbsent(term.name().toLowerCase(Locale.ROOT), name -> new ArrayList<>())
                    .add(term);
            if (term.isIn(this.version)) {
                bySetting.putIfAbsent(term.setting(), term);
            }
        }
    }

    /** A family and version that a settings export may be of. */
    public record Guess(FirmwareDialect family, String version, long known, int of) {}

    /**
     * The family and version of which a settings export has the most names; the newest of those alike. Nothing where
     * none knows any.
     */
    public static Optional<Guess> guess(SettingsExport export, Collection<FirmwareDialect> families) {
        return families.stream()
                .flatMap(family -> family.versions().stream()
                        .map(version -> new Guess(
                                family,
                                version,
                                new Dictionary(family, version).read(export).count(Kind.KNOWN),
                                export.entries().size())))
                .filter(guess -> guess.known() > 0)
                .max(Comparator.comparingLong(Guess::known)
                        .thenComparing(guess -> guess.family().versions().indexOf(guess.version())));
    }

    public Understood read(SettingsExport export) {
        Configuration told = Configuration.USUAL;
        SortedSet<Setting<?>> held = new TreeSet<>();
        List<Line> lines = new ArrayList<>();
        for (Entry entry : export.entries()) {
            Line line = line(entry);
            lines.add(line);
            if (line.kind() == Kind.KNOWN || line.kind() == Kind.OTHER_VERSION) {
                Term term = term(entry.name()).orElseThrow();
                told = told.withWritten(
                        term.setting(), term.written(entry.value()).orElseThrow());
                held.add(term.setting());
            }
        }
        return new Understood(told, held, lines);
    }

    /** The term of a name in this version, or else in any. */
    private Optional<Term> term(String name) {
        List<Term> all = byName.getOrDefault(name.toLowerCase(Locale.ROOT), List.of());
        return all.stream().filter(term -> term.isIn(version)).findFirst().or(() -> all.stream()
                .findFirst());
    }

    private Line line(Entry entry) {
        Optional<Term> found = term(entry.name());
        if (found.isEmpty()) {
            return new Line(
                    entry.line(),
                    entry.name(),
                    entry.value(),
                    Kind.UNKNOWN,
                    Optional.empty(),
                    WORDS.with("dialect", family.label()).line("no-such-name").plain());
        }
        Term term = found.get();
        try {
            String said = term.written(entry.value())
                    .map(written -> said(term.setting(), written))
                    .orElseThrow(() -> new Rejected(
                            term.setting().id(),
                            WORDS.with("setting", term.setting().label())
                                    .with(
                                            "values",
                                            String.join(", ", term.values().values()))
                                    .with("given", entry.value())
                                    .line("one-of")));
            return new Line(
                    entry.line(),
                    entry.name(),
                    entry.value(),
                    term.isIn(version) ? Kind.KNOWN : Kind.OTHER_VERSION,
                    Optional.of(term.setting()),
                    said);
        } catch (Rejected e) {
            return new Line(
                    entry.line(), entry.name(), entry.value(), Kind.IMPOSSIBLE, Optional.of(term.setting()), e.right());
        }
    }

    private static <T> String said(Setting<T> setting, String written) {
        return setting.form().said(setting.read(written));
    }

    /** Whether this version has a name for a setting. */
    public boolean names(Setting<?> setting) {
        return bySetting.containsKey(setting);
    }

    /**
     * The line to paste for a setting as it is told; nothing where this version has no name for it, or where it is not
     * entered but done.
     */
    public Optional<String> line(Setting<?> setting, Configuration told) {
        return Optional.ofNullable(bySetting.get(setting))
                .filter(term -> !ArmingSettings.DONE_NOT_ENTERED.contains(setting))
                .map(term -> line(term, told));
    }

    private String line(Term term, Configuration told) {
        return (family.assigns().isEmpty() ? "" : family.assigns() + " ") + term.name() + " = "
                + term.listed(told.written(term.setting()));
    }

    /** Every setting that this version has a name for, as told: a whole settings export. */
    public String export(Configuration told) {
        StringBuilder all = new StringBuilder(
                "# " + family.label() + " " + family.versions().get(version - 1) + "\n");
        for (Term term : family.terms()) {
            if (bySetting.get(term.setting()) == term) {
                all.append(line(term, told)).append('\n');
            }
        }
        return all.toString();
    }

    public FirmwareDialect family() {
        return family;
    }

    public String version() {
        return family.versions().get(version - 1);
    }
}
