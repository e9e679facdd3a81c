<x-layout :title="__('page/card.closed.link_closed')">
    <main class="door card">
        <h1>{{ __('page/card.closed.this_link_is_closed') }}</h1>
        <p>{{ __('page/card.closed.it_has_ended_was_revoked') }}</p>
    </main>
</x-layout>
