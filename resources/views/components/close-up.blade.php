@props(['panel'])
@php($sheet = \Yoke\Showing\Drawing\CloseUp\CloseUpSheet::class)
@php($closeUp = $panel->closeUp())
<figure class="close-up">
    <svg viewBox="0 {{ -$sheet::HEIGHT }} {{ $sheet::WIDTH }} {{ $sheet::HEIGHT }}" role="img" aria-label="{{ __('setting.close_up') }}. {{ $panel->caption() }}">
        <g transform="scale(1,-1)">
            @foreach ($closeUp->figures() as $figure)<{{ $figure->closed ? 'polygon' : 'polyline' }} class="part-{{ $figure->part->value }}" points="{{ \App\Screens\View\SvgPoints::of($figure) }}" />@endforeach
        </g>
        @foreach ($closeUp->marks() as $mark)
            @php($number = $mark->isUnknown ? '?' : $panel->number($mark->adjuster, $mark->step))
            @if ($mark->isInUse)
                <g class="mark-held" data-mark="{{ $mark->adjuster->key }}" data-step="{{ $mark->step }}" data-x="{{ round($mark->at->x, 1) }}" data-y="{{ round(-$mark->at->y, 1) }}"><circle class="reach" cx="{{ round($mark->at->x, 1) }}" cy="{{ round(-$mark->at->y, 1) }}" r="22" />
                <rect class="in-use" x="{{ round($mark->at->x - 8 - 4 * strlen($number), 1) }}" y="{{ round(-$mark->at->y - 9.5, 1) }}" width="{{ 16 + 8 * strlen($number) }}" height="19" rx="9.5" />
                <text class="in-use-number" x="{{ round($mark->at->x, 1) }}" y="{{ round(-$mark->at->y + 5, 1) }}">{{ $number }}</text></g>
            @else
                <text data-mark="{{ $mark->adjuster->key }}" data-step="{{ $mark->step }}" data-x="{{ round($mark->at->x, 1) }}" data-y="{{ round(-$mark->at->y, 1) }}" x="{{ round($mark->at->x, 1) }}" y="{{ round(-$mark->at->y + 4, 1) }}">{{ $number }}</text>
            @endif
        @endforeach
    </svg>
    <figcaption>{{ $panel->caption() }}</figcaption>
</figure>
