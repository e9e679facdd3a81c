<div class="plan-panel" tabindex="0" aria-label="Methods">
@if ($methods = $workup->methods($page->viewer->loadUnit()))
    <table class="ledger methods">
        <caption>Five methods, by all readings together; {{ $page->job->method->inWords() }} governs</caption>
        <thead><tr><th scope="col">Method</th><th scope="col">Reads</th><th scope="col">Says</th></tr></thead>
        @foreach ($methods->all() as $view)
            <tr><th scope="row">{{ $advice->methodName($view) }}</th><td>{{ $advice->methodValue($view) }}</td><td><x-verdict-chip :verdict="$view->verdict" /></td></tr>
            <tr><td colspan="3" class="sentence">{{ $view->says }}</td></tr>
        @endforeach
    </table>
    @foreach ($methods->disagreements() as $sentence)<p class="sentence" data-tone="note">{{ $sentence }}</p>@endforeach
@else
    <p class="sentence">The methods are judged once a setting is hooked up and taped.</p>
@endif
<form method="post" action="{{ route('stations.method', [$page->job, $page->station->value]) }}" class="setting-form" aria-label="Governing method">
    @csrf
    <select name="method" aria-label="The method that governs">@foreach (\Yoke\Method\Criterion::cases() as $aim)<option value="{{ $aim->value }}" @selected($page->job->method === $aim)>{{ ucfirst($aim->inWords()) }}</option>@endforeach</select>
    <button class="button is-small">Let it govern the next move</button>
</form>
@include('bench.changes')
</div>
