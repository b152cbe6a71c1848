package ablemedic.app.storage;

import java.text.Normalizer;
import java.util.Locale;

/** Names as they are compared: whatever their case and however their accents are put together. */
public final class Folded {
    private Folded() {}

    public static String of(String name) {
        return composed(name).toUpperCase(Locale.ROOT).toLowerCase(Locale.ROOT);
    }

    /** The name as it is kept: accents in one piece with their letters, nothing around it. */
    public static String composed(String name) {
        return Normalizer.normalize(name.strip(), Normalizer.Form.NFC);
    }
}
