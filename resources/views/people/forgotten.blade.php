<x-layout :title="__('page/people.forgotten.title')">
    <main class="doorway is-single">
        <form method="post" action="{{ route('forgotten.mail') }}" class="card door" novalidate>
            @csrf
            <x-from-here />
            <h1 class="text-2xl">{{ __('page/people.forgotten.title') }}</h1>
            @if (session('done'))<p class="do-next is-in-range" role="status">{{ session('done') }}</p>@endif
            <p>{{ $isMailed ? __('page/people.forgotten.mail_is_set_up') : __('page/people.forgotten.mail_is_not_set_up') }}</p>
            <x-asked name="email" type="email" autocomplete="username" autofocus :label="__('page/people.forgotten.e_mail')" />
            <button class="button is-first">{{ __('page/people.forgotten.send') }}</button>
            <a class="button is-quiet" href="/sign-in">{{ __('page/people.forgotten.back') }}</a>
        </form>
    </main>
</x-layout>
