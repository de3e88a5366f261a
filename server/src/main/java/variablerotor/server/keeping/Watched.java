package variablerotor.server.keeping;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where machines ask for health and figures: whoever started it hands that on. */
@Component
class Watched {
  private static final Logger LOG = LoggerFactory.getLogger(Watched.class);

  @EventListener
  void begins(WebServerInitializedEvent event) {
    if ("management".equals(event.getApplicationContext().getServerNamespace())) {
      LOG.info("Watched at http://127.0.0.1:{}/actuator/", event.getWebServer().getPort());
    }
  }
}
