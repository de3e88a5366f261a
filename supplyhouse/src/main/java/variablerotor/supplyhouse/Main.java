package variablerotor.supplyhouse;

import java.io.IOException;

/** {@code Main PORT}: serves until it is stopped; prints its address. */
public final class Main {
  private Main() {}

  public static void main(String[] args) throws IOException {
    if (args.length != 1 || !args[0].matches("\\d{1,5}")) {
      System.err.println("usage: PORT, 0 for any that is free");
      System.exit(2);
    }
    SupplyHouse house = new SupplyHouse(Integer.parseInt(args[0]));
    System.out.println("Supply house at http://127.0.0.1:" + house.port());
  }
}
