package variablerotor.server.stock;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import variablerotor.core.stock.PlateText;
import variablerotor.server.photo.PhotoImage;
import variablerotor.server.photo.PhotoService;
import variablerotor.server.supply.SupplyService;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Turn;

/** Parts by what stands on a photo of a plate or a box. */
@Service
public class PlateService {
  private static final int LONGEST_BARCODE = 100;

  /** One picture at a time: each takes a processor and its memory for as long as it is read. */
  private final Turn turn = new Turn(1, 5, Duration.ofSeconds(20));

  private final PhotoService photos;
  private final LetterReader reader;
  private final StockService stock;
  private final SupplyService supply;

  PlateService(PhotoService photos, LetterReader reader, StockService stock, SupplyService supply) {
    this.photos = photos;
    this.reader = reader;
    this.stock = stock;
    this.supply = supply;
  }

  /**
   * @param says what came of the reading, in a sentence
   * @param lines as they were read; a barcode's text first
   */
  record PlateRead(String says, List<String> lines, List<StockService.FoundRow> parts) {
    PlateRead {
      lines = List.copyOf(lines);
      parts = List.copyOf(parts);
    }
  }

  /**
   * Not within a transaction: reading takes its seconds.
   *
   * @throws Refused where too many are being read already
   */
  PlateRead read(UUID call, UUID photo) {
    byte[] picture = photos.content(call, photo).bytes();
    List<String> lines = new ArrayList<>();
    Optional<List<String>> letters =
        turn.take(
            () -> {
              reader
                  .barcode(picture)
                  .filter(one -> one.length() <= LONGEST_BARCODE)
                  .ifPresent(lines::add);
              return reader.lines(picture);
            });
    letters.ifPresent(lines::addAll);
    List<StockService.FoundRow> parts =
        stock.rows(PlateText.find(PlateText.candidates(lines), stock.stock(), supply.kept()));
    return new PlateRead(says(letters.isPresent(), lines, parts), lines, parts);
  }

  /**
   * @param words where they stand on the picture
   * @param width of the picture that they were read on [pixels]
   * @param height of it [pixels]
   */
  record PlateWords(List<LetterReader.ReadWord> words, int width, int height) {
    PlateWords {
      words = List.copyOf(words);
    }
  }

  /**
   * The words on a picture that is not kept, for a device that cannot read letters itself.
   *
   * @throws Refused where it is no picture, where nobody here reads letters, or where too many are
   *     being read already
   */
  PlateWords words(byte[] picture) {
    PhotoImage image = PhotoImage.of(picture);
    return turn.take(() -> reader.words(image.content()))
        .map(words -> new PlateWords(words, image.width(), image.height()))
        .orElseThrow(
            () ->
                Refused.busy(
                    "This server cannot read letters just now. Read the plate yourself, and type it."));
  }

  private static String says(
      boolean isReader, List<String> lines, List<StockService.FoundRow> parts) {
    if (!parts.isEmpty()) {
      return "Read off the photo; hold it against the plate before you order.";
    }
    if (!isReader && lines.isEmpty()) {
      return "This server cannot read letters just now: read the number off the plate yourself.";
    }
    return lines.isEmpty()
        ? "Nothing on it can be read. Take it closer, straight on, without glare."
        : "No number on it is one of a part that stock or supply house know.";
  }
}
