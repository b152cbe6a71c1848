package ablemedic.app.http;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * Serves the front end. Every path that is neither of the interface nor a file is a view, and gets the one page; a
 * craft ID may have a dot, so only a name at the root is taken for a file.
 */
@Configuration
class Pages implements WebMvcConfigurer {
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(false)
                .addResolver(new PathResourceResolver() {
                    @Override
                    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
                        Resource found = super.getResource(path, location);
                        boolean file = path.startsWith("assets/") || !path.contains("/") && path.contains(".");
                        if (found != null || path.startsWith("api/") || path.equals("api") || file) {
                            return found;
                        }
                        return new ClassPathResource("static/index.html");
                    }
                });
    }
}
