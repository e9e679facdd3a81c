import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/css/app.css', 'resources/css/practice.css', 'resources/css/procedure.css', 'resources/css/choice.css', 'resources/css/day.css', 'resources/js/app.js'], refresh: true }),
        tailwindcss(),
        VitePWA({
            strategies: 'injectManifest',
            srcDir: 'resources/js/offline',
            filename: 'worker.js',
            outDir: 'public/build',
            buildBase: '/build/',
            injectRegister: false,
            manifest: false,
            injectManifest: { globPatterns: ['assets/*.{js,css,woff2}'], modifyURLPrefix: { '': '/build/' } },
        }),
    ],
});
