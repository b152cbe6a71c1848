package ablemedic.app.workup;

import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.stereotype.Component;

/** Which build of the program this is: another reasons anew. One that was not built as a whole is another each time. */
@Component
class Build {
    private final String name;

    Build(ObjectProvider<BuildProperties> build) {
        BuildProperties properties = build.getIfAvailable();
        name = properties == null ? UUID.randomUUID().toString() : String.valueOf(properties.getTime());
    }

    String name() {
        return name;
    }
}
