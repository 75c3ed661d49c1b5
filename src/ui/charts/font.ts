/** What charts are lettered in. */
export const FONT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
