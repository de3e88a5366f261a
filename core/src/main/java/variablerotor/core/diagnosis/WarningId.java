package variablerotor.core.diagnosis;

/** What there is to mind beside a verdict, by the name that it has in the open format. */
public enum WarningId {
  /** Two readings that no machine could show together. */
  CONTRADICTION,
  /** An answer that is rare for this complaint; it is weighed. */
  UNUSUAL,
  /** What was measured twice does not agree: neither counts. */
  DISAGREE,
  /** A switch that opens as an effect is open: what it took away says nothing. */
  SWITCH_OPEN,
  /** Ice is what a fan that stands makes. */
  ICE_IS_AN_EFFECT,
  /** Read while it ran, of a fault that comes and goes. */
  READ_WHILE_IT_RAN,
  /** A self-finding motor looks for its way on its first power. */
  SELF_FINDING,
  /** What was heard belongs to another complaint. */
  OTHER_COMPLAINT,
  /** A fact that this family, or this complaint, does not use. */
  NOT_USED,
  /** Just outside a usual window: a question, and no finding. */
  WINDOW_EDGE,
  /** A line voltage that only the plate can judge. */
  PLATE_FIRST,
  /** Two readings gone together and one left: the black probe. */
  BLACK_PROBE,
  /** Back-EMF too small to mean anything. */
  EMF_TOO_LITTLE,
  /** No single fault explains the readings. */
  TWO_FAULTS,
  /** The order of checks that goes with a code. */
  CODE_ORDER,
  /** What comes and goes is measured while it shows. */
  WHILE_IT_SHOWS,
  CONTROL_VOLTS_HIGH,
  CONTROL_VOLTS_LOW,
  /** Unequal line in front of a drive or a fan's electronics. */
  UNBALANCE_AT_INPUT,
  UNBALANCE_DERATE,
  UNBALANCE_DO_NOT_RUN,
  /** The meter is too coarse for these pairs. */
  METER_CANNOT_TELL,
  WINDING_INCONSISTENT,
  WINDING_LEVEL_UNUSUAL,
  WINDING_UNCHECKED,
  WINDING_MAY_BE_DAMAGED,
  MODULE_MAY_BE_DAMAGED,
  DRIVE_MAY_BE_DAMAGED,
  /** The next module dies of the same. */
  WATER,
  /** What killed it will kill the next. */
  LOOK_FOR_CAUSE,
  /** The file has a field that the format does not know. */
  UNKNOWN_FIELD
}
