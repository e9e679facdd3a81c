@if ($checks = $page->advice()->checks())
    <table class="ledger checks">
        <caption>From all readings, at the current setting</caption>
        @foreach ($checks as [$check, $stands])
            <tr @class(['is-over' => ! $check->holds()])><th scope="row">{{ $check->holds() ? '✓' : '✕' }} {{ $page->advice()->says->check($check) }}</th><td>{{ $stands }}</td></tr>
            @if (! $check->holds())<tr><td colspan="2" class="sentence">{{ $page->advice()->says->remedy($check) }}</td></tr>@endif
        @endforeach
        <tr><th scope="row">Both sides hooked at the same setting</th><td>{{ $page->job->each_side ? 'taped left and right' : 'look, and count both' }}</td></tr>
    </table>
@endif
