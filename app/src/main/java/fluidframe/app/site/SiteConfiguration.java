package fluidframe.app.site;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * How the pages and what they load are served. Files with a hash in their name never change and are kept for a year;
 * the pages that name them are asked for each time. Both come compressed by the build.
 */
@Configuration(proxyBeanMethods = false)
class SiteConfiguration implements WebMvcConfigurer {

    private static final Duration YEAR = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        serve(
                registry,
                "/assets/**",
                "classpath:/static/assets/",
                CacheControl.maxAge(YEAR).cachePublic().immutable());
        serve(registry, "/**", "classpath:/static/", CacheControl.noCache());
    }

    private static void serve(ResourceHandlerRegistry registry, String pattern, String folder, CacheControl control) {
        registry.addResourceHandler(pattern)
                .addResourceLocations(folder)
                .setCacheControl(control)
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver())
                .addResolver(new PathResourceResolver());
    }
}
