package lexicor.server.catalogue;

import java.nio.file.Path;
import lexicor.core.catalogue.Catalogue;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Reads the packs once at the start; a pack that is not valid stops it. */
@Configuration
class CatalogueConfiguration {
    @Bean
    Catalogue catalogue(@Value("${lexicor.packs}") Path packs) {
        return PacksAhead.read(packs);
    }
}
