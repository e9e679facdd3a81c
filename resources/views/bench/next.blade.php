@php($line = $page->nextLine())
@php($after = $line->after())
@if ($line->says() !== '')
    <div class="do-next" data-next-thing @if ($page->planView() === null) data-move @endif>
        <p><span @if ($page->planView() === null) data-figure="move" @endif>{{ $line->says() }}</span></p>
        @if ($line->again() !== '')<p class="expected">{{ $line->again() }}</p>@endif
        <p class="tape-foot">
            @unless ($line->isHere($page->station))<a class="button is-small is-first" href="{{ route('bench', [$page->job, $line->station()->value]) }}">{{ $line->title() }}</a>@endunless
            @if ($after !== null && $after !== $page->station)<a class="button is-small" href="{{ route('bench', [$page->job, $after->value]) }}">{{ __('next.skip.to', ['station' => \App\Words\StationWords::title($after)]) }}</a>@endif
        </p>
        @if ($line->cost() !== '')<p class="expected">{{ $line->cost() }}</p>@endif
    </div>
@endif
