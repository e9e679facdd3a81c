<div class="plan-panel" tabindex="0" aria-label="Methods">
@php($governs = $page->analysed->goal->criterion)
@php($tolerances = $page->analysed->goal->tolerances)
@if ($views = $advice->analysis->methods())
    <table class="ledger methods">
        <caption>Five methods, by all readings together. {{ $advice->says->method($governs) }} governs.</caption>
        <thead><tr><th scope="col">Method</th><th scope="col">Value</th><th scope="col">Verdict</th></tr></thead>
        @foreach ($views as $view)
            <tr @class(['is-now' => $view->criterion === $governs])><th scope="row">{{ $advice->says->method($view->criterion) }}</th><td>{{ $advice->verdictWords->methodValue($view) }}</td><td>{{ \App\Words\VerdictWords::verdict($view->verdict) }}</td></tr>
            <tr><td colspan="3" class="sentence">{{ $advice->verdictWords->methodSays($view, $tolerances) }}</td></tr>
        @endforeach
    </table>
@else
    <p class="sentence">The methods are judged once a setting is hooked up and measured.</p>
@endif
<form method="post" action="{{ route('stations.method', [$page->job, $page->station->value]) }}" class="setting-form" aria-label="Governing method">
    @csrf
    <select name="method" aria-label="The method that governs">@foreach (\Yoke\Method\Criterion::cases() as $criterion)<option value="{{ $criterion->value }}" @selected($governs === $criterion)>{{ $advice->says->method($criterion) }}</option>@endforeach</select>
    <button class="button is-small">Save the governing method</button>
</form>
@include('bench.changes')
</div>
