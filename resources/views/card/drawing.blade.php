@php($elevation = $page->elevation())
@php($sheet = \Yoke\Showing\Drawing\Canvas::around($elevation, 4.4))
<svg xmlns="http://www.w3.org/2000/svg" width="{{ round($sheet->width / 10) }}" height="{{ round($sheet->height / 10) }}">
    <g transform="scale(0.1) translate({{ round(-$sheet->left) }},{{ round($sheet->top) }}) scale(1,-1)" fill="none" stroke="#1f4d3a" stroke-width="16">
        <line x1="{{ round($sheet->left) }}" x2="{{ round($sheet->left + $sheet->width) }}" y1="0" y2="0" stroke="#1c2321" />
        @php($drawn = $elevation->latest())
        @foreach ([...$drawn->trailer, ...$drawn->hitch, ...$drawn->vehicle] as $figure)
            <{{ $figure->closed ? 'polygon' : 'polyline' }} points="{{ \App\Screens\View\SvgPoints::of($figure) }}" fill="{{ $figure->closed && $figure->part === \Yoke\Showing\Drawing\DrawnPart::Body ? '#fdfaf4' : 'none' }}" />
        @endforeach
        @foreach ($elevation->wheels() as $wheel)<circle cx="{{ round($wheel->x) }}" cy="{{ round($wheel->radius) }}" r="{{ round($wheel->radius) }}" fill="#1c2321" stroke="none" /><circle cx="{{ round($wheel->x) }}" cy="{{ round($wheel->radius) }}" r="{{ round($wheel->radius * 0.55) }}" fill="#fdfaf4" stroke="none" />@endforeach
    </g>
</svg>
