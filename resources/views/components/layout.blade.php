@props(['title', 'here' => null, 'sheet' => null])
<!doctype html>
<html lang="{{ app()->getLocale() }}" data-theme="{{ $person?->theme ?? 'sun' }}">
<x-head :title="$title" :sheet="$sheet"><meta name="csrf-token" content="{{ csrf_token() }}"></x-head>
<body @if ($person) data-person="{{ $person->id }}" data-seal="{{ $person->seal() }}" @endif>
    <header class="top" data-top>
        <a class="brand" href="{{ route('yard') }}"><x-sign /> <span>Ivy Yoke</span></a>
        @if ($person)
            <nav class="top-nav" aria-label="{{ __('page/components.layout.main') }}">
                <a href="{{ route('yard') }}" @if ($here === 'yard') aria-current="page" @endif>{{ __('page/components.layout.yard') }}</a>
                <a href="{{ route('log') }}" @if ($here === 'log') aria-current="page" @endif>{{ __('page/components.layout.log') }}</a>
                <a href="{{ route('garage') }}" @if ($here === 'garage') aria-current="page" @endif>{{ __('page/components.layout.garage') }}</a>
                <a href="{{ route('practice') }}" @if ($here === 'practice') aria-current="page" @endif>{{ __('page/components.layout.practice') }}</a>
                <a href="{{ route('jobs.create') }}" @if ($here === 'new') aria-current="page" @endif>{{ __('page/components.layout.new_job') }}</a>
            </nav>
            <button type="button" class="top-menu" data-menu hidden aria-expanded="false" aria-controls="preferences"><span aria-hidden="true">☰</span><span class="sr-only">{{ __('page/components.layout.preferences') }}</span></button>
            <div class="top-preferences" id="preferences">
                <form method="post" action="{{ route('preferences') }}" class="flex items-center gap-2" data-preferences>
                    @csrf<x-from-here />
                    <label class="sr-only" for="fineness">{{ __('page/components.layout.units_and_fineness') }}</label>
                    <select id="fineness" name="fineness">
                        @foreach (\Yoke\Foundation\Units\Text\Fineness::cases() as $fineness)
                            <option value="{{ $fineness->value }}" @selected($person->fineness === $fineness)>{{ $fineness->value }}</option>
                        @endforeach
                    </select>
                    <label class="sr-only" for="theme">{{ __('page/components.layout.theme') }}</label>
                    <select id="theme" name="theme">
                        @foreach (\App\Models\User::THEMES as $theme)
                            <option value="{{ $theme }}" @selected($person->theme === $theme)>{{ __('screen.theme.'.$theme) }}</option>
                        @endforeach
                    </select>
                    <noscript><button>{{ __('page/components.layout.set') }}</button></noscript>
                </form>
                <button type="button" data-keys-open aria-haspopup="dialog" title="{{ __('page/components.layout.keyboard') }}"><span aria-hidden="true">?</span><span class="sr-only">{{ __('page/components.layout.keyboard') }}</span></button>
                <a class="top-person" href="{{ route('account') }}" title="{{ __('page/components.layout.account_of', ['person' => $person->name]) }}" @if ($here === 'account') aria-current="page" @endif><span aria-hidden="true">{{ $person->initials() }}</span><span class="sr-only">{{ __('page/components.layout.account') }}</span></a>
            </div>
        @endif
    </header>
    <p class="kept-says" data-kept-says role="status" hidden></p>
    <div class="waiting" data-waiting role="status" hidden></div>
    @if ($readsOnly)
        <p class="reads-only" role="note">{{ __('page/components.layout.you_read_and_book') }}</p>
        <fieldset class="read-only" disabled>{{ $slot }}</fieldset>
    @else
        {{ $slot }}
    @endif
    <x-key-sheet />
</body>
</html>
