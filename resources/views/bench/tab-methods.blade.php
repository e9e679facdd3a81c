<div class="plan-panel" tabindex="0" aria-label="Methods">
@if ($methods = $workup->methods())
    <table class="ledger methods">
        <caption>Five methods, by all readings together; front restoration governs</caption>
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
@include('bench.changes')
</div>
