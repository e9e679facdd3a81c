<x-layout :title="__('page/people.join.title')">
    <main class="doorway is-single">
        <form method="post" action="{{ $to }}" class="card door" novalidate>
            @csrf
            <x-from-here />
            <h1 class="text-2xl">{{ __('page/people.join.title') }}</h1>
            <p>{{ __('page/people.join.you_are', ['name' => $newcomer->name, 'email' => $newcomer->email]) }}</p>
            <input type="hidden" name="username" value="{{ $newcomer->email }}" autocomplete="username">
            <x-asked name="password" type="password" autocomplete="new-password" autofocus :label="__('page/people.join.password')" />
            <x-asked name="password_again" type="password" autocomplete="new-password" :label="__('page/people.join.password_again')" />
            <button class="button is-first">{{ __('page/people.join.choose') }}</button>
        </form>
    </main>
</x-layout>
