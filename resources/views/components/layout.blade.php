@props(['title', 'here' => null])
<!doctype html>
<html lang="en" data-theme="{{ $person?->theme ?? 'sun' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ $title }} · Ivy Yoke</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body @if ($person) data-person="{{ $person->id }}" @endif>
    <header class="top" data-top>
        <a class="brand" href="{{ route('yard') }}"><x-sign /> <span>Ivy Yoke</span></a>
        @if ($person)
            <nav class="top-nav" aria-label="Main">
                <a href="{{ route('yard') }}" @if ($here === 'yard') aria-current="page" @endif>Yard</a>
                <a href="{{ route('log') }}" @if ($here === 'log') aria-current="page" @endif>Log</a>
                <a href="{{ route('garage') }}" @if ($here === 'garage') aria-current="page" @endif>Garage</a>
                <a href="{{ route('jobs.create') }}" @if ($here === 'new') aria-current="page" @endif>New job</a>
            </nav>
            <button type="button" class="top-menu" data-menu hidden aria-expanded="false" aria-controls="preferences"><span aria-hidden="true">☰</span><span class="sr-only">Preferences</span></button>
            <div class="top-preferences" id="preferences">
                <form method="post" action="{{ route('preferences') }}" class="flex items-center gap-2" data-preferences>
                    @csrf
                    <label class="sr-only" for="fineness">Units and fineness</label>
                    <select id="fineness" name="fineness">
                        @foreach (\Yoke\Units\Text\Fineness::cases() as $fineness)
                            <option value="{{ $fineness->value }}" @selected($person->fineness === $fineness)>{{ $fineness->value }}</option>
                        @endforeach
                    </select>
                    <label class="sr-only" for="theme">Theme</label>
                    <select id="theme" name="theme">
                        @foreach (\App\Models\User::THEMES as $theme => $name)
                            <option value="{{ $theme }}" @selected($person->theme === $theme)>{{ $name }}</option>
                        @endforeach
                    </select>
                    <noscript><button>Set</button></noscript>
                </form>
                <button type="button" data-keys-open aria-haspopup="dialog" title="Keyboard"><span aria-hidden="true">?</span><span class="sr-only">Keyboard</span></button>
                <form method="post" action="{{ route('sign-out') }}">@csrf<button title="Signed in as {{ $person->name }}">Sign out</button></form>
            </div>
        @endif
    </header>
    <div class="waiting" data-waiting role="status" hidden></div>
    {{ $slot }}
    <x-key-sheet />
</body>
</html>
