@php($judged = $page->restoration())
<div class="verdict">
    <div class="verdict-head">
        <div>
            <h2>Front axle load put back, band {{ $page->job->band()->inWords() }}</h2>
            <p class="verdict-value">@if ($judged->printed !== ''){{ \Illuminate\Support\Str::before($judged->printed, ' ±') }} <small>± {{ \Illuminate\Support\Str::after($judged->printed, '± ') }}</small>@else <small>no share yet</small>@endif</p>
        </div>
        <x-verdict-chip :verdict="$judged->verdict" />
    </div>
    @include('bench.chances')
    @if ($page->makersWord() !== '')
        <p @class(['do-next is-over' => $page->isForbidden(), 'sentence' => ! $page->isForbidden()])>{{ $page->makersWord() }}</p>
    @endif
    <p class="do-next is-{{ \Illuminate\Support\Str::slug($judged->verdict->value) }}">{{ $judged->advice }}</p>
    @if ($page->waysOfTaping() !== '')
        <p class="sentence" data-tone="caution">{{ $page->waysOfTaping() }}</p>
    @endif
    @include('bench.rule')
    @include('bench.changes')
</div>
