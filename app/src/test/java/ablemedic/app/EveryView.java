package ablemedic.app;

import ablemedic.app.RunningApp.App;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Every view of the interface, taken from its description, its places and questions filled in. */
public final class EveryView {
    private EveryView() {}

    /**
     * The addresses of all views; what stays open for ever (the live line of a work-up) apart.
     *
     * @param values by the name of a place or a question, a name behind the last part of the path before it first
     *     ("snapshots.number")
     * @throws AssertionError where one is not filled in
     */
    public static List<String> of(App app, Map<String, String> values) {
        List<String> views = new ArrayList<>();
        app.get("/api/docs").get("paths").properties().forEach(path -> {
            JsonNode get = path.getValue().path("get");
            if (get.isObject() && !path.getKey().endsWith("/live")) {
                views.add(filled(path.getKey(), get, values));
            }
        });
        return views;
    }

    private static String filled(String path, JsonNode get, Map<String, String> values) {
        StringBuilder address = new StringBuilder();
        String before = "";
        for (String part : path.substring(1).split("/")) {
            address.append('/')
                    .append(
                            part.startsWith("{")
                                    ? URLEncoder.encode(
                                                    value(values, before, part.substring(1, part.length() - 1), path),
                                                    StandardCharsets.UTF_8)
                                            .replace("+", "%20")
                                    : part);
            before = part;
        }
        String between = "?";
        for (JsonNode asked : get.path("parameters")) {
            if (asked.get("in").asString().equals("query")
                    && asked.path("required").asBoolean(false)) {
                address.append(between)
                        .append(asked.get("name").asString())
                        .append('=')
                        .append(URLEncoder.encode(
                                value(values, before, asked.get("name").asString(), path), StandardCharsets.UTF_8));
                between = "&";
            }
        }
        return address.toString();
    }

    private static String value(Map<String, String> values, String before, String name, String path) {
        String value = values.getOrDefault(before + "." + name, values.get(name));
        if (value == null) {
            throw new AssertionError("Say what " + name + " is in " + path);
        }
        return value;
    }

    /** The status of each view. */
    public static Map<String, Integer> statuses(App app, List<String> views) {
        Map<String, Integer> statuses = new LinkedHashMap<>();
        for (String view : views) {
            HttpResponse<String> answer = app.send("GET", view, "");
            statuses.put(view, answer.statusCode());
        }
        return statuses;
    }
}
