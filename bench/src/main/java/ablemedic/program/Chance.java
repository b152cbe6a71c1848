package ablemedic.program;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Crafts that are all wired otherwise, and answers to checks as chance has them, so that they contradict one another.
 */
public final class Chance {
    private static final List<String> KINDS = List.of("take-off", "voltage", "dead-arm", "no-power", "shorts");
    private static final List<String> CLASSES = List.of("INCH_5", "INCH_7", "INCH_3");
    private static final List<List<String>> PARTS = List.of(
            List.of("receiver", "camera", "video"),
            List.of("receiver", "gnss"),
            List.of("receiver-one-way", "video", "camera", "capacitor-470"),
            List.of("receiver"));
    private static final int BATTERIES = 97;

    private Chance() {}

    /** Enters a craft that differs from those of other numbers. */
    public static void enter(Server server, String craftId, int number) {
        server.ask("POST", "/api/crafts", """
        {"craftId": "%s", "name": "", "craftClass": "%s", "layout": "STACK", "parts": %s, "battery": {"cells": %d, "chemistry": "LIPO", "capacityMah": %d, "cellMilliohms": 4}}""".formatted(
                        craftId,
                        CLASSES.get(number % CLASSES.size()),
                        Server.JSON.writeValueAsString(PARTS.get(number % PARTS.size())),
                        3 + number % 4,
                        1000 + 10 * (number % BATTERIES)));
    }

    public static String kind(int number) {
        return KINDS.get(number % KINDS.size());
    }

    /** One of the checks of a plan. */
    public static JsonNode card(Server server, long workUp, JsonNode checks, Random random) {
        String check = checks.get(random.nextInt(checks.size())).get("checkId").asString();
        return server.get("/api/work-ups/" + workUp + "/checks/"
                        + URLEncoder.encode(check, StandardCharsets.UTF_8).replace("+", "%20"))
                .json();
    }

    /** What to send as the answer to a check. */
    public static String answer(JsonNode card, JsonNode version, Random random) {
        ObjectNode finding = Server.JSON.createObjectNode();
        finding.set("version", version);
        finding.set("checkId", card.get("checkId"));
        finding.put("sureness", "SURE");
        ObjectNode outcomes = finding.putObject("outcomes");
        ObjectNode numbers = finding.putObject("numbers");
        card.get("questions").forEach(question -> {
            JsonNode offered = question.path("outcomes");
            if (offered.isEmpty()) {
                numbers.put(question.get("id").asString(), String.valueOf(random.nextInt(300) / 10.0));
            } else {
                outcomes.set(
                        question.get("id").asString(),
                        offered.get(random.nextInt(offered.size())).get("id"));
            }
        });
        if (card.path("told").isObject()) {
            finding.put("told", "15");
            finding.put("sure", true);
        }
        return finding.toString();
    }
}
