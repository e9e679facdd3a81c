@props(['wheel'])
<circle class="tyre" cx="{{ round($wheel->x) }}" cy="{{ $wheel->radius }}" r="{{ $wheel->radius }}" />
<circle class="rim" cx="{{ round($wheel->x) }}" cy="{{ $wheel->radius }}" r="{{ round($wheel->radius * 0.6) }}" />
<circle class="hub" cx="{{ round($wheel->x) }}" cy="{{ $wheel->radius }}" r="{{ round($wheel->radius * 0.2) }}" />
