@php($line = $page->nextLine())
@php($after = $line->after())
@if ($line->isAbove())
    <div class="next-line" data-next-thing>
        <p><strong @if ($line->isBeforeTheFirstMove() && $line->isEverywhere()) data-figure="move" @endif>{{ $line->says() }}</strong> @if ($line->cost() !== '')<span class="expected">{{ $line->cost() }}</span>@endif {{ $line->again() }}</p>
        @unless ($line->isHere())<a class="button is-small is-first" href="{{ route('bench', [$page->job, $line->station()->value]) }}">{{ $line->title() }}</a>@endunless
        @if ($after !== null && $after !== $page->station)<a class="button is-small" href="{{ route('bench', [$page->job, $after->value]) }}">{{ __('next.skip.to', ['station' => \App\Words\StationWords::title($after)]) }}</a>@endif
    </div>
@endif
