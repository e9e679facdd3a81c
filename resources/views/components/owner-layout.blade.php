@props(['title', 'link'])
<!doctype html>
<html lang="en" data-theme="sun">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="theme-color" content="#1f4d3a">
    <title>{{ $title }} · Ivy Yoke</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="manifest" href="{{ $link->addressOf('owner.manifest') }}">
    <script type="application/json" id="texts">{!! json_encode(__('live'), JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE) !!}</script>
    <link rel="preload" as="font" type="font/woff2" href="{{ Vite::asset('node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2') }}" crossorigin>
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body data-owner="{{ $link->addressOf('owner.loads') }}" data-made="{{ now()->getTimestamp() }}">
    <header class="top"><a class="brand" href="{{ $link->address() }}"><x-sign /> <span>Ivy Yoke</span></a></header>
    <p class="owner-contact no-print" role="status" data-contact hidden></p>
    {{ $slot }}
</body>
</html>
