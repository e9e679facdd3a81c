<x-layout :title="__('page/top.no-connection.no_connection')">
    <main class="door card">
        <h1>{{ __('page/top.no-connection.no_connection') }}</h1>
        <p>{{ __('page/top.no-connection.this_page_is_not_kept') }}</p>
        <p><a class="button is-first" href="{{ route('yard') }}">{{ __('page/top.no-connection.to_the_yard') }}</a></p>
    </main>
</x-layout>
