@php($ladder = $page->hookUps()?->ladder() ?? [])
@if ($ladder !== [])
    <div class="ladder-box" tabindex="0" aria-label="{{ __('page/bench.ladder.hook_ups') }}">
    <table class="ledger ladder">
        <caption class="sr-only">{{ __('page/bench.ladder.hook_ups') }}</caption>
        <thead><tr><th scope="col">#</th><th scope="col">{{ __('page/bench.ladder.setting') }}</th>@foreach ($page->hookUps()->columns() as $column)<th scope="col">{{ $column }}</th>@endforeach<th scope="col">{{ __('page/bench.ladder.restored') }}</th></tr></thead>
        @foreach ($ladder as $hookUp)
            <tr @class(['is-now' => $loop->first])><th scope="row">{{ $hookUp['number'] }}</th><td @if ($hookUp['change'] !== '') title="{{ ucfirst($hookUp['change']) }}" @endif>{{ $hookUp['setting'] }}@if ($hookUp['change'] !== '') <small>{{ $hookUp['change'] }}</small>@endif</td>@foreach ($hookUp['cells'] as $cell)<td>{{ $cell }}</td>@endforeach<td>@if ($hookUp['verdict'] === ''){{ $hookUp['share'] }}@else<span @if ($loop->first) data-figure="share" @endif>{{ $hookUp['share'] }}</span>, <span @if ($loop->first) data-figure="verdict" @endif>{{ $hookUp['verdict'] }}</span>@endif</td></tr>
        @endforeach
    </table>
    </div>
@endif
