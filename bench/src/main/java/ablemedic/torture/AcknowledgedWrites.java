package ablemedic.torture;

import ablemedic.program.Server;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** What is stored of a craft, held against what was acknowledged. */
final class AcknowledgedWrites {
    private final Set<String> notes = new HashSet<>();
    private int partLines;
    private final int revisions;

    AcknowledgedWrites(Server server, String craft) {
        JsonNode chart = server.ask("GET", "/api/crafts/" + craft, "");
        for (JsonNode line : chart.get("log")) {
            String text = line.get("text").asString();
            if (text.startsWith("note-")) {
                notes.add(text);
            }
            partLines += line.get("kind").asString().equals("part") ? 1 : 0;
        }
        revisions = chart.get("revisions").size() - 1;
    }

    int lost(Set<String> acknowledged) {
        return (int) acknowledged.stream().filter(text -> !notes.contains(text)).count();
    }

    int written(Set<String> refused) {
        return (int) refused.stream().filter(notes::contains).count();
    }

    /** One that was written though it was refused. */
    Optional<String> writtenOf(Set<String> refused) {
        return refused.stream().filter(notes::contains).findFirst();
    }

    /** Revisions without their line in the log, or lines without their revision. */
    int halves() {
        return Math.abs(revisions - partLines);
    }
}
