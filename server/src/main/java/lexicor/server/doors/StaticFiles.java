package lexicor.server.doors;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The page's scripts, styles and fonts: with a hash in the name, what is once there never changes. */
@Configuration
class StaticFiles implements WebMvcConfigurer {
    private static final Duration A_YEAR = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(A_YEAR).cachePublic().immutable());
    }
}
