<x-layout :title="__('page/people.sign-in.sign_in')">
    <main class="doorway">
        <div>
            <x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Showing\Drawing\Canvas::around($elevation, 5.6)" :stances="$elevation->stances()" aria-hidden="true" />
            <p class="motto">{{ __('page/people.sign-in.alone_dropped_carried_what_the') }}</p>
        </div>
        <form method="post" action="/sign-in" class="card door" novalidate>
            @csrf
            <x-from-here />
            <h1 class="text-2xl">{{ __('page/people.sign-in.sign_in') }}</h1>
            <x-asked name="email" type="email" autocomplete="username" autofocus :label="__('page/people.sign-in.e_mail')" />
            <x-asked name="password" type="password" autocomplete="current-password" :label="__('page/people.sign-in.password')" />
            <button class="button is-first">{{ __('page/people.sign-in.sign_in') }}</button>
            <a class="button is-quiet" href="{{ route('forgotten') }}">{{ __('page/people.sign-in.forgotten') }}</a>
        </form>
    </main>
</x-layout>
