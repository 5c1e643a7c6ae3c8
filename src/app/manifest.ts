import type { MetadataRoute } from 'next';

/** What a phone needs to set Ferula on its home screen; it opens where it is used on the water. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Ferula',
    short_name: 'Ferula',
    start_url: '/log',
    display: 'standalone',
    background_color: '#f4f1e8',
    theme_color: '#f4f1e8',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
  };
}
