<path class="sketch-steel" d="M30,14 H150 V114 H30 Z" /><path class="sketch-body" d="M44,30 H100 M44,48 H136 M44,64 H136 M44,80 H116" />
@if ($chain)
    @foreach ([[34, 0], [56, 1], [78, 0], [100, 1]] as [$y, $edge])<rect class="{{ $loop->index === 1 ? 'sketch-number' : 'sketch-eye' }}" x="{{ $edge ? 190 : 184 }}" y="{{ $y - 13 }}" width="{{ $edge ? 8 : 20 }}" height="26" rx="{{ $edge ? 4 : 10 }}" />@endforeach
@else
    <path class="sketch-steel" d="M186,14 H202 V116 H186 Z" />
    @foreach ([32, 56, 80, 104] as $y)<circle class="{{ $loop->index === 1 ? 'sketch-number' : 'sketch-eye' }}" cx="194" cy="{{ $y }}" r="5" />@endforeach
@endif
<path class="sketch-measure" d="M228,56 H210 M218,48 L210,56 L218,64 M108,92 L118,102 L138,80" />
