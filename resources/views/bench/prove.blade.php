@if ($checks = $page->advice()->checks())
    <table class="ledger checks">
        <caption>{{ __('page/bench.prove.from_all_readings_at_the') }}</caption>
        @foreach ($checks as [$check, $stands])
            <tr @class(['is-over' => ! $check->holds()])><th scope="row">{{ $page->advice()->mark($check) }} {{ $page->advice()->says->check($check) }}</th><td>{{ $stands }}@unless ($check->isMeasured) <span class="who">{{ __('page/bench.prove.not_measured') }}</span>@endunless</td></tr>
            @if (! $check->holds())<tr><td colspan="2" class="sentence">{{ $page->advice()->says->remedy($check) }}</td></tr>@endif
        @endforeach
        <tr><th scope="row">{{ __('page/bench.prove.both_sides_hooked_at_the') }}</th><td>{{ $page->job->each_side ? __('page/bench.prove.taped_each_side') : __('page/bench.prove.count_both') }}</td></tr>
    </table>
@endif
