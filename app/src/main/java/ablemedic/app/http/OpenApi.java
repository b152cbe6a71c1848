package ablemedic.app.http;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface. A field is always there unless its type says that it may be missing. */
@Configuration
class OpenApi {
    private static final Words SAID = Catalogue.beside(OpenApi.class, "words").of("open-api");

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(new Info()
                        .title("Able Medic")
                        .version("1")
                        .description(SAID.line("about").plain()));
    }

    @Bean
    ModelConverter requiredFields() {
        return new RequiredFields();
    }

    /** Marks the fields of records as required but for those that may be left out. */
    private static final class RequiredFields implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            if (!chain.hasNext()) {
                return null;
            }
            Schema<?> resolved = chain.next().resolve(type, context, chain);
            JavaType java = Json.mapper().constructType(type.getType());
            Schema<?> model = context.getDefinedModels().get(java.getRawClass().getSimpleName());
            if (java.getRawClass().isRecord() && model != null) {
                model.setRequired(Arrays.stream(java.getRawClass().getRecordComponents())
                        .filter(component -> !component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                                && component.getType() != Optional.class)
                        .map(RecordComponent::getName)
                        .toList());
            }
            return resolved;
        }
    }
}
