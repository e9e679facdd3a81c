<x-layout :title="__('page/day.calendar.title')" here="yard">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/day.calendar.title') }}</h1></div>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        <section class="card links" aria-label="{{ __('page/day.calendar.title') }}">
            <p class="sentence">{{ __('page/day.calendar.lead') }}</p>
            @if (session('address'))<p role="status">{{ __('page/day.calendar.once') }}</p><output class="secret">{{ session('address') }}</output>@endif
            @foreach ($links as $link)
                <div class="link-row">
                    @if ($link->revoked_at === null)
                        <p class="sentence">{{ __('page/day.calendar.made', ['made' => $link->made_at->isoFormat('ll')]) }}</p>
                        <form method="post" action="{{ route('calendar.revoke', $link->id) }}">@csrf<button class="button is-small">{{ __('page/day.calendar.revoke') }}</button></form>
                    @else
                        <p class="sentence">{{ __('page/day.calendar.revoked', ['made' => $link->made_at->isoFormat('ll'), 'revoked' => $link->revoked_at->isoFormat('ll')]) }}</p>
                    @endif
                </div>
            @endforeach
            <form method="post" action="{{ route('calendar.make') }}">@csrf<button class="button">{{ __('page/day.calendar.make') }}</button></form>
        </section>
    </main>
</x-layout>
