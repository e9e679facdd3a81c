@php($judged = $page->restoration())
<div class="verdict">
    @include('bench.verdict-head')
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
