@props(['drawing'])
@php($sheet = \Yoke\Showing\Drawing\CloseUp\CloseUpSheet::class)
<svg class="close-up-picture" viewBox="18 {{ 4 - $sheet::HEIGHT }} {{ $sheet::WIDTH - 20 }} {{ $sheet::HEIGHT - 24 }}" aria-hidden="true">
    <g transform="scale(1,-1)">
        @foreach ($drawing->figures() as $figure)<{{ $figure->closed ? 'polygon' : 'polyline' }} class="part-{{ $figure->part->value }}" points="{{ \App\Screens\View\SvgPoints::of($figure) }}" />@endforeach
    </g>
</svg>
