@php($elevation = $page->elevationUnder($columns[count($columns) - 1] ?? null))
@php($sheet = \Yoke\Showing\Drawing\Canvas::around($elevation, 6))
<div class="elevation">
    <x-rig-drawing :elevation="$elevation" :sheet="$sheet" :stances="[$elevation->latest()]" role="group" :aria-label="__('page/loads.drawing.the_rig_with_its_loads')">
        <x-slot:upright>
            @foreach ($draft->tanks as $tank)
                @php($x = round($page->tankAt($tank->ahead->millimetres())))
                @php($full = is_numeric($draft->fills[$tank->key]) ? min(100.0, (float) $draft->fills[$tank->key]) : 0.0)
                <g class="tank-mark" data-tank="{{ $tank->key }}" data-from="{{ $x - 450 }}" tabindex="0" role="slider" aria-label="{{ ucfirst(\App\Words\LoadWords::tank($tank)) }}" aria-valuemin="0" aria-valuemax="100" aria-valuenow="{{ round($full) }}"><rect x="{{ $x - 450 }}" y="-760" width="900" height="300" rx="40" /><rect class="water" x="{{ $x - 450 }}" y="-760" width="{{ round(9 * $full) }}" height="300" rx="40" /><text x="{{ $x }}" y="-545" text-anchor="middle">{{ __('screen.tank.'.$tank->key) }}</text></g>
            @endforeach
            @foreach ($page->marks($draft) as $row => $mark)
                <g class="load-mark" data-item="{{ $row }}" data-at="{{ round($mark->x) }}" tabindex="0" role="button" aria-label="{{ $draft->rows[$row]->name }}, {{ $draft->rows[$row]->weight }}" transform="translate({{ round($mark->x) }},{{ round(-$mark->y) }})">
                    <circle class="reach" r="215" /><circle r="155" /><text y="57" text-anchor="middle">{{ $row + 1 }}</text>
                </g>
            @endforeach
        </x-slot:upright>
    </x-rig-drawing>
    <p class="legend is-told">{{ __('page/loads.drawing.larger') }}</p>
</div>
