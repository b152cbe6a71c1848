package ablemedic.app.http;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the application and its database answer. */
@RestController
class HealthController {
    private final JdbcClient database;

    HealthController(JdbcClient database) {
        this.database = database;
    }

    record Health(String state, int crafts) {}

    @GetMapping("/api/health")
    Health health() {
        return new Health(
                "ready",
                database.sql("SELECT count(*) FROM craft").query(Integer.class).single());
    }
}
