package variablerotor.server.document;

import com.samskivert.mustache.Mustache;
import java.time.LocalDate;
import variablerotor.core.job.Signature;
import variablerotor.core.text.Dates;
import variablerotor.core.view.CallView;
import variablerotor.core.view.WaysSheet;

/**
 * The customer's sheet as it is printed.
 *
 * @param priced around when a price was said: of which day that is, where it is not today
 * @param field that a name is written into by hand, as an SVG has it
 */
record SheetPage(WaysSheet sheet, Mustache.Lambda priced, String field) {
  static SheetPage of(CallView call, PaperTime time) {
    LocalDate today = time.today();
    return new SheetPage(
        WaysSheet.of(call, today, today),
        (said, out) -> out.write(priced(time.dayOf(said.execute()), today)),
        "0 0 " + Signature.WIDTH + " " + Signature.HEIGHT);
  }

  private static String priced(LocalDate said, LocalDate today) {
    return said.isBefore(today) ? "The part's price is of " + Dates.written(said) + "." : "";
  }
}
