@props(['elevation', 'sheet', 'stances', 'ghosts' => []])
<svg class="rig" viewBox="{{ round($sheet->left) }} {{ round(-$sheet->top) }} {{ round($sheet->width) }} {{ round($sheet->height) }}" {{ $attributes }}>
    <g transform="scale(1,-1)">
        <line class="ground" x1="{{ round($sheet->left - $sheet->width) }}" x2="{{ round($sheet->left + 2 * $sheet->width) }}" y1="0" y2="0" />
        @foreach ($ghosts as $ghost)
            <g class="stance is-ghost">
                <polygon points="{{ \App\Screens\View\SvgPoints::of($ghost->vehicle[0]) }}" />
                <polygon points="{{ \App\Screens\View\SvgPoints::of($ghost->trailer[1]) }}" />
            </g>
        @endforeach
        @foreach ($stances as $drawn)
            <g @class(['stance', 'is-'.$drawn->stance->value, 'is-front' => $loop->last])>
                @foreach ([...$drawn->trailer, ...$drawn->hitch, ...$drawn->vehicle] as $figure)
                    @if ($loop->parent->last || in_array($figure->part, [\Yoke\Showing\Drawing\DrawnPart::Body, \Yoke\Showing\Drawing\DrawnPart::Frame], true))
                        <{{ $figure->closed ? 'polygon' : 'polyline' }} class="part-{{ $figure->part->value }}" points="{{ \App\Screens\View\SvgPoints::of($figure) }}" />
                    @endif
                @endforeach
            </g>
        @endforeach
        @foreach ($elevation->wheels() as $wheel)
            @include('components.wheel')
        @endforeach
        {{ $slot }}
    </g>
    {{ $upright ?? '' }}
</svg>
