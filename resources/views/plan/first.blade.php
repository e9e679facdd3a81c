{{-- From the first minute: the first setting, its chance, and the one field that would help most. --}}
@if ($plan->job && $plan->described->sheets->isPlainBall())
    @include('plan.need')
    @include('plan.most-useful')
@elseif ($plan->job && $plan->isBeforeTheFirst())
    <div @class(['do-next']) data-first>
        @if ($first = $plan->firstMove())
            <p>{{ __('move.planned', ['setting' => $plan->setting($first->forecast)]) }} <strong>{{ __('move.chance', ['chance' => ucfirst($plan->chance($first->forecast->chance))]) }}</strong></p>
            @if ($plan->plan->isInTheYardOnly($first->forecast))<p class="sentence" data-yard-only>{{ __('move.yard_only') }}</p>@endif
            @if ($plan->room($first->forecast) !== '')<p class="sentence" data-room>{{ $plan->room($first->forecast) }}</p>@endif
        @else
            <p>{{ __('verdict.family_unsaid') }}</p>
        @endif
    </div>
    @if ($plan->little() !== '')<p class="sentence" data-tone="note" data-little>{{ $plan->little() }}</p>@endif
    @includeWhen(isset($page) && $page->gauge() !== null, 'plan.gauge')
    @include('plan.most-useful')
@endif
