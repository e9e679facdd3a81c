<div class="plan-panel" tabindex="0" aria-label="This rig">
<table class="ledger">
    <caption>This rig, as its readings tell it</caption>
    @foreach ($advice->rig() as [$what, $value, $worth])
        <tr><th scope="row">{{ $what }}</th><td>{{ $value }}</td><td>{{ $worth }}</td></tr>
    @endforeach
</table>
<p class="sentence">From {{ count($advice->analysis->posterior()->readings) }} readings and what is usual; ± is one standard deviation.</p>
</div>
