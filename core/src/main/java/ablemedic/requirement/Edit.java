package ablemedic.requirement;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Text;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.craft.Corner;
import ablemedic.craft.Craft;
import ablemedic.craft.Point;
import ablemedic.craft.Rotation;
import ablemedic.diagnosis.Fix.Value;
import java.util.List;
import java.util.Set;

/**
 * One change of a craft that satisfies a requirement. On the sheet it changes the entry. On a craft under reasoning the
 * sheet stays, since wires, probes and lines are named by it: there a wire that lies elsewhere, or is absent, is a
 * defect of the wire as required.
 */
public sealed interface Edit permits Enter, TurnMount, ReverseMotors, MoveBalance, MoveWire, AddWire, Several {
    /** The entries that it changes, the one to begin with first. */
    List<Site> sites();

    /** The recorded craft with the entry changed. */
    Craft onSheet(Craft recorded);

    /** A craft under reasoning with this done to it. */
    Craft onCraft(Craft craft);

    /**
     * A craft under reasoning as it is where this was not done.
     *
     * @param recorded how the sheet has it
     */
    Craft undo(Craft craft, Craft recorded);

    /** What it changes to what, the same in whatever words; a way is known again by it. */
    String key();

    /** What to do, as verb and object. */
    Text title();

    List<Text> steps();

    /** What changes, before and after. */
    List<Value> values(Craft recorded);

    double minutes();

    /** A setting with another value. */
    static <T> Edit set(Setting<T> setting, T value) {
        return new Enter<>(
                setting,
                value,
                EditWords.of("set")
                        .with("setting", Param.written(setting.label()))
                        .with("value", Param.written(setting.form().said(value)))
                        .title(),
                2,
                List.of(saving(setting.device())));
    }

    /** How a setting of the FC is saved. */
    static Text savingOnFc() {
        return saving("fc");
    }

    private static Text saving(String where) {
        return EditWords.of("set").line(where);
    }

    private static Text saving(Device device) {
        return switch (device) {
            case FLIGHT_BOARD, FIRMWARE -> saving("fc");
            case RADIO -> saving("radio");
            default -> saving("other");
        };
    }

    /** A setting entered by what is done, in the words of a catalogue: {@code edit} and its steps. */
    static <T> Edit doing(Setting<T> setting, T value, Words words, double minutes) {
        return new Enter<>(setting, value, words.line("edit"), minutes, words.steps("edit"));
    }

    /** Something done that a setting tells of, such as a calibration. */
    static <T> Edit doing(Setting<T> setting, T value, Text title, double minutes, Text... steps) {
        return new Enter<>(setting, value, title, minutes, List.of(steps));
    }

    /** The FC turned in its mount. */
    static Edit mounted(Rotation turned) {
        return new TurnMount(turned);
    }

    /** Motors reversed, with the props for that. */
    static Edit reverse(Set<Corner> corners, List<String> names) {
        return new ReverseMotors(corners, names);
    }

    /** The balance point moved. */
    static Edit balance(Point to) {
        return new MoveBalance(to);
    }

    /** A wire moved to another pad; {@code stays} is the end that does not move. */
    static Edit move(String stays, String from, String to) {
        return new MoveWire(stays, from, to);
    }

    /** A wire that is not on the sheet. */
    static Edit join(String from, String to) {
        return new AddWire(from, to);
    }

    /** Several together. */
    static Edit all(Text title, Edit... edits) {
        return new Several(title, List.of(edits));
    }

    /** Several as one, under the title of each. */
    static Edit together(List<Edit> edits) {
        return edits.size() == 1
                ? edits.get(0)
                : new Several(
                        Text.joined(
                                edits.stream()
                                        .map(Edit::title)
                                        .map(title ->
                                                edits.get(0).title().equals(title) ? title : title.uncapitalized())
                                        .toList(),
                                ", "),
                        edits);
    }
}
