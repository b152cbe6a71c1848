package ablemedic.app.demo;

import org.springframework.beans.factory.InitializingBean;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Fills the demo bench, where that was asked for, before the first request is taken. */
@Component
@Lazy(false)
@ConditionalOnProperty(name = "medic.demo", havingValue = "true")
class DemoStart implements InitializingBean {
  private final DemoBench bench;

  DemoStart(DemoBench bench) {
    this.bench = bench;
  }

  @Override
  public void afterPropertiesSet() {
    bench.fill();
  }
}
