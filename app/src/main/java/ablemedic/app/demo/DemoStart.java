package ablemedic.app.demo;

import org.springframework.beans.factory.InitializingBean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/**
 * Fills the demo bench, where that was asked for, before the first request is taken. Asked at the start and not by a
 * condition on the bean, since those are settled when the program is built.
 */
@Component
@Lazy(false)
class DemoStart implements InitializingBean {
    private final boolean wanted;
    private final ObjectProvider<DemoBench> bench;

    DemoStart(@Value("${medic.demo}") boolean wanted, ObjectProvider<DemoBench> bench) {
        this.wanted = wanted;
        this.bench = bench;
    }

    @Override
    public void afterPropertiesSet() {
        if (wanted) {
            bench.getObject().fill();
        }
    }
}
