@php($ladder = $page->trials()?->ladder() ?? [])
@if ($ladder !== [])
    <div class="ladder-box" tabindex="0" aria-label="Hook-ups">
    <table class="ledger ladder">
        <caption class="sr-only">Hook-ups</caption>
        <thead><tr><th scope="col">#</th><th scope="col">Setting</th><th scope="col">Front</th><th scope="col">Rear</th><th scope="col">Restored</th></tr></thead>
        @foreach ($ladder as $trial)
            <tr @class(['is-now' => $loop->first])><th scope="row">{{ $trial['number'] }}</th><td @if ($trial['change'] !== '') title="{{ ucfirst($trial['change']) }}" @endif>{{ $trial['setting'] }}@if ($trial['change'] !== '') <small>{{ $trial['change'] }}</small>@endif</td><td>{{ $trial['front'] }}</td><td>{{ $trial['rear'] }}</td><td>{{ $trial['share'] }}</td></tr>
        @endforeach
    </table>
    </div>
@endif
