@props(['title', 'link'])
<!doctype html>
<html lang="{{ app()->getLocale() }}" data-theme="sun">
<x-head :title="$title"><meta name="theme-color" content="#1f4d3a"><link rel="manifest" href="{{ $link->addressOf('owner.manifest') }}"></x-head>
<body data-owner="{{ $link->addressOf('owner.loads') }}" data-made="{{ now()->getTimestamp() }}">
    <header class="top"><a class="brand" href="{{ $link->address() }}"><x-sign /> <span>Ivy Yoke</span></a></header>
    <p class="owner-contact no-print" role="status" data-contact hidden></p>
    {{ $slot }}
</body>
</html>
