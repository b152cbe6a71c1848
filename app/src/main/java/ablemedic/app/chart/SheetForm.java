package ablemedic.app.chart;

import ablemedic.app.storage.Json;
import ablemedic.app.storage.StoredForm;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Setting;
import ablemedic.craft.FcSettings;
import ablemedic.craft.RadioSettings;
import ablemedic.craft.Stick;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** How build sheets are kept. */
public final class SheetForm {
    private static final Words SAID = Catalogue.beside(SheetForm.class, "words").of("sheet-form");
    private static final StoredForm<BuildSheet> SHEET = StoredForm.of(
            SAID.line("sheet").plain(), BuildSheet.class, SheetForm::toSecond, SheetForm::toThird, SheetForm::toFourth);

    private SheetForm() {}

    static String write(Json json, BuildSheet sheet) {
        return SHEET.write(json, sheet);
    }

    /** A sheet as text, in the present form. @throws UnreadableRecordException where the text is no sheet of a craft */
    public static String renewed(Json json, String text) {
        read(json, text).toCraft();
        return SHEET.renewed(json, text);
    }

    /** @throws UnreadableRecordException where the text is no sheet of a craft */
    static BuildSheet read(Json json, String text) {
        BuildSheet sheet = SHEET.read(json, text);
        try {
            return sheet.withOutputsLeftToWires();
        } catch (RuntimeException e) {
            // A sheet of an older version may lack anything at all.
            throw new UnreadableRecordException(SAID.line("sheet").plain(), e);
        }
    }

    /** Form 3 had other names for the configuration, and for wires, battery and part types. */
    private static void toFourth(ObjectNode sheet) {
        StoredForm.rename(sheet, "told", "configuration");
        if (sheet.get("electrics") instanceof ObjectNode electrics) {
            StoredForm.rename(electrics, "leads", "wires");
            StoredForm.rename(electrics, "pack", "battery");
            StoredForm.rename(electrics, "sorts", "partTypes");
        }
    }

    /**
     * Form 1 had a field of its own for each setting, those of power inside the electrical side, and outputs beside
     * wires.
     */
    private static void toSecond(ObjectNode sheet) {
        ObjectNode told = sheet.objectNode();
        choice(told, FcSettings.NUMBERING, sheet.remove("numbering"));
        text(told, FcSettings.OUTPUT_ORDER, sheet.remove("outputOrder"));
        choice(told, FcSettings.SPINS, sheet.remove("toldSpins"));
        JsonNode turn = sheet.remove("toldAlignment");
        if (turn != null) {
            put(
                    told,
                    FcSettings.ALIGNMENT,
                    turn.get("rollDeg").asInt() + "/" + turn.get("pitchDeg").asInt() + "/"
                            + turn.get("yawDeg").asInt());
        }
        text(told, FcSettings.STICK_ORDER, sheet.remove("boardSticks"));
        text(told, RadioSettings.STICK_ORDER, sheet.remove("radioSticks"));
        JsonNode reversed = sheet.remove("reversedSticks");
        if (reversed != null) {
            reversed.forEach(stick -> put(told, RadioSettings.reversed(Stick.valueOf(stick.asString())), "on"));
        }
        choice(told, FcSettings.MODE, sheet.remove("mode"));
        text(told, FcSettings.GAIN, sheet.remove("gain"));
        if (sheet.get("electrics") instanceof ObjectNode electrics) {
            if (electrics.remove("told") instanceof ObjectNode power) {
                choice(told, FcSettings.VOLTAGE_SOURCE, power.get("source"));
                text(told, FcSettings.VOLTAGE_SCALE, power.get("scale"));
                text(told, FcSettings.CELLS, power.get("cells"));
                JsonNode read = power.get("current");
                if (read != null && !read.asBoolean()) {
                    put(
                            told,
                            FcSettings.CURRENT_READ,
                            FcSettings.CURRENT_READ.form().written(false));
                }
                text(told, FcSettings.CURRENT_SCALE, power.get("currentScale"));
                text(told, FcSettings.CURRENT_AT_REST, power.get("currentAtRestA"));
            }
        }
        sheet.set("told", told);
    }

    /** Form 2 did not say where entries come from. */
    private static void toThird(ObjectNode sheet) {}

    private static void choice(ObjectNode told, Setting<?> setting, @Nullable JsonNode constant) {
        if (constant != null && !constant.isNull()) {
            put(told, setting, constant.asString().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
    }

    private static void text(ObjectNode told, Setting<?> setting, @Nullable JsonNode value) {
        if (value != null && !value.isNull()) {
            put(told, setting, value.asString());
        }
    }

    private static <T> void put(ObjectNode told, Setting<T> setting, String written) {
        if (!setting.read(written).equals(setting.usual())) {
            told.put(setting.id(), written);
        }
    }
}
