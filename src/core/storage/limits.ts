/** Highest temperature for going into a fridge beside other food, °C. */
export const FRIDGE_FROM_C = 21;
