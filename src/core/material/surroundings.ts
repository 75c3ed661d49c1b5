/** Kitchen air, °C. */
export const ROOM_C = 22;

/** Cold tap water, °C. */
export const TAP_C = 20;

/** A working fridge, °C. */
export const FRIDGE_C = 4;
