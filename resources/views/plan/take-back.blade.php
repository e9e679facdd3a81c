@if ($plan->plan->takenBack() > 0)
    <div class="do-next">
        <p>{{ $plan->onTheRoad() }} {{ __('load.fenders_mean_nothing') }}</p>
        <x-derivation :terms="$plan->takeBackTerms()" :plan="$plan" summary="Where this comes from" />
    </div>
@endif
