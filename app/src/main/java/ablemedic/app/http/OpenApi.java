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
import java.util.stream.Stream;
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
                model.setRequired(required(java.getRawClass()).toList());
            }
            return resolved;
        }

        /** The names of the fields of a record, with those of the groups that stand in it without a name of theirs. */
        private static Stream<String> required(Class<?> record) {
            return Arrays.stream(record.getRecordComponents())
                    .flatMap(component -> WrittenPath.isGroup(component)
                            ? required(component.getType())
                            : mayBeMissing(component) ? Stream.empty() : Stream.of(component.getName()));
        }

        private static boolean mayBeMissing(RecordComponent component) {
            return component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                    || component.getType() == Optional.class;
        }
    }
}
