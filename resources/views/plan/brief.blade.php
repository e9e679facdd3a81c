@php($ratings = $plan->ratings())
@php([$known, $unknown] = $ratings->byKnowledge())
<div class="plan-panel" tabindex="0" aria-label="{{ __('page/plan.brief.ratings') }}">
    @include('plan.first')
    @if ($plan->makersWord() !== '')<p class="do-next">{{ $plan->makersWord() }}</p>@endif
    @include('plan.over')
    @if ($known !== [])
        <table class="ledger">
            <caption>{{ $ratings->caption() }}</caption>
            <thead><tr><th scope="col">{{ __('page/plan.brief.part') }}</th><th scope="col">{{ __('page/plan.brief.load') }}</th><th scope="col">{{ __('page/plan.brief.rating') }}</th><th scope="col">{{ __('page/plan.brief.margin') }}</th></tr></thead>
            <tbody>
                @foreach ($known as $line)
                    <tr @class(['is-over' => $line->isOver(), 'is-caution' => $line->isOutside() && ! $line->isOver()]) data-figure="rated {{ $line->key() }}" data-state="{{ $line->state()->value }}">
                        <th scope="row">{{ ucfirst(\App\Words\RatingWords::of($line)) }}</th>
                        <td data-carries>{{ $plan->print->carries($line) }}</td>
                        <td>{{ $plan->print->load($line->may) }}</td>
                        <td @class(['sentence' => $line->isOutside()])>{{ $plan->print->margin($line) }}{{ rtrim(' '.\App\Words\RatingWords::state($line)) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <x-derivation :groups="$ratings->terms($known)" :plan="$plan" :summary="__('page/plan.brief.where_these_loads_come_from')" />
    @endif
    @if ($plan->described->sheets->tanks() !== [])
        <table class="ledger">
            <caption>{{ __('page/plan.brief.tanks_what_filling_one_does') }}</caption>
            @foreach ($plan->described->sheets->tanks() as $tank)
                <tr><th scope="row">{{ __('page/plan.brief.full', ['tank' => ucfirst(\App\Words\LoadWords::tank($tank)), 'full' => $plan->print->load($tank->full)]) }}</th><td>{{ $plan->print->loadChange($tank->onTongue($plan->described->sheets->ballToAxle())) }}</td></tr>
            @endforeach
        </table>
    @endif
    @if ($unknown !== [])
        <details class="how"><summary>{{ __('page/plan.brief.not_checked_yet', ['many' => count($unknown)]) }}</summary>
        <ul class="wanted">
            @foreach ($unknown as $field => $line)
                @php([$label, $part] = $ratings->field($field))
                <li><a class="button is-small" href="{{ $plan->sheetOf($part) }}">{{ \App\Words\SpecificationWords::part($part) }}: {{ $label }}</a></li>
            @endforeach
        </ul>
        </details>
    @endif
    @include('plan.assumptions')
</div>
