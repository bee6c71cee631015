package undersaw.web.frame;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.LiteWebJarsResourceResolver;
import org.springframework.web.servlet.resource.VersionResourceResolver;

/**
 * Styles, scripts and fonts by names that hold their digest, kept by browsers for a year.
 *
 * <p>Each kind has an address of its own. Where everything could be a file, every link on a page would be looked for
 * on the class path first: half of the time that a large page takes.
 */
@Configuration
class StaticFiles implements WebMvcConfigurer {
    private static final CacheControl KEPT =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic();

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        for (String kind : new String[] {"css", "js", "fonts"}) {
            named(registry, "/" + kind + "/**", "classpath:/static/" + kind + "/");
        }
        named(registry, "/webjars/**", "classpath:/META-INF/resources/webjars/");
        registry.addResourceHandler("/favicon.ico", "/icon.svg")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(KEPT);
    }

    private static void named(ResourceHandlerRegistry registry, String pattern, String place) {
        registry.addResourceHandler(pattern)
                .addResourceLocations(place)
                .setCacheControl(KEPT)
                .resourceChain(true)
                .addResolver(new VersionResourceResolver().addContentVersionStrategy("/**"))
                .addResolver(new LiteWebJarsResourceResolver());
    }
}
