package ablemedic.app.http;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Refuses a paired device what is done at the bench only, before anything that it sent is read. */
@Component
class BenchOnly implements HandlerInterceptor, WebMvcConfigurer {
    private static final Words REFUSALS =
            Catalogue.beside(BenchOnly.class, "refusals").of("bench-only");

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (handler instanceof HandlerMethod method
                && method.hasMethodAnnotation(AtTheBench.class)
                && PairedDevice.of(request).isPresent()) {
            throw Refusal.forbidden("device", REFUSALS, "bench-only");
        }
        return true;
    }
}
