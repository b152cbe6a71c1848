package ablemedic.app.files;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;

/** What a file is, by its first bytes. */
public enum FileType {
    JPEG("image/jpeg", true),
    PNG("image/png", true),
    WEBP("image/webp", true),
    PDF("application/pdf", false),
    TEXT("text/plain;charset=UTF-8", false);

    private static final int[] PNG_BEGINS = {0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A};

    private final String type;
    private final boolean picture;

    FileType(String type, boolean picture) {
        this.type = type;
        this.picture = picture;
    }

    public String type() {
        return type;
    }

    /** Whether a page may show it. */
    public boolean isPicture() {
        return picture;
    }

    /** The sort of some bytes; nothing where it is none that is kept. */
    public static Optional<FileType> of(byte[] bytes) {
        if (begins(bytes, 0, 0xFF, 0xD8, 0xFF)) {
            return Optional.of(JPEG);
        } else if (begins(bytes, 0, PNG_BEGINS)) {
            return Optional.of(PNG);
        } else if (begins(bytes, 0, 'R', 'I', 'F', 'F') && begins(bytes, 8, 'W', 'E', 'B', 'P')) {
            return Optional.of(WEBP);
        } else if (begins(bytes, 0, '%', 'P', 'D', 'F', '-')) {
            return Optional.of(PDF);
        }
        return isText(bytes) ? Optional.of(TEXT) : Optional.empty();
    }

    private static boolean begins(byte[] bytes, int at, int... with) {
        if (bytes.length < at + with.length) {
            return false;
        }
        for (int i = 0; i < with.length; i++) {
            if ((bytes[at + i] & 0xFF) != with[i]) {
                return false;
            }
        }
        return true;
    }

    private static boolean isText(byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return !text.isBlank() && text.chars().noneMatch(c -> c < ' ' && "\t\r\n\f".indexOf(c) < 0);
        } catch (CharacterCodingException e) {
            return false;
        }
    }

    /** The sort of a type. */
    static FileType ofType(String type) {
        return Arrays.stream(values())
                .filter(one -> one.type.equals(type))
                .findFirst()
                .orElse(TEXT);
    }
}
