package variablerotor.server.supply;

import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.json.Json;
import variablerotor.server.web.Only;
import variablerotor.server.web.Right;

/** The supply house, over HTTP. */
@RestController
@RequestMapping("/api/supply")
class SupplyApi {
  private final SupplyService supply;

  SupplyApi(SupplyService supply) {
    this.supply = supply;
  }

  @GetMapping
  SupplyService.Desk desk() {
    return supply.desk();
  }

  /** Its parts by words, number or barcode; where it does not answer, as it said last. */
  @GetMapping("/parts")
  SupplyService.Heard find(@RequestParam(defaultValue = "") String q) {
    return supply.find(q);
  }

  /** How the simulated supply house behaves. */
  @Only(Right.LEAD)
  @GetMapping("/stand-in")
  Object mood() {
    return supply.mood();
  }

  /** Makes the simulated supply house slow, failing or stocked, or good again. */
  @Only(Right.LEAD)
  @PutMapping("/stand-in")
  Object mood(@RequestBody Map<String, Object> body) {
    return supply.mood(Json.plainMap(body));
  }
}
