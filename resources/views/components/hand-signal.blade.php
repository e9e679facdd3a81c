@props(['signal'])
@php($hands = $signal->hands())
@php($hand = fn (array $at): array => [round(60 + 44 * $at['x'], 1), round(52 - 44 * $at['y'], 1)])
@php([[$lx, $ly], [$rx, $ry]] = [$hand($hands['left']), $hand($hands['right'])])
<figure class="signal">
    <svg viewBox="0 0 120 120" aria-hidden="true">
        <circle cx="60" cy="26" r="12" />
        <path d="M60,42 V84 M60,84 L46,114 M60,84 L74,114 M{{ $lx }},{{ $ly }} L60,52 L{{ $rx }},{{ $ry }}" />
        <circle class="hand" cx="{{ $lx }}" cy="{{ $ly }}" r="6" /><circle class="hand" cx="{{ $rx }}" cy="{{ $ry }}" r="6" />
    </svg>
    <figcaption><strong>{{ ucfirst(\App\Words\ProcedureWords::signal($signal)) }}</strong> <span>{{ \App\Words\ProcedureWords::hands($signal) }}</span></figcaption>
</figure>
