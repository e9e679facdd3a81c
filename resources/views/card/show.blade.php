<x-layout :title="'Card, '.$page->job->title">
    <main class="paper card-paper">
        <div class="yard-head no-print">
            @if ($link)
                <span class="shelves">@foreach (\Yoke\Procedure\Occasion::cases() as $occasion)<a href="{{ $link->address($occasion) }}">{{ \App\Words\ProcedureWords::title($occasion) }}</a>@endforeach</span>
                @foreach (\App\Models\Paper::cases() as $paper)<a class="button" href="{{ $link->pdfAddress($paper) }}">PDF, {{ $paper->label() }}</a>@endforeach
            @else
                <a class="button" href="{{ route('bench', [$page->job, 'hand-over']) }}">To the bench</a>
                @foreach (\App\Models\Paper::cases() as $paper)<a class="button" href="{{ route('card.pdf', [$page->job, $paper->value]) }}">PDF, {{ $paper->label() }}</a>@endforeach
            @endif
            <button class="button is-first" type="button" data-print>Print the card</button>
        </div>
        <header>
            <h1>{{ $page->job->title }}</h1>
            <p>{{ $page->job->rigAsWorked()->vehicleName() }} · {{ $page->job->rigAsWorked()->trailerName() }} · {{ $page->job->rigAsWorked()->hitchName() }}</p>
        </header>
        @php($elevation = $page->elevation())
        <x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Drawing\Sheet::around($elevation, 4.8)" :stances="[$elevation->latest()]" role="img" aria-label="The rig as it was handed over" />
        @include('card.body')
        @if (! $link)
            <section class="no-print card links" aria-label="Private links">
                <h2>Private links for the owner</h2>
                <p class="sentence">Whoever has the link sees this card and the rig's procedures, without a sign-in, for two years or until it is revoked.</p>
                @foreach ($page->job->cardLinks as $one)
                    <div class="link-row">
                        @if ($one->isOpen())
                            <input readonly value="{{ url($one->address()) }}" aria-label="Link made {{ $one->made_at->format('j M H:i') }}">
                            <form method="post" action="{{ route('card.revoke', [$page->job, $one->id]) }}">@csrf<button class="button is-small">Revoke link</button></form>
                        @else
                            <p class="sentence">Made {{ $one->made_at->format('j M H:i') }}, {{ $one->revoked_at ? 'revoked '.$one->revoked_at->format('j M H:i') : 'ended' }}.</p>
                        @endif
                    </div>
                @endforeach
                <form method="post" action="{{ route('card.link', $page->job) }}">@csrf<button class="button">Create a link</button></form>
            </section>
        @endif
    </main>
</x-layout>
