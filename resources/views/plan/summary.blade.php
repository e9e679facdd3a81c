@php($advised = $plan->plan->ballAdvised())
<dl class="plan-list">
    <div><dt>Ball over level coupler</dt><dd><strong>{{ $plan->print->height($advised->mean()) }}</strong> <span class="who">{{ $plan->print->doubt($advised) }}</span></dd></div>
    @if ($first = $plan->firstMove()?->forecast)
        <div><dt>First setting</dt><dd><strong>{{ $plan->setting($first) }}</strong> <span class="who">{{ $plan->chance($first->chance) }} likely to be in range</span></dd></div>
    @endif
</dl>
@include('plan.heights')
@include('plan.over')
