<div class="plan-panel" tabindex="0" aria-label="{{ __('page/bench.tab-rig.this_rig') }}">
<table class="ledger">
    <caption>{{ __('page/bench.tab-rig.this_rig_as_its_readings') }}</caption>
    @foreach ($advice->rig() as $line)
        @php([$what, $value, $worth] = $line)
        <tr><th scope="row">{{ $what }}</th><td @isset($line[3]) data-figure="{{ $line[3] }}" @endisset>{{ $value }}</td><td>{{ $worth }}</td></tr>
    @endforeach
</table>
<p class="sentence">{{ __('page/bench.tab-rig.from_readings_and_what_is', ['readings' => count($advice->analysis->posterior()->readings)]) }}</p>
</div>
