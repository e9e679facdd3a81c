@props(['sketch'])
@php(['left' => $left, 'right' => $right, 'bottom' => $bottom, 'top' => $top] = $sketch->bounds())
@php($margin = 0.04 * ($right - $left))
<svg class="rig is-sketch" viewBox="{{ round($left - $margin) }} {{ round(-$top - $margin) }} {{ round($right - $left + 2 * $margin) }} {{ round($top - $bottom + 2 * $margin) }}" preserveAspectRatio="xMidYMax meet" {{ $attributes }}>
    <g transform="scale(1,-1)">
        <g class="stance is-carried is-front">
            @foreach ($sketch->figures as $figure)<{{ $figure->closed ? 'polygon' : 'polyline' }} class="part-{{ $figure->part->value }}" points="{{ \App\Screens\View\SvgPoints::of($figure) }}" />@endforeach
        </g>
        @foreach ($sketch->wheels as $wheel)<x-wheel :wheel="$wheel" />@endforeach
    </g>
</svg>
