package variablerotor.js.compiler;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.teavm.model.BasicBlock;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.Instruction;
import org.teavm.model.MethodHolder;
import org.teavm.model.MethodReference;
import org.teavm.model.instructions.BinaryInstruction;
import org.teavm.model.instructions.InvocationType;
import org.teavm.model.instructions.InvokeInstruction;
import org.teavm.model.instructions.NumericOperandType;

/**
 * The compiler writes {@code a * (b / c)} and {@code a + (b - c)} of doubles without the brackets
 * (seen with 0.15, at every level of optimisation), and doubles are not associative: the last digit
 * changes, and with it the order of two suspects that are tied. So each such operation of ours
 * becomes a call, whose arguments are never taken apart. Runs inside the compiler.
 */
public final class KeepBrackets implements ClassHolderTransformer {
  private static final String OURS = "variablerotor.";

  @Override
  public void transformClass(ClassHolder type, ClassHolderTransformerContext context) {
    boolean ours =
        type.getName().startsWith(OURS) && !type.getName().equals(Arithmetic.class.getName());
    if (!ours) {
      return;
    }
    for (MethodHolder method : type.getMethods()) {
      if (method.getProgram() != null) {
        for (BasicBlock block : method.getProgram().getBasicBlocks()) {
          transform(block);
        }
      }
    }
  }

  private static void transform(BasicBlock block) {
    List<BinaryInstruction> found = new ArrayList<>();
    for (Instruction instruction : block) {
      if (instruction instanceof BinaryInstruction binary
          && binary.getOperandType() == NumericOperandType.DOUBLE
          && nameOf(binary) != null) {
        found.add(binary);
      }
    }
    for (BinaryInstruction binary : found) {
      InvokeInstruction call = new InvokeInstruction();
      call.setType(InvocationType.SPECIAL);
      call.setMethod(
          new MethodReference(
              Arithmetic.class,
              Objects.requireNonNull(nameOf(binary)),
              double.class,
              double.class,
              double.class));
      call.setArguments(binary.getFirstOperand(), binary.getSecondOperand());
      call.setReceiver(binary.getReceiver());
      call.setLocation(binary.getLocation());
      binary.replace(call);
    }
  }

  /** Null for an operation that has no brackets to lose, such as a comparison. */
  private static @Nullable String nameOf(BinaryInstruction binary) {
    return switch (binary.getOperation()) {
      case ADD -> "sum";
      case SUBTRACT -> "difference";
      case MULTIPLY -> "product";
      case DIVIDE -> "quotient";
      default -> null;
    };
  }
}
