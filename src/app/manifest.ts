import { type MetadataRoute } from 'next';
import { pageWords } from './pageWords';

/** Name and look of the installed app. */
export default async function manifest(): Promise<MetadataRoute.Manifest> {
  const w = await pageWords();
  return {
    name: 'Even Ember',
    short_name: 'Even Ember',
    description: w.text('page.description'),
    id: '/',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#dfe5e1',
    theme_color: '#17363c',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
      { src: '/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
