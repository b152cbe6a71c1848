package ablemedic.serial;

import static ablemedic.serial.SerialPad.Inverter.CHIP;
import static ablemedic.serial.SerialPad.Inverter.FIXED;
import static ablemedic.serial.SerialPad.Inverter.JUMPER;
import static ablemedic.serial.SerialPad.Inverter.NONE;
import static ablemedic.serial.SerialPad.Inverter.SOFTWARE;
import static ablemedic.serial.SerialPad.Side.RX;
import static ablemedic.serial.SerialPad.Side.TX;

import ablemedic.serial.SerialPad.Inverter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Boards to plan on, one or more of each class of processor. All are invented; each has a trait that is met at the bench. */
public final class SerialBoards {
  /** Those that ship. */
  public static final List<SerialBoard> SHIPPED = List.of(
      new Drawn(Processor.F1).port("1", NONE).port("2", NONE).one("RC5", "11", SerialPad.Side.RX, NONE).one("RC6", "11", TX, NONE)
          .board("serial-f1", "Small F1 board, its first port is the computer's", "1", List.of("11"),
              "It does not say which header pins become the software port."),
      new Drawn(Processor.F3).port("1", CHIP).port("2", CHIP).port("3", CHIP)
          .board("serial-f3", "F3 board, three ports", "", List.of(), "Its receiver pad is the RX of port 3, whatever its label says."),
      new Drawn(Processor.F4).port("1", NONE).one("SBUS", "1", RX, FIXED).port("3", NONE).port("4", NONE).one("R6", "6", RX, NONE)
          .board("serial-f4-pad", "F4 board, one inverted receiver pad", "", List.of(), "The inverted pad is the RX of port 1: use one or the other. Port 6 "
              + "has no TX pad."),
      new Drawn(Processor.F4).port("1", JUMPER).port("2", NONE).port("6", JUMPER)
          .board("serial-f4-jumper", "F4 board, solder jumpers at two ports", "", List.of(), "The jumpers lie under the receiver's plug."),
      new Drawn(Processor.F4).one("R1", "1", RX, SOFTWARE).one("T1", "1", TX, NONE).port("2", NONE).port("5", NONE).one("LED", "12", TX, NONE)
          .board("serial-f4-switch", "F4 board, an inverter that the firmware switches", "", List.of("12"), "Which pin switches the inverter."),
      new Drawn(Processor.F7).port("1", CHIP).port("2", CHIP).port("3", CHIP).port("4", CHIP).port("6", CHIP)
          .board("serial-f7", "F7 board, five ports", "", List.of(), "Pads R3 and T3 lie under the board."),
      new Drawn(Processor.H7).port("1", CHIP).port("2", CHIP).port("3", CHIP).port("4", CHIP).port("6", CHIP).port("7", CHIP).one("R8", "8", RX, CHIP)
          .board("serial-h7", "H7 board, seven ports", "", List.of(), "Of port 8 only the RX is led out."));

  private SerialBoards() {}

  public static Optional<SerialBoard> find(String id) {
    return SHIPPED.stream().filter(board -> board.id().equals(id)).findFirst();
  }

  /** A board pad by pad. */
  private static final class Drawn {
    private final Processor processor;
    private final List<SerialPad> pads = new ArrayList<>();

    Drawn(Processor processor) {
      this.processor = processor;
    }

    /** Both sides of a port, named R and T as is usual. */
    Drawn port(String port, Inverter inverter) {
      return one("R" + port, port, RX, inverter).one("T" + port, port, TX, inverter);
    }

    /** F3 chips and later bear 3.3 V on their pads, older ones 5 V on most; from memory. */
    Drawn one(String name, String port, SerialPad.Side side, Inverter inverter) {
      pads.add(new SerialPad(name, port, side, inverter, processor == Processor.F1 || processor == Processor.F4));
      return this;
    }

    SerialBoard board(String id, String label, String computer, List<String> soft, String silent) {
      return new SerialBoard(id, label, processor, pads, computer, soft, silent);
    }
  }
}
