package ablemedic.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.annotation.Bean;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

class ReceiptTest {
    @TempDir
    private Path folder;

    /** Fails before an answer is made where the address says so. */
    static class Failing {
        @Bean
        WebMvcConfigurer failing() {
            return new WebMvcConfigurer() {
                @Override
                public void addInterceptors(InterceptorRegistry registry) {
                    registry.addInterceptor(new HandlerInterceptor() {
                        @Override
                        public boolean preHandle(
                                HttpServletRequest request, HttpServletResponse response, Object handler) {
                            fail(request, "early");
                            return true;
                        }

                        @Override
                        public void postHandle(
                                HttpServletRequest request,
                                HttpServletResponse response,
                                Object handler,
                                @Nullable ModelAndView view) {
                            fail(request, "late");
                        }
                    });
                }
            };
        }

        private static void fail(HttpServletRequest request, String when) {
            if (when.equals(request.getHeader("X-Fail"))) {
                throw new IllegalStateException("on purpose");
            }
        }
    }

    @Test
    void whatIsSaidOfAFailureIsTrue() {
        try (App app = App.with(Failing.class, folder.resolve("receipt.db"))) {
            String early = fail(app, "early", "{\"craftId\": \"E\", \"name\": \"\"}");
            assertThat(early).contains("Nothing was written").doesNotContain("on purpose");
            app.refused(404, "GET", "/api/crafts/E", "");
            // The answer of a body is on its way by then; one without a body can still be taken back.
            assertThat(app.send("PUT", "/api/crafts/E/aside", "{}").statusCode())
                    .isEqualTo(404);
            app.ask("POST", "/api/crafts", "{\"craftId\": \"L\", \"name\": \"\"}");
            String late = new String(
                    app.send("PUT", "/api/crafts/L/aside", "{\"reason\": \"r\"}".getBytes(), "X-Fail", "late")
                            .body());
            assertThat(late).contains("was written all the same");
            assertThat(app.get("/api/crafts/L").get("aside").asString()).isEqualTo("r");
        }
    }

    private static String fail(App app, String when, String body) {
        var answer = app.send("POST", "/api/crafts", body.getBytes(), "X-Fail", when);
        assertThat(answer.statusCode()).isEqualTo(500);
        return answer.body();
    }
}
