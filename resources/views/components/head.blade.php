@props(['title', 'sheet' => null])
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    {{ $slot }}
    <title>{{ $title }} · Ivy Yoke</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <script type="application/json" id="texts">{!! json_encode(__('live'), JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE) !!}</script>
    <link rel="preload" as="font" type="font/woff2" href="{{ Vite::asset('node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2') }}" crossorigin>
    @vite(array_merge(['resources/css/app.css'], $sheet === null ? [] : ["resources/css/{$sheet}.css"], ['resources/js/app.js']))
</head>
