@php([$known, $unknown] = $plan->ledgerByKnowledge())
<div class="plan-panel" tabindex="0" aria-label="Ratings">
    @include('plan.first')
    @if ($plan->makersWord() !== '')<p class="do-next">{{ $plan->makersWord() }}</p>@endif
    @include('plan.over')
    @if ($known !== [])
        <table class="ledger">
            <caption>Ratings, as predicted</caption>
            <thead><tr><th scope="col">Part</th><th scope="col">Load</th><th scope="col">Rating</th><th scope="col">Margin</th></tr></thead>
            <tbody>
                @foreach ($known as $line)
                    <tr @class(['is-over' => $line->isOutside()])>
                        <th scope="row">{{ ucfirst(\App\Words\RatingWords::of($line)) }}</th>
                        <td>{{ $plan->print->load($line->carries) }}</td>
                        <td>{{ $plan->print->load($line->may) }}</td>
                        <td>{{ $plan->print->load($line->margin()->absolute()) }}{{ $line->isOutside() ? ' over' : '' }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-derivation :groups="$plan->ledgerTerms($known)" :plan="$plan" summary="Where these loads come from" />
    @endif
    @if ($plan->described->tanks() !== [])
        <table class="ledger">
            <caption>Tanks: what filling one does to the tongue weight</caption>
            @foreach ($plan->described->tanks() as $tank)
                <tr><th scope="row">{{ ucfirst(\App\Words\LoadWords::tank($tank)) }}, {{ $plan->print->load($tank->full) }} full</th><td>{{ $plan->print->loadChange($tank->onTongue($plan->described->ballToAxle())) }}</td></tr>
            @endforeach
        </table>
    @endif
    @if ($unknown !== [])
        <p class="sentence" id="not-checked">Not checked, because these are missing:</p>
        <ul class="wanted" aria-labelledby="not-checked">
            @foreach ($unknown as $field => $line)
                @php([$label, $part] = $plan->field($field))
                <li><a class="button is-small" href="{{ $plan->sheetOf($part) }}">{{ $part->value }}: {{ $label }}</a></li>
            @endforeach
        </ul>
    @endif
    @include('plan.assumptions')
</div>
