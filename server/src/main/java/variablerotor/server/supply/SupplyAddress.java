package variablerotor.server.supply;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Where the supply house is asked.
 *
 * @param url empty where the shop asks none
 * @param standIn whether it is the simulated one, which can be told how to behave
 */
@ConfigurationProperties("rotor.supply")
record SupplyAddress(@DefaultValue("") String url, @DefaultValue("false") boolean standIn) {
  boolean isThere() {
    return !url.isEmpty();
  }
}
