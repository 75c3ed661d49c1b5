/** Browsers request this when a page has no icon yet; the icon is an SVG. */
export function GET(request: Request): Response {
  return new Response(null, { status: 308, headers: { location: new URL('/icon.svg', request.url).pathname } });
}
