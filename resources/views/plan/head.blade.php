@php($advised = $plan->plan->ballAdvised())
@php($places = array_slice($plan->plan->shankPlaces(), 0, 4))
@php($bolted = $job->head_place)
@php($errors = $errors->getBag('head'))
<div class="plan-panel" tabindex="0" aria-label="Plan of the head">
    <p class="do-next">Stand the ball {{ $plan->print->height($advised->mean()) }} over the level coupler ({{ $plan->print->doubt($advised) }}), so that the trailer ends level in the middle of the range.</p>
    <x-derivation :terms="$plan->plan->ballDerivation()" :plan="$plan" summary="Where this height comes from" />
    @if ($bolted)
        <p class="sentence" data-tone="note"><strong>Bolted in {{ $bolted['turned'] }}, hole {{ $bolted['hole'] }}</strong>, ball {{ $plan->print->height($bolted['ball_height_mm']) }} above the ground, by {{ $bolted['by'] }}.@if ($bolted['because'] !== '') Because: {{ $bolted['because'] }}@endif</p>
    @endif
    @if ($places !== [])
        <form method="post" action="{{ route('jobs.head', $job) }}" class="head-places">
            @csrf
            <table class="ledger">
                <caption>Where to bolt the head</caption>
                <thead><tr><th scope="col">Shank</th><th scope="col">Holes showing</th><th scope="col">Ball height</th><th scope="col">Off by</th></tr></thead>
                <tbody>
                    @foreach ($places as $place)
                        <tr>
                            <th scope="row"><label class="tick"><input type="radio" name="place" value="{{ $place->key() }}" @checked(old('place', $bolted ? $bolted['turned'].'-'.$bolted['hole'] : $places[0]->key()) === $place->key())> In {{ $place->turned }}, hole {{ $place->hole }}</label></th>
                            <td>{{ $place->holesVisible }}</td>
                            <td>{{ $plan->print->length($place->ballHeight) }}</td>
                            <td>{{ $plan->print->change($place->residual()->millimetres()) }}</td>
                        </tr>
                        @foreach (\App\Words\HeadWords::inTheWay($place) as $warning)
                            <tr><td colspan="4" class="sentence" data-tone="caution">{{ $warning }}</td></tr>
                        @endforeach
                    @endforeach
                </tbody>
            </table>
            <x-derivation :groups="$plan->placeTerms($places)" :plan="$plan" summary="Where these heights come from" />
            @if ($errors->any())<p class="sentence" id="head-says" role="alert" data-tone="stop">{{ $errors->first() }}</p>@endif
            <div class="tape-foot">
                <input name="because" aria-label="Reason, if something is in the way" placeholder="Reason, if something is in the way" maxlength="200" value="{{ old('because', $bolted['because'] ?? '') }}" @if ($errors->has('because')) aria-invalid="true" aria-describedby="head-says" @endif>
                <button class="button is-small">Record this hole</button>
            </div>
        </form>
    @endif
    <table class="ledger">
        <caption>Other rules of thumb</caption>
        <tbody>
            @foreach ($plan->plan->schools() as $school)
                <tr><th scope="row">{{ \App\Words\HeadWords::school($school) }}</th><td>{{ $plan->print->height($school->lowest) }}{{ $school->highest > $school->lowest ? ' to '.$plan->print->height($school->highest) : '' }}</td><td>{{ $school->holds($advised->mean()) ? 'agrees' : '' }}</td></tr>
            @endforeach
        </tbody>
    </table>
    @include('plan.take-back')
    @include('plan.assumptions')
</div>
