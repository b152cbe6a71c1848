package ablemedic.app.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;

/** A refusal that is written before any view is asked, in the form of {@link Problems}. */
public final class Refused {
    private Refused() {}

    /** @param detail without quotes */
    public static void write(HttpServletResponse response, int status, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        if (status == 413) {
            // What still comes of this body is not read.
            response.setHeader("Connection", "close");
        }
        response.getWriter().write("{\"status\":" + status + ",\"detail\":\"" + detail + "\",\"errors\":[]}");
    }
}
