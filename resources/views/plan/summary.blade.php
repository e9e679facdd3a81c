@php($advised = $plan->plan->ballAdvised())
<dl class="plan-list">
    <div><dt>{{ __('page/plan.summary.ball_over_level_coupler') }}</dt><dd><strong>{{ $plan->print->length($plan->plan->ballPlanned()) }}</strong> <span class="who">{{ $plan->print->doubt($advised) }}</span></dd></div>
    @if ($first = $plan->firstMove()?->forecast)
        <div><dt>{{ __('page/plan.summary.first_setting') }}</dt><dd><strong>{{ $plan->setting($first) }}</strong> <span class="who">{{ __('page/plan.summary.likely_to_be_in_range', ['chance' => $plan->chance($first->chance)]) }}</span></dd></div>
    @endif
</dl>
@include('plan.heights')
@include('plan.over')
