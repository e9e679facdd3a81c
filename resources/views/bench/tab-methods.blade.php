<div class="plan-panel" tabindex="0" aria-label="{{ __('page/bench.tab-methods.methods') }}">
@php($governs = $page->analysed->goal->criterion)
@php($tolerances = $page->analysed->goal->tolerances)
@if ($views = $advice->analysis->methods())
    <table class="ledger methods">
        <caption>{{ __('page/bench.tab-methods.five_methods_by_all_readings', ['governs' => $advice->says->method($governs)]) }}</caption>
        <thead><tr><th scope="col">{{ __('page/bench.tab-methods.method') }}</th><th scope="col">{{ __('page/bench.tab-methods.value') }}</th><th scope="col">{{ __('page/bench.tab-methods.verdict') }}</th></tr></thead>
        @foreach ($views as $view)
            <tr @class(['is-now' => $view->criterion === $governs])><th scope="row">{{ $advice->says->method($view->criterion) }}</th><td>{{ $advice->verdictWords->methodValue($view) }}</td><td>{{ \App\Words\VerdictWords::verdict($view->verdict) }}</td></tr>
            <tr><td colspan="3" class="sentence">{{ $advice->verdictWords->methodSays($view, $tolerances) }}</td></tr>
        @endforeach
    </table>
@else
    <p class="sentence">{{ __('page/bench.tab-methods.the_methods_are_judged_once') }}</p>
@endif
<form method="post" action="{{ route('stations.method', [$page->job, $page->station->value]) }}" class="setting-form" aria-label="{{ __('page/bench.tab-methods.governing_method') }}">
    @csrf
    <select name="method" aria-label="{{ __('page/bench.tab-methods.the_method_that_governs') }}">@foreach (\Yoke\Judgement\Method\Criterion::cases() as $criterion)<option value="{{ $criterion->value }}" @selected($governs === $criterion)>{{ $advice->says->method($criterion) }}</option>@endforeach</select>
    <button class="button is-small">{{ __('page/bench.tab-methods.save_the_governing_method') }}</button>
</form>
@include('bench.changes')
</div>
