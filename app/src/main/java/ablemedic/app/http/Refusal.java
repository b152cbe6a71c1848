package ablemedic.app.http;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** A request that cannot be granted: where it is wrong and what would be right. */
public final class Refusal extends Rejected {
    private static final long serialVersionUID = 1;
    private static final Words WORDS =
            Catalogue.beside(Refusal.class, "refusals").of("refusal");
    private static final int LONGEST = 120;
    private static final int MOST_NAMED = 40;

    private final HttpStatus status;

    private Refusal(HttpStatus status, String where, String message) {
        super(where, message);
        this.status = status;
    }

    private Refusal(HttpStatus status, String where, Words words, String line) {
        super(where, line, words.line(line));
        this.status = status;
    }

    /** Nothing of this name. */
    public static Refusal unknown(String where, String message) {
        return new Refusal(HttpStatus.NOT_FOUND, where, message);
    }

    public static Refusal unknown(String where, Words words, String line) {
        return new Refusal(HttpStatus.NOT_FOUND, where, words, line);
    }

    public static Refusal wrong(String where, Words words, String line) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, where, words, line);
    }

    public static Refusal conflict(String where, Words words, String line) {
        return new Refusal(HttpStatus.CONFLICT, where, words, line);
    }

    public static Refusal forbidden(String where, Words words, String line) {
        return new Refusal(HttpStatus.FORBIDDEN, where, words, line);
    }

    /** Understood, but wrong. */
    public static Refusal wrong(String where, String message) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, where, message);
    }

    /** Right at another time, or already taken. */
    public static Refusal conflict(String where, String message) {
        return new Refusal(HttpStatus.CONFLICT, where, message);
    }

    /** Not from here. */
    public static Refusal forbidden(String where, String message) {
        return new Refusal(HttpStatus.FORBIDDEN, where, message);
    }

    /** Written on top of a version that is no longer the newest. */
    public static Refusal stale(long sent, long now) {
        return conflict("version", WORDS.with("sent", sent).with("now", now), "stale");
    }

    /** A name as it was sent, short enough to be read. */
    public static String shortened(@Nullable Object sent) {
        String text = String.valueOf(sent);
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST) + "…";
    }

    /** The first few of what there is, in one line. */
    public static String someOf(List<String> all) {
        return all.size() <= MOST_NAMED
                ? String.join(", ", all)
                : String.join(", ", all.subList(0, MOST_NAMED)) + " and " + (all.size() - MOST_NAMED) + " more";
    }

    public HttpStatus status() {
        return status;
    }
}
