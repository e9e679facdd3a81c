@props(['title'])
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Ivy Yoke</title>
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="card door">
        <h1 class="text-2xl">{{ $title }}</h1>
        <p>{{ $slot }}</p>
        <a class="button is-first" href="/">{{ __('page/components.trouble.to_the_yard') }}</a>
    </main>
</body>
</html>
