package lexicor.server.problems;

import java.util.List;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.type.LogicalType;

/** A number is not a text and a text no number: what is sent as another kind is refused, not guessed at. */
@Configuration
class StrictJson {
    private static final List<CoercionInputShape> NO_TEXT =
            List.of(CoercionInputShape.Integer, CoercionInputShape.Float, CoercionInputShape.Boolean);

    @Bean
    JsonMapperBuilderCustomizer strict() {
        return json -> json.disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .withCoercionConfig(
                        LogicalType.Textual,
                        text -> NO_TEXT.forEach(shape -> text.setCoercion(shape, CoercionAction.Fail)));
    }
}
