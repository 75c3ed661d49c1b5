/** A kitchen's air, °C. */
export const ROOM_C = 22;

/** What comes out of the cold tap, °C. */
export const TAP_C = 20;

/** A fridge that does its work, °C. */
export const FRIDGE_C = 4;
