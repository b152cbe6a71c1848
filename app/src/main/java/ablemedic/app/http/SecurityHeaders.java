package ablemedic.app.http;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Headers that every answer bears, those too that the server makes before any view is asked. */
@Component
class SecurityHeaders implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data:; object-src 'none'; "
            + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(new ValveBase(true) {
            @Override
            public void invoke(Request request, Response response) throws IOException, ServletException {
                response.setHeader("Content-Security-Policy", CONTENT_POLICY);
                response.setHeader("X-Content-Type-Options", "nosniff");
                response.setHeader("Referrer-Policy", "no-referrer");
                getNext().invoke(request, response);
            }
        });
    }
}
