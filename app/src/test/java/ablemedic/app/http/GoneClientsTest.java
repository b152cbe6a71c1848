package ablemedic.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.annotation.Bean;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

class GoneClientsTest {
    @TempDir
    private java.nio.file.Path folder;

    /** Makes one address take long, as a large bench on a slow computer would. */
    static class Slow {
        static volatile CompletableFuture<Boolean> interrupted = new CompletableFuture<>();

        @Bean
        WebMvcConfigurer slowAddress() {
            return new WebMvcConfigurer() {
                @Override
                public void addInterceptors(InterceptorRegistry registry) {
                    registry.addInterceptor(new HandlerInterceptor() {
                                @Override
                                public boolean preHandle(
                                        HttpServletRequest request,
                                        jakarta.servlet.http.HttpServletResponse response,
                                        Object handler) {
                                    try {
                                        Thread.sleep(4000);
                                        interrupted.complete(false);
                                    } catch (InterruptedException e) {
                                        interrupted.complete(true);
                                    }
                                    return true;
                                }
                            })
                            .addPathPatterns("/api/handbook");
                }
            };
        }
    }

    @Test
    void workIsBrokenOffWhenItsClientIsGoneAndNotWhileItWaits()
            throws IOException, ExecutionException, InterruptedException, TimeoutException {
        try (App app = App.with(Slow.class, folder.resolve("gone.db"))) {
            Slow.interrupted = new CompletableFuture<>();
            try (Wire wire = new Wire(app)) {
                wire.send("GET /api/handbook HTTP/1.1\r\nHost: localhost\r\n\r\n");
            }
            assertThat(Slow.interrupted.get(10, TimeUnit.SECONDS))
                    .as("client gone")
                    .isTrue();
            Slow.interrupted = new CompletableFuture<>();
            try (Wire wire = new Wire(app)) {
                assertThat(wire.send("GET /api/handbook HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n")
                                .answer(9000))
                        .startsWith("HTTP/1.1 200");
            }
            assertThat(Slow.interrupted.get(10, TimeUnit.SECONDS))
                    .as("client waiting")
                    .isFalse();
            assertThat(app.send("GET", "/api/bench", "").statusCode())
                    .as("the thread goes on")
                    .isEqualTo(200);
        }
    }
}
