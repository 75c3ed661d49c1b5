/** What may be warm when it goes into a fridge beside other food, °C. */
export const FRIDGE_FROM_C = 21;
