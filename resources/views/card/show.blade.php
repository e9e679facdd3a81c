<x-layout :title="__('page/card.show.card', ['title' => $page->job->title])">
    <main class="paper card-paper">
        <div class="yard-head no-print">
            @if ($link)
                <a class="button" href="{{ $link->address() }}">{{ __('page/card.show.to_the_page') }}</a>
                @foreach (\App\Models\Paper::cases() as $paper)<a class="button" href="{{ $link->pdfAddress($paper) }}">{{ __('page/card.show.pdf', ['paper' => __('screen.paper.'.$paper->value)]) }}</a>@endforeach
            @else
                <a class="button" href="{{ route('bench', [$page->job, 'hand-over']) }}">{{ __('page/card.show.to_the_bench') }}</a>
                @foreach (\App\Models\Paper::cases() as $paper)<a class="button" href="{{ route('card.pdf', [$page->job, $paper->value]) }}">{{ __('page/card.show.pdf', ['paper' => __('screen.paper.'.$paper->value)]) }}</a>@endforeach
            @endif
            <button class="button is-first" type="button" data-print>{{ __('page/card.show.print_the_card') }}</button>
        </div>
        <header>
            <h1>{{ $page->job->title }}</h1>
            <p>{{ $page->job->rigAsWorked()->vehicleName() }} · {{ $page->job->rigAsWorked()->trailerName() }} · {{ $page->job->rigAsWorked()->hitchName() }}</p>
        </header>
        @php($elevation = $page->elevation())
        <x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Showing\Drawing\Canvas::around($elevation, 4.8)" :stances="[$elevation->latest()]" role="img" :aria-label="__('page/card.show.the_rig_as_it_was')" />
        @include('card.body')
        @php($open = $link ?? $page->openLink())
        @if ($open)<div class="qr-row"><x-qr :address="url($open->address())" role="img" :aria-label="__('page/card.show.on_the_phone')" /><p>{{ __('page/card.show.on_the_phone') }}</p></div>@endif
        @if (! $link && $page->job->ownerNotes->isNotEmpty())
            <section class="no-print card links" aria-label="{{ __('page/card.show.notes') }}">
                <h2>{{ __('page/card.show.notes') }}</h2>
                @foreach ($page->job->ownerNotes as $note)<p><span class="who">{{ $note->sent_at->isoFormat('D MMM YYYY HH:mm') }}</span> {{ $note->note }}@if ($note->seenBy) <span class="who">{{ __('page/card.show.seen_by', ['person' => $note->seenBy->name]) }}</span>@endif</p>@endforeach
            </section>
        @endif
        @if (! $link)
            <section class="no-print card links" aria-label="{{ __('page/card.show.private_links') }}">
                <h2>{{ __('page/card.show.private_links_for_the_owner') }}</h2>
                <p class="sentence">{{ __('page/card.show.whoever_has_the_link_sees') }}</p>
                @foreach ($page->job->cardLinks as $one)
                    <div class="link-row">
                        @if ($one->isOpen())
                            <input readonly value="{{ url($one->address()) }}" aria-label="{{ __('page/card.show.link_made', ['made_at' => $one->made_at->isoFormat('D MMM HH:mm')]) }}"><span class="who">{{ \App\Words\LanguageWords::ofLink($one) }}</span>
                            <form method="post" action="{{ route('card.revoke', [$page->job, $one->id]) }}">@csrf<button class="button is-small">{{ __('page/card.show.revoke_link') }}</button></form>
                        @else
                            <p class="sentence">{{ __('page/card.show.made', ['made_at' => $one->made_at->isoFormat('D MMM HH:mm'), 'revoked_at' => $one->revoked_at ? __('page/card.show.revoked', ['at' => $one->revoked_at->isoFormat('D MMM HH:mm')]) : __('page/card.show.ended')]) }}</p>
                        @endif
                    </div>
                @endforeach
                <form method="post" action="{{ route('card.link', $page->job) }}" class="link-form">
                    @csrf
                    <x-picked name="link_language" :label="__('page/card.show.language')" :options="\App\Words\LanguageWords::all()" :chosen="$person->language->value" />
                    <x-picked name="link_units" :label="__('page/card.show.units')" :options="\App\Words\LanguageWords::units()" :chosen="$person->fineness->value" />
                    <button class="button">{{ __('page/card.show.create_a_link') }}</button>
                </form>
            </section>
        @endif
    </main>
</x-layout>
