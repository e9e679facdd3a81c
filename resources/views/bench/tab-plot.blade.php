@if ($hookUps === null)
<p class="sentence">{{ __('verdict.family_unsaid') }}</p>
@else
@php($plot = $hookUps->plot())
@php($points = fn (array $list): string => implode(' ', array_map(fn ($point) => round($point->x * 5, 1).','.round($point->y * 3.2, 1), $list)))
<svg class="stance-plot" viewBox="0 0 500 320" role="img" aria-label="{{ __('page/bench.tab-plot.rear_change_across_front_change') }}">
    <clipPath id="plot-area"><rect width="500" height="320" /></clipPath>
    <g clip-path="url(#plot-area)">
        @foreach ($plot->regions() as $method => $corners)<polygon class="region is-{{ str_replace('_', '-', $method) }}" points="{{ $points($corners) }}" />@endforeach
        @php($alone = $plot->alone())
        <path class="axis" d="M0,{{ round($alone->y * 3.2, 1) }} H500 M{{ round($alone->x * 5, 1) }},0 V320" />
        <polyline class="path" points="{{ $points($plot->path(array_column($hookUps->ticks(), 'more'))) }}" />
        @foreach ($hookUps->ticks() as $tick)
            @php($at = $plot->predicted($tick['more']))
            <circle class="tick" cx="{{ round($at->x * 5, 1) }}" cy="{{ round($at->y * 3.2, 1) }}" r="3.5" />
            @if (($lastAt ?? null) === null || hypot($at->x - $lastAt->x, $at->y - $lastAt->y) > 5)<text x="{{ round($at->x * 5 + 8, 1) }}" y="{{ round($at->y * 3.2 + 4, 1) }}">{{ $tick['says'] }}</text>@php($lastAt = $at)@endif
        @endforeach
        @foreach ($hookUps->hookUps() as $hookUp)
            @php($at = $plot->at($hookUp['rear'], $hookUp['front']))
            @php($doubt = $plot->ellipse($hookUp['rearDoubt'], $hookUp['frontDoubt']))
            <ellipse class="doubt" cx="{{ round($at->x * 5, 1) }}" cy="{{ round($at->y * 3.2, 1) }}" rx="{{ round($doubt['across'] * 5, 1) }}" ry="{{ round($doubt['up'] * 3.2, 1) }}" />
            <text class="hook-up" x="{{ round($at->x * 5, 1) }}" y="{{ round($at->y * 3.2 + 5, 1) }}" text-anchor="middle">{{ $hookUp['number'] }}</text>
        @endforeach
        @php($at = $plot->predicted($advice->recommendation()?->forecast->tensionOffset ?? 0.0))
        <path class="aim" d="M{{ round($at->x * 5, 1) }},{{ round($at->y * 3.2, 1) }} m-9,0 h18 m-9,-9 v18" />
    </g>
    <text class="axis-name" x="494" y="314" text-anchor="end">{{ __('page/bench.tab-plot.rear_up_to_the_right') }}</text>
    <text class="axis-name" x="{{ round($alone->x * 5 - 4, 1) }}" y="{{ round($alone->y * 3.2 - 5, 1) }}" text-anchor="end">{{ __('page/bench.tab-plot.as_alone') }}</text>
    <text class="axis-name" x="6" y="16">{{ __('page/bench.tab-plot.front_up') }}</text>
</svg>
<p class="plot-key"><span><i class="swatch is-front-restoration"></i>{{ __('page/bench.tab-plot.front_restoration') }}</span><span><i class="swatch is-equal-squat"></i>{{ __('page/bench.tab-plot.equal_squat') }}</span><span><i class="swatch is-coupler-height"></i>{{ __('page/bench.tab-plot.coupler_level') }}</span><span><i class="swatch is-aim"></i>{{ __('page/bench.tab-plot.next_move') }}</span><span>{{ __('page/bench.tab-plot.1_2_hook_ups_with') }}</span></p>
@endif
