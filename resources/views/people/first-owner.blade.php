<x-layout :title="__('page/people.first-owner.title')">
    <main class="doorway is-single">
        <form method="post" action="{{ route('first-owner.make') }}" class="card door" novalidate>
            @csrf
            <x-from-here />
            <h1 class="text-2xl">{{ __('page/people.first-owner.title') }}</h1>
            <p>{{ __('page/people.first-owner.nobody_is_here_yet') }}</p>
            <x-asked name="code" autocomplete="one-time-code" autofocus :label="__('page/people.first-owner.code')" :hint="__('page/people.first-owner.code_is')" />
            <x-asked name="name" autocomplete="name" :label="__('page/people.first-owner.name')" />
            <x-asked name="email" type="email" autocomplete="username" :label="__('page/people.first-owner.e_mail')" />
            <x-asked name="password" type="password" autocomplete="new-password" :label="__('page/people.first-owner.password')" />
            <x-asked name="password_again" type="password" autocomplete="new-password" :label="__('page/people.first-owner.password_again')" />
            <button class="button is-first">{{ __('page/people.first-owner.set_up') }}</button>
        </form>
    </main>
</x-layout>
