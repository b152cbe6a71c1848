package ablemedic.requirement;

import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import java.util.List;
import java.util.Optional;

/**
 * A requirement that a craft violates.
 *
 * @param id stable on this craft: the same while the same entries conflict in the same way
 * @param cause what conflicts, with its numbers, in a sentence
 * @param remedy what to enter or do
 * @param settings those that it is about, the one to enter first
 * @param pads addresses of the pads whose wires it is about
 * @param complaint id of the complaint that it can be the cause of; empty where it is none by itself
 * @param edits the smallest that satisfy it, each alone; none where nothing on the sheet can
 */
public record Violation(
        String id,
        Severity severity,
        Text cause,
        Text remedy,
        List<Setting<?>> settings,
        List<String> pads,
        String complaint,
        List<Edit> edits) {
    public Violation {
        // The sentence goes on where it is said, so its full stop stands there.
        cause = cause.withoutStop();
        remedy = remedy.withoutStop();
        settings = List.copyOf(settings);
        pads = List.copyOf(pads);
        edits = List.copyOf(edits);
    }

    /**
     * One that is about no wire, in the words of a catalogue: {@code cause} and {@code remedy}.
     *
     * @param words an entry whose id is that of the violation
     */
    public static Violation of(
            Words words, Severity severity, String complaint, List<Setting<?>> settings, List<Edit> edits) {
        return of(words.id(), words, severity, complaint, settings, edits);
    }

    /** One that is about no wire, in the words of an entry that several violations share. */
    public static Violation of(
            String id, Words words, Severity severity, String complaint, List<Setting<?>> settings, List<Edit> edits) {
        return new Violation(
                id, severity, words.line("cause"), words.line("remedy"), settings, List.of(), complaint, edits);
    }

    /** One that can't work, in the words of an entry that several violations share. */
    public static Violation cannotWork(
            String id, Words words, String complaint, List<Setting<?>> settings, Edit... edits) {
        return new Violation(
                id,
                Severity.CANNOT_WORK,
                words.line("cause"),
                words.line("remedy"),
                settings,
                List.of(),
                complaint,
                List.of(edits));
    }

    /** One that may be meant, in the words of an entry that several violations share. */
    public static Violation doubt(String id, Words words, String complaint, Setting<?>... settings) {
        return new Violation(
                id,
                Severity.DOUBTFUL,
                words.line("cause"),
                words.line("remedy"),
                List.of(settings),
                List.of(),
                complaint,
                List.of());
    }

    /** One that can't work, in the words of a catalogue. */
    public static Violation cannotWork(Words words, String complaint, List<Setting<?>> settings, Edit... edits) {
        return of(words, Severity.CANNOT_WORK, complaint, settings, List.of(edits));
    }

    /** One that may be meant, in the words of a catalogue: nothing is to be edited for it. */
    public static Violation doubt(Words words, String complaint, Setting<?>... settings) {
        return of(words, Severity.DOUBTFUL, complaint, List.of(settings), List.of());
    }

    /** A setting that has one right value, and another, in the words of a catalogue; nothing where it has that. */
    public static <T> Optional<Violation> unless(
            Craft craft, Setting<T> setting, T right, Words words, String complaint) {
        Text remedy = words.line("remedy");
        return craft.setting(setting).equals(right)
                ? Optional.empty()
                : Optional.of(cannotWork(
                        words.id(),
                        words.line("cause"),
                        remedy,
                        complaint,
                        List.of(setting),
                        Edit.doing(setting, right, remedy, 3, Edit.savingOnFc())));
    }

    /** One that can't work, and is about no wire. */
    public static Violation cannotWork(
            String id, Text cause, Text remedy, String complaint, List<Setting<?>> settings, Edit... edits) {
        return new Violation(id, Severity.CANNOT_WORK, cause, remedy, settings, List.of(), complaint, List.of(edits));
    }

    /** One that may be meant: nothing is to be edited for it. */
    public static Violation doubt(String id, Text cause, Text remedy, String complaint, Setting<?>... settings) {
        return new Violation(id, Severity.DOUBTFUL, cause, remedy, List.of(settings), List.of(), complaint, List.of());
    }
}
