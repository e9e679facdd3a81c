@php($advised = $plan->plan->ballAdvised())
<div class="plan-panel" tabindex="0" aria-label="Plan of the head">
    <p class="do-next">Stand the ball {{ $plan->height($advised->mean()) }} over the level coupler ({{ $plan->doubt($advised) }}), so that the trailer ends level in the middle of the band.</p>
    <details class="derivation">
        <summary>Where this height comes from</summary>
        <table class="ledger">
            @foreach ($plan->plan->ballDerivation() as $term)
                <tr><th scope="row">{{ $term->says }}</th><td>{{ $plan->term($term) }}</td></tr>
            @endforeach
        </table>
    </details>
    @if ($places = array_slice($plan->plan->shankPlaces(), 0, 3))
        <table class="ledger">
            <caption>Where to bolt the head</caption>
            <thead><tr><th scope="col">Shank</th><th scope="col">Holes showing</th><th scope="col">Ball stands</th><th scope="col">Off by</th></tr></thead>
            <tbody>
                @foreach ($places as $place)
                    <tr><th scope="row">In {{ $place->turned }}, hole {{ $place->hole }}</th><td>{{ $place->holesVisible }}</td><td>{{ $plan->height($place->ballHeight->millimetres()) }}</td><td>{{ $plan->change($place->residual()->millimetres()) }}</td></tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <table class="ledger">
        <caption>The schools beside it</caption>
        <tbody>
            @foreach ($plan->plan->schools() as $school)
                <tr><th scope="row">{{ ucfirst($school->says) }}</th><td>{{ $plan->height($school->lowest) }}{{ $school->highest > $school->lowest ? ' to '.$plan->height($school->highest) : '' }}</td><td>{{ $school->holds($advised->mean()) ? 'agrees' : '' }}</td></tr>
            @endforeach
        </tbody>
    </table>
    @if ($plan->plan->takenBack() > 0)
        <p class="do-next">Self-levelling, switched on again, will take back about {{ $plan->percent($plan->plan->takenBack()) }} of the front axle load: aim at 75 to 100 % with it off.</p>
    @endif
    @include('plan.assumptions')
</div>
