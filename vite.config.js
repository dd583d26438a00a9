import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/css/app.css', 'resources/js/app.js'] }),
        tailwindcss(),
    ],
    build: {
        // The Content-Security-Policy allows no data: addresses, so nothing is inlined.
        assetsInlineLimit: 0,
    },
});
