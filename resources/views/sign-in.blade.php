<x-layout :title="__('page/top.sign-in.sign_in')">
    <main class="doorway">
        <div>
            <x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Drawing\Sheet::around($elevation, 5.6)" :stances="$elevation->stances()" aria-hidden="true" />
            <p class="motto">{{ __('page/top.sign-in.alone_dropped_carried_what_the') }}</p>
        </div>
        <form method="post" action="/sign-in" class="card door" novalidate>
            @csrf
            <h1 class="text-2xl">{{ __('page/top.sign-in.sign_in') }}</h1>
            <div class="field">
                <label for="email">{{ __('page/top.sign-in.e_mail') }}</label>
                <input id="email" name="email" type="email" value="{{ old('email') }}" autocomplete="username" autofocus aria-describedby="email-says" @error('email') aria-invalid="true" @enderror>
                <p class="sentence" id="email-says" data-tone="stop">@error('email'){{ $message }}@enderror</p>
            </div>
            <div class="field">
                <label for="password">{{ __('page/top.sign-in.password') }}</label>
                <input id="password" name="password" type="password" autocomplete="current-password" aria-describedby="password-says" @error('password') aria-invalid="true" @enderror>
                <p class="sentence" id="password-says" data-tone="stop">@error('password'){{ $message }}@enderror</p>
            </div>
            <button class="button is-first">{{ __('page/top.sign-in.sign_in') }}</button>
        </form>
    </main>
</x-layout>
