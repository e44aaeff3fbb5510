package wideharbor.app.web;

import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the interface: hashed assets for a year, and index.html for every address that is a screen's. */
@Configuration
class SinglePage implements WebMvcConfigurer {

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(java.time.Duration.ofDays(365))
                        .cachePublic()
                        .immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new ScreenResolver());
    }

    private static final class ScreenResolver extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            @Nullable Resource asked = super.getResource(path, location);
            if (asked != null) {
                return asked;
            }
            boolean screen = !path.startsWith("api/")
                    && !path.startsWith("actuator/")
                    && !path.startsWith("v3/")
                    && !path.contains(".");
            return screen ? new ClassPathResource("static/index.html") : null;
        }
    }
}
