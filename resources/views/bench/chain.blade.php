@php($stations = $page->progress->stations())
<ol class="chain" id="stations">
    @foreach ($stations as $station)
        @php($done = $page->progress->isDone($station))
        <li>
            <a href="{{ route('bench', [$page->job, $station->value]) }}" @class(['is-done' => $done]) @if ($station === $page->station) aria-current="step" @endif>
                <svg viewBox="0 0 34 50" aria-hidden="true" preserveAspectRatio="xMidYMid meet">
                    <rect class="ring" x="7" y="{{ $loop->first ? 3 : 1 }}" width="20" height="48" rx="10" />
                    @if ($done)<path class="tick-mark" d="m12.500 25 3.500 4 6-8" />@endif
                </svg>
                <span>{{ \App\Words\StationWords::title($station) }}@if ($done)<span class="sr-only">{{ __('page/bench.chain.done') }}</span>@endif</span>
            </a>
        </li>
    @endforeach
</ol>
