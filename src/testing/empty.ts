// Replaces packages that only guard a bundle, such as `server-only`.
export {};
