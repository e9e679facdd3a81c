@if ($plan->plan->takenBack() > 0)
    <div class="do-next">
        <p>{{ $plan->onTheRoad() }} {{ __('load.fenders_mean_nothing') }}</p>
        <x-derivation :terms="$plan->takeBackTerms()" :plan="$plan" :summary="__('page/plan.take-back.where_this_comes_from')" />
    </div>
@endif
