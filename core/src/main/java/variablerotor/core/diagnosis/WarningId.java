package variablerotor.core.diagnosis;

/** What there is to mind beside a verdict, by the name that it has in the open format. */
public enum WarningId {
  /** Two readings that no machine could show together. */
  CONTRADICTION,
  /** No single fault explains the readings. */
  TWO_FAULTS,
  /** The order of checks that goes with a code. */
  CODE_ORDER,
  /** What comes and goes is measured while it shows. */
  WHILE_IT_SHOWS,
  CONTROL_VOLTS_HIGH,
  CONTROL_VOLTS_LOW,
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
