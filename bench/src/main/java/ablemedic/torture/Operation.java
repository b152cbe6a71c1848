package ablemedic.torture;

import tools.jackson.databind.JsonNode;

/** One operation of the interface, by its description. */
record Operation(String method, String path, JsonNode body, JsonNode questions, boolean file) {
    String name() {
        return method + " " + path;
    }

    /** Whether a request is of this operation. */
    boolean matches(String request) {
        return request.split("\\?")[0].matches(name().replaceAll("\\{[^}]*}", "[^/]+"));
    }
}
