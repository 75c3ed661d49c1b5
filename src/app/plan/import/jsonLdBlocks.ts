/** The texts of a page's JSON-LD scripts. Nothing in the page is run or loaded. */
export function jsonLdBlocks(html: string): string[] {
  const page = new DOMParser().parseFromString(html, 'text/html');
  return [...page.querySelectorAll('script[type="application/ld+json"]')].map((s) => s.textContent);
}
