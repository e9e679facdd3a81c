<x-layout :title="__('page/people.password-again.title')">
    <main class="doorway is-single">
        <form method="post" action="{{ route('password.check') }}" class="card door" novalidate>
            @csrf
            <x-from-here />
            <h1 class="text-2xl">{{ __('page/people.password-again.title') }}</h1>
            <p>{{ __('page/people.password-again.this_concerns') }}</p>
            <x-asked name="password" type="password" autocomplete="current-password" autofocus :label="__('page/people.password-again.password')" />
            <button class="button is-first">{{ __('page/people.password-again.go_on') }}</button>
        </form>
    </main>
</x-layout>
